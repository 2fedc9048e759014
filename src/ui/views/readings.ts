/** Readings in words: what was read, how far off the forecast was, and what the plan makes of it. */
import type { DayRecord } from '@/core/air/record';
import type { CorrectedSaid } from '@/core/air/readings';
import { round1 } from '@/core/numerics/round';
import type { PlaceHour } from '@/core/place-air';
import { HOUR, isoOf } from '@/core/time/instant';
import type { KeptReading, Measure, Measured } from '@/model/reading';
import type { Format } from '@/words/format';
import type { Compared } from './forecast-chart';

export const clockAt = (ms: number, tz: string, f: Format): string => f.time(isoOf(ms, tz));
export const readingAt = ({ ms }: KeptReading, tz: string, f: Format): string => f.dayTime(isoOf(ms, tz));

/** “air 11.8 °C, 84 %, panel 11.8 °C, wind 0.9 m/s” */
export function measuredSaid({ airC, rhPct, panelC, windMs }: Measured, f: Format): string {
  return [
    ...(airC === undefined ? [] : [`air ${f.temp(round1(airC))}`]),
    ...(rhPct === undefined ? [] : [f.pct(rhPct / 100)]),
    ...(panelC === undefined ? [] : [`part ${f.temp(round1(panelC))}`]),
    ...(windMs === undefined ? [] : [`wind ${f.speed(windMs)}`]),
  ].join(', ');
}

const OFF_SAID: Readonly<Record<Measure, (off: number, f: Format) => string>> = {
  airC: (x, f) => `air ${f.gap(round1(Math.abs(x)))} ${x >= 0 ? 'warmer' : 'colder'}`,
  rhPct: (x) => `${Math.round(Math.abs(x))} points ${x >= 0 ? 'damper' : 'drier'}`,
  panelC: (x, f) => `the part ${f.gap(round1(Math.abs(x)))} ${x >= 0 ? 'warmer' : 'colder'}`,
  windMs: (x, f) => `${f.speed(Math.abs(x))} ${x >= 0 ? 'more' : 'less'} wind`,
};

/** Nearer than this is as expected. */
const WORTH: Readonly<Record<Measure, number>> = { airC: 0.3, rhPct: 2, panelC: 0.3, windMs: 0.2 };

/** “air 1.2 K colder, 6 points damper than was expected” */
export function offSaid(off: CorrectedSaid['off'], f: Format): string {
  const far = (Object.entries(off) as [Measure, number][]).filter(([q, x]) => Math.abs(x) >= WORTH[q]);
  if (far.length === 0) return 'as was expected';
  return `${far.map(([q, x]) => OFF_SAID[q](x, f)).join(', ')} than was expected`;
}

/** What readings made of the forecast; null without any. */
export function correctedSaid(corrected: CorrectedSaid | null, tz: string, f: Format): string | null {
  if (!corrected) return null;
  const { atMs, effective, members, isWidened, off } = corrected;
  const made = isWidened
    ? `The forecast is off: its futures are moved to what was read and stand wider, fading over the next hours.`
    : `${Math.round(effective)} of ${members} futures agree with it and are planned on; it fades over the next hours.`;
  return `Read at ${clockAt(atMs, tz, f)}: ${offSaid(off, f)}. ${made}`;
}

const SOURCE_SAID: Readonly<Record<KeptReading['source'], string>> = {
  typed: 'typed in',
  sensor: 'by sensor',
  log: 'from a log',
};
export const readingSource = ({ source }: KeptReading): string => SOURCE_SAID[source];

/** A reading beside what was expected then, for the chart. */
export interface ReadPoint {
  readonly ms: number;
  readonly label: string;
  readonly expected: number | null;
  readonly read: number | null;
}

const EXPECTED: Readonly<Record<Compared, (h: PlaceHour) => number>> = {
  temp: (h) => h.airC,
  rh: (h) => h.rhPct / 100,
  wind: (h) => h.windMs,
};
const READ: Readonly<Record<Compared, (r: Measured) => number | undefined>> = {
  temp: (r) => r.airC,
  rh: (r) => (r.rhPct === undefined ? undefined : r.rhPct / 100),
  wind: (r) => r.windMs,
};

interface PointsAsked {
  readonly kind: Compared;
  readonly tz: string;
  readonly nowMs: number;
  /** hours back */
  readonly back: number;
}

/** Hours back to now: what was expected in the place, and what was read. */
export function readPoints(
  hours: readonly PlaceHour[],
  readings: readonly KeptReading[],
  { kind, tz, nowMs, back }: PointsAsked,
  f: Format,
): ReadPoint[] {
  const fromMs = nowMs - back * HOUR;
  const label = (ms: number): string => f.dayTime(isoOf(ms, tz));
  const expected = hours
    .filter((h) => h.ms >= fromMs && h.ms <= nowMs + HOUR)
    .map((h): ReadPoint => ({ ms: h.ms, label: label(h.ms), expected: EXPECTED[kind](h), read: null }));
  const read = readings.flatMap((r): ReadPoint[] => {
    const value = READ[kind](r);
    if (value === undefined || r.ms < fromMs) return [];
    return [{ ms: r.ms, label: label(r.ms), expected: null, read: value }];
  });
  return [...expected, ...read].sort((a, b) => a.ms - b.ms);
}

/** Mean and spread of read less expected over the points there are; null under three. */
export function offInAll(points: readonly ReadPoint[]): { readonly n: number; readonly mean: number } | null {
  const known = points.filter((p) => p.expected !== null);
  const offs = points.flatMap((p) => {
    if (p.read === null) return [];
    const after = known.findIndex((k) => k.ms >= p.ms);
    const b = known[after];
    const a = known[Math.max(0, after - 1)];
    if (!a || !b) return [];
    const part = b.ms === a.ms ? 0 : (p.ms - a.ms) / (b.ms - a.ms);
    return [p.read - (a.expected! + part * (b.expected! - a.expected!))];
  });
  return offs.length < 3 ? null : { n: offs.length, mean: offs.reduce((x, y) => x + y, 0) / offs.length };
}

/** A day told beforehand and as it came, °C. */
export interface DayCame {
  readonly date: string;
  readonly label: string;
  readonly told: number;
  readonly came: number;
}

/** Each day once, by what was told of it last before it. */
export function daysCame(record: readonly DayRecord[], f: Format): DayCame[] {
  const nearest = new Map<string, DayRecord>();
  for (const r of record) {
    const known = nearest.get(r.date);
    if (!known || r.leadDays < known.leadDays) nearest.set(r.date, r);
  }
  return [...nearest.values()]
    .sort((a, b) => a.date.localeCompare(b.date))
    .map(({ date, before, actual }) => ({
      date,
      label: f.day(`${date}T12:00`),
      told: before.highC,
      came: actual.highC,
    }));
}
