/** The usual day of a place from a log of its air: what each hour was like on average. */
import { round1 } from '../numerics/round';
import type { Reading } from '@/model/reading';
import { hourOfDay } from '../time/hour-of-day';

export interface CourseHour {
  readonly airC: number;
  readonly rhPct: number;
}
const HOURS = 24;
/** Fewer hours of the day that were logged than this tell no day. */
const LEAST_HOURS = 18;

const wrapped = (h: number): number => ((h % HOURS) + HOURS) % HOURS;

/** Straight between the hours that are known on either side, round midnight. */
function filled(known: readonly (number | null)[]): number[] {
  return known.map((x, h) => {
    if (x !== null) return x;
    const step = (by: 1 | -1): { at: number; x: number } => {
      let n = 1;
      while (known[wrapped(h + by * n)] === null) n++;
      return { at: n, x: known[wrapped(h + by * n)]! };
    };
    const [before, after] = [step(-1), step(1)];
    return (before.x * after.at + after.x * before.at) / (before.at + after.at);
  });
}

/** Mean of each hour of the day, in the place's own time; null where the log does not hold most of a day. */
export function courseOf(readings: readonly Reading[], tz: string): CourseHour[] | null {
  const full = readings.filter((r) => r.airC !== undefined && r.rhPct !== undefined);
  const sums = Array.from({ length: HOURS }, () => ({ n: 0, airC: 0, rhPct: 0 }));
  for (const r of full) {
    const sum = sums[Math.floor(hourOfDay(r.ms, tz))]!;
    sum.n++;
    sum.airC += r.airC!;
    sum.rhPct += r.rhPct!;
  }
  if (sums.filter((s) => s.n > 0).length < LEAST_HOURS) return null;
  const airC = filled(sums.map((s) => (s.n > 0 ? s.airC / s.n : null)));
  const rhPct = filled(sums.map((s) => (s.n > 0 ? s.rhPct / s.n : null)));
  return airC.map((c, h) => ({ airC: round1(c), rhPct: round1(rhPct[h]!) }));
}

/** Of an instant; each hour's mean stands at its middle, and it runs straight between them. */
export function courseAt(course: readonly CourseHour[], ms: number, tz: string): CourseHour {
  const x = hourOfDay(ms, tz) - 0.5;
  const from = course[wrapped(Math.floor(x))]!;
  const to = course[wrapped(Math.floor(x) + 1)]!;
  const part = x - Math.floor(x);
  return {
    airC: from.airC + part * (to.airC - from.airC),
    rhPct: from.rhPct + part * (to.rhPct - from.rhPct),
  };
}
