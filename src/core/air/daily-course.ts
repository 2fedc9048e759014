/**
 * Air temperature hour by hour from each day's low and high. Daylight: a sine that is late by `LAG_MAX_H`; night: an
 * exponential fall that ends at the next low. Source: Parton & Logan 1981 (constants for air at 1.5 m); there the
 * night ends above the next low and jumps, here it is scaled to meet it. Where the sun does not rise, does not set or
 * shines for too short a while, half cosines between low and high.
 */
import { getTimes } from 'suncalc';
import { DAY, HOUR } from '../time/instant';

/** The warmest hour is this long after solar noon, h. [M] */
const LAG_MAX_H = 1.86;
/** Shape of the fall at night. [M] */
const NIGHT_FALL = 2.2;
/** The coldest moment is this long after sunrise, h: a little before it. [M] */
const LAG_MIN_H = -0.17;
/** ASSUMED: without a sun to rise, the warmest and coldest moments stand this far from solar noon, h. */
const SUNLESS_MAX_H = 2;
const SUNLESS_MIN_H = -10;

/** The low of a morning and the high that follows, °C. */
export interface LowHigh {
  readonly lowC: number;
  readonly highC: number;
}

/** A day whose course is known, with when its sun is up. */
export interface CourseDay extends LowHigh {
  readonly minMs: number;
  readonly noonMs: number;
  /** null where the course is not led by the sun */
  readonly sun: { readonly setMs: number; readonly upH: number } | null;
}

export interface Spot {
  readonly lat: number;
  readonly lon: number;
}

/**
 * @param middayMs an instant near the middle of the civil day, ms
 */
export function courseDay({ lowC, highC }: LowHigh, { lat, lon }: Spot, middayMs: number): CourseDay {
  if (!(lowC <= highC)) throw new RangeError(`courseDay: the low, ${lowC}, is above the high, ${highC}`);
  const times = nearestNoon(middayMs, { lat, lon });
  const noonMs = times.solarNoon.getTime();
  const rise = times.sunrise?.getTime();
  const set = times.sunset?.getTime();
  const upH = rise === undefined || set === undefined ? 0 : (set - rise) / HOUR;
  if (rise === undefined || set === undefined || upH < 2 * LAG_MAX_H)
    return { lowC, highC, noonMs, minMs: noonMs + SUNLESS_MIN_H * HOUR, sun: null };
  return { lowC, highC, noonMs, minMs: rise + LAG_MIN_H * HOUR, sun: { setMs: set, upH } };
}

/** The sun's times of the solar day whose noon is nearest: far from Greenwich the UTC day is another one. */
function nearestNoon(middayMs: number, { lat, lon }: Spot): ReturnType<typeof getTimes> {
  const all = [-DAY, 0, DAY].map((shift) => getTimes(new Date(middayMs + shift), lat, lon));
  const off = (t: (typeof all)[number]): number => Math.abs(t.solarNoon.getTime() - middayMs);
  return all.reduce((best, t) => (off(t) < off(best) ? t : best));
}

/** From a to b along half a cosine, share 0…1. */
const cosine = (a: number, b: number, share: number): number =>
  a + ((b - a) * (1 - Math.cos(Math.PI * share))) / 2;

/** Temperature between the low of one day and the low of the next, °C. */
function between(day: CourseDay, next: CourseDay, ms: number): number {
  const { lowC, highC, minMs, sun } = day;
  if (!sun) {
    const maxMs = day.noonMs + SUNLESS_MAX_H * HOUR;
    if (ms < maxMs) return cosine(lowC, highC, (ms - minMs) / (maxMs - minMs));
    return cosine(highC, next.lowC, (ms - maxMs) / (next.minMs - maxMs));
  }
  const byDay = (at: number): number =>
    lowC + (highC - lowC) * Math.sin((Math.PI * (at - minMs)) / HOUR / (sun.upH + 2 * LAG_MAX_H));
  if (ms <= sun.setMs) return byDay(ms);
  const atSet = byDay(sun.setMs);
  const left = Math.exp((-NIGHT_FALL * (ms - sun.setMs)) / (next.minMs - sun.setMs));
  const end = Math.exp(-NIGHT_FALL);
  return next.lowC + ((atSet - next.lowC) * (left - end)) / (1 - end);
}

/**
 * Air temperature at an instant, °C. Before the first low and after the last day its own day is repeated.
 * @param days in order, at least one
 */
export function airTempC(days: readonly CourseDay[], ms: number): number {
  const first = days[0]!;
  const last = days.at(-1)!;
  const shifted = (d: CourseDay, by: number): CourseDay => ({
    ...d,
    minMs: d.minMs + by,
    noonMs: d.noonMs + by,
    sun: d.sun && { ...d.sun, setMs: d.sun.setMs + by },
  });
  const all = [shifted(first, -DAY), ...days, shifted(last, DAY), shifted(last, 2 * DAY)];
  const i = all.findIndex((_d, k) => ms < (all[k + 1]?.minMs ?? Infinity));
  return between(all[i]!, all[Math.min(i + 1, all.length - 1)]!, Math.max(ms, all[i]!.minMs));
}

/** Between what two noons have, straight; before the first and after the last its own. */
export function betweenNoons(
  days: readonly Pick<CourseDay, 'noonMs'>[],
  of: (i: number) => number,
  ms: number,
): number {
  const i = days.findIndex((d) => d.noonMs > ms);
  if (i === 0) return of(0);
  if (i < 0) return of(days.length - 1);
  const share = (ms - days[i - 1]!.noonMs) / (days[i]!.noonMs - days[i - 1]!.noonMs);
  return of(i - 1) + share * (of(i) - of(i - 1));
}
