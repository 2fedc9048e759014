/**
 * Readings with their times made into an hourly forecast: short holes are bridged and counted, a long one ends it.
 * Rain is shared out over the time to the next reading; all else is taken as of its instant.
 */
import { GUST_PER_WIND } from '@/core/air/five-numbers';
import { rhPctOfDew } from '@/core/air/moist';
import { rounded } from '@/core/numerics/round';
import { HOUR } from '@/core/time/instant';
import type { Doubt, ForecastMember } from '@/model/forecast';
import type { FileWeather } from '@/model/weather';
import { QUANTITIES, type Quantity } from './columns';
import { timeSaid } from './times';
import type { Fault, Parsed } from '../faults';

/** One line of a file, in our units; null where its cell is empty. */
export interface Reading {
  readonly ms: number;
  /** As an editor counts it. */
  readonly line: number;
  readonly of: Partial<Record<Quantity, number | null>>;
}
export interface SeriesAt {
  readonly tz: string;
  readonly nowMs: number;
}

/** Longer than this is not bridged, h. */
const BRIDGED_H = 3;
/** Hours before now that a plan can use, and the most hours of a forecast. */
const BEFORE_H = 48;
const MOST_H = 24 * 16 - 1;
const USUAL_CLOUD = 0.5;

/** Doubled and unordered hours, by line. */
export function orderFaults(readings: readonly Reading[], tz: string): Fault[] {
  return readings.flatMap((r, i): Fault[] => {
    const before = readings[i - 1];
    if (!before || r.ms > before.ms) return [];
    const said = timeSaid(r.ms, tz);
    const expected =
      r.ms === before.ms
        ? `one line for each time (${said} is in line ${before.line} too; take one out)`
        : `a time after line ${before.line}, ${timeSaid(before.ms, tz)} (got ${said}; sort the lines by time)`;
    return [{ path: `line ${r.line}, time`, expected }];
  });
}

/** Readings without a hole longer than is bridged. */
function stretchesOf(readings: readonly Reading[]): Reading[][] {
  const out: Reading[][] = [];
  for (const r of readings) {
    const last = out.at(-1)?.at(-1);
    if (last && r.ms - last.ms <= BRIDGED_H * HOUR) out.at(-1)!.push(r);
    else out.push([r]);
  }
  return out;
}

/** The stretch a plan made now can use: the one now lies in, else the next, else the last. */
function usable(stretches: readonly Reading[][], nowMs: number): Reading[] {
  return stretches.find((s) => s.at(-1)!.ms >= nowMs) ?? stretches.at(-1)!;
}

/** A quantity over time, without its empty cells. */
interface Known {
  readonly ms: readonly number[];
  readonly x: readonly number[];
}
function knownOf(readings: readonly Reading[], q: Quantity): Known {
  const full = readings.filter((r) => typeof r.of[q] === 'number');
  return { ms: full.map((r) => r.ms), x: full.map((r) => r.of[q]!) };
}

/** Straight between the readings around an instant; null where they are further apart than is bridged. */
function valueAt({ ms, x }: Known, at: number): { x: number; isBridged: boolean } | null {
  const next = ms.findIndex((t) => t >= at);
  if (next < 0) return null;
  if (ms[next] === at) return { x: x[next]!, isBridged: false };
  if (next === 0) return null;
  const gap = ms[next]! - ms[next - 1]!;
  if (gap > BRIDGED_H * HOUR) return null;
  const share = (at - ms[next - 1]!) / gap;
  return { x: x[next - 1]! + share * (x[next]! - x[next - 1]!), isBridged: gap > HOUR };
}

/** Rain that falls in the hour from an instant, mm: each reading's is shared over the time to the next. */
function rainIn({ ms, x }: Known, from: number): number {
  return ms.reduce((sum, start, i) => {
    const end = ms[i + 1] ?? start + HOUR;
    const overlap = Math.min(end, from + HOUR) - Math.max(start, from);
    return overlap > 0 ? sum + (x[i]! * overlap) / (end - start) : sum;
  }, 0);
}

type KnownOf = Readonly<Record<Quantity, Known>>;

interface Hour {
  readonly temp: number;
  readonly rh: number;
  readonly wind: number;
  readonly gust: number;
  readonly rainMm: number;
  readonly cloud: number;
  readonly chance: number;
  /** null where it is not told */
  readonly from: number | null;
  readonly isBridged: boolean;
}

/** A direction as it was told last: between two it does not run straight. */
function lastAt({ ms, x }: Known, at: number): number | null {
  const i = ms.findLastIndex((t) => t <= at);
  return i < 0 || at - ms[i]! > BRIDGED_H * HOUR ? null : x[i]!;
}

function humidityAt({ rh, dew }: KnownOf, at: number, air: number): ReturnType<typeof valueAt> {
  const told = valueAt(rh, at);
  if (told) return told;
  const point = valueAt(dew, at);
  if (!point) return null;
  return { ...point, x: rhPctOfDew(air, point.x) };
}

/** What is known of an hour; null where something needed is missing. */
function hourAt(known: KnownOf, at: number): Hour | null {
  const temp = valueAt(known.temp, at);
  const wind = valueAt(known.wind, at);
  const rh = temp && humidityAt(known, at, temp.x);
  if (!wind || !rh) return null;
  const rainMm = rainIn(known.rain, at);
  return {
    temp: temp.x,
    rh: rh.x,
    wind: wind.x,
    gust: Math.max(wind.x, valueAt(known.gust, at)?.x ?? wind.x * GUST_PER_WIND),
    rainMm,
    cloud: valueAt(known.cloud, at)?.x ?? USUAL_CLOUD,
    chance: valueAt(known.chance, at)?.x ?? (rainMm > 0 ? 1 : 0),
    from: lastAt(known.from, at),
    isBridged: [temp, wind, rh].some((v) => v.isBridged),
  };
}

/** The hours from the first on until something needed is missing. */
function hourly(stretch: readonly Reading[]): { hours: Hour[]; endMs: number } {
  const known = Object.fromEntries(QUANTITIES.map((q) => [q, knownOf(stretch, q)])) as Record<
    Quantity,
    Known
  >;
  const hours: Hour[] = [];
  let at = stretch[0]!.ms;
  for (; at <= stretch.at(-1)!.ms && hours.length <= MOST_H; at += HOUR) {
    const hour = hourAt(known, at);
    if (!hour) break;
    hours.push(hour);
  }
  return { hours, endMs: at };
}

const lineOf = (hours: readonly Hour[]): ForecastMember => ({
  airTempC: hours.map((h) => rounded(h.temp)),
  rhPct: hours.map((h) => rounded(h.rh)),
  windMs: hours.map((h) => rounded(h.wind)),
  gustMs: hours.map((h) => rounded(h.gust)),
  rainMm: hours.map((h) => rounded(h.rainMm)),
  cloudFrac: hours.map((h) => rounded(h.cloud)),
});

/** Where it comes from, when every hour tells. */
function windFrom(hours: readonly Hour[]): Pick<FileWeather['forecast'], 'windFromDeg'> {
  const from = hours.flatMap((h) => h.from ?? []);
  return from.length === hours.length ? { windFromDeg: from.map(rounded) } : {};
}

/** @param readings in order of time, at least two */
export function forecastOfReadings(readings: readonly Reading[], { nowMs }: SeriesAt): Parsed<FileWeather> {
  const near = readings.filter(
    (r) => r.ms >= nowMs - BEFORE_H * HOUR && r.ms <= nowMs + (MOST_H + BRIDGED_H) * HOUR,
  );
  const stretch = usable(stretchesOf(near.length > 1 ? near : readings), nowMs);
  const { hours, endMs } = hourly(stretch);
  if (hours.length < 2) {
    const expected = 'at least two hours with temperature, humidity or dew point, and wind';
    return { ok: false, faults: [{ path: `line ${stretch[0]!.line}`, expected }] };
  }
  const hasChance = stretch.some((r) => typeof r.of.chance === 'number');
  const doubt: Doubt | null = hasChance ? { rainChance: hours.map((h) => rounded(h.chance)) } : null;
  const isOpen = endMs <= readings.at(-1)!.ms && hours.length <= MOST_H;
  return {
    ok: true,
    value: {
      forecast: {
        start: new Date(stretch[0]!.ms).toISOString(),
        stepMin: 60,
        members: [lineOf(hours)],
        ...(doubt && { doubt }),
        ...windFrom(hours),
      },
      bridgedH: hours.filter((h) => h.isBridged).length,
      openFromMs: isOpen ? endMs : null,
    },
  };
}
