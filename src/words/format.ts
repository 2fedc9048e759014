/** Figures as people read them: metric or US, a space before the unit, 24 h clock, money by code. Pure. */
import {
  deltaFFromK,
  fFromC,
  flOzFromMl,
  ft2FromM2,
  inFromMm,
  milFromUm,
  mphFromMs,
} from '@/core/units/convert';

export type UnitSystem = 'metric' | 'us';

export interface Format {
  readonly units: UnitSystem;
  temp(c: number): string;
  gap(k: number): string;
  film(um: number): string;
  area(m2: number): string;
  volume(ml: number): string;
  speed(ms: number): string;
  length(mm: number): string;
  money(amount: number, currency: string): string;
  pct(frac: number): string;
  duration(min: number): string;
  hours(h: number): string;
  time(iso: string): string;
  day(iso: string): string;
  /** With its year. */
  date(iso: string): string;
  dayTime(iso: string): string;
}

const fixed = (x: number, d: number): string => x.toFixed(d).replace(/^-(0(\.0+)?)$/, '$1');

/** Chance as whole per cent, never 0 and never 100. */
export function percentOf(chance: number): number {
  return Math.min(99, Math.max(1, Math.round(chance * 100)));
}

/** “1 session”, “2 sessions”. */
export const counted = (n: number, one: string): string => `${n} ${n === 1 ? one : `${one}s`}`;

/** Duration in words: 43 min, 2 h, 1 h 06. */
export function durationOf(minutes: number): string {
  const m = Math.round(minutes);
  if (m < 60) return `${m} min`;
  if (m >= 2880) return `${Math.round(m / 1440)} days`;
  const h = Math.floor(m / 60);
  const rest = m % 60;
  return rest === 0 ? `${h} h` : `${h} h ${String(rest).padStart(2, '0')}`;
}

/** Signs that stand before an amount; other currencies go by their code. */
export const CURRENCY_SIGNS: Readonly<Record<string, string>> = { GBP: '£', EUR: '€', USD: '$' };

/** ISO with offset carries its own clock: the day and time are read off the text, whatever zone the reader is in. */
function clockOf(iso: string): string {
  return iso.slice(11, 16);
}
const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'] as const;
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;
function dayOf(iso: string): string {
  const [y, m, d] = iso.slice(0, 10).split('-').map(Number) as [number, number, number];
  return `${DAYS[new Date(Date.UTC(y, m - 1, d)).getUTCDay()]} ${d} ${MONTHS[m - 1]}`;
}

/** “16 May 2024”. */
function dateOf(iso: string): string {
  const [y, m, d] = iso.slice(0, 10).split('-').map(Number) as [number, number, number];
  return `${d} ${MONTHS[m - 1]} ${y}`;
}

/** An instant as one reads it now: of another year by its date. */
export const whenOf = (iso: string, nowIso: string, f: Pick<Format, 'date' | 'dayTime'>): string =>
  iso.slice(0, 4) === nowIso.slice(0, 4) ? f.dayTime(iso) : f.date(iso);

export function formatFor(units: UnitSystem): Format {
  const us = units === 'us';
  return {
    units,
    temp: (c) => (us ? `${fixed(fFromC(c), 0)} °F` : `${fixed(c, Number.isInteger(c) ? 0 : 1)} °C`),
    gap: (k) => (us ? `${fixed(deltaFFromK(k), 0)} °F` : `${fixed(k, Number.isInteger(k) ? 0 : 1)} °C`),
    film: (um) => (us ? `${fixed(milFromUm(um), um < 20 ? 2 : 1)} mil` : `${fixed(um, 0)} µm`),
    area: (m2) => (us ? `${fixed(ft2FromM2(m2), 1)} ft²` : `${fixed(m2, m2 > 0 && m2 < 0.02 ? 3 : 2)} m²`),
    volume: (ml) => (us ? `${fixed(flOzFromMl(ml), 1)} fl oz` : `${fixed(ml, 0)} ml`),
    speed: (ms) => (us ? `${fixed(mphFromMs(ms), 1)} mph` : `${fixed(ms, 1)} m/s`),
    length: (mm) => (us ? `${fixed(inFromMm(mm), 1)} in` : `${fixed(mm, 0)} mm`),
    money: (a, currency) => {
      const s = CURRENCY_SIGNS[currency];
      return s ? `${s}${a.toFixed(2)}` : `${a.toFixed(2)} ${currency}`;
    },
    pct: (f) => `${Math.round(f * 100)} %`,
    duration: durationOf,
    hours: (h) => durationOf(h * 60),
    time: clockOf,
    day: dayOf,
    date: dateOf,
    dayTime: (iso) => `${dayOf(iso)}, ${clockOf(iso)}`,
  };
}
