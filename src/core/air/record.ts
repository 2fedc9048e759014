/**
 * How wrong the forecasts that were typed in have been here: what was told of a day beforehand against what was told
 * of it on the day itself. The usual errors stand until enough days say otherwise.
 */
import type { DayEntry } from '@/model/weather';
import { rmsTempK, rmsWindMs } from './dress';

/** One forecast that was typed in. */
export interface TypedIn {
  /** Civil date on which it was told. */
  readonly toldOn: string;
  readonly days: readonly DayEntry[];
}
/** One day, told beforehand and on the day. */
export interface DayRecord {
  readonly date: string;
  /** Days between. */
  readonly leadDays: number;
  readonly before: DayEntry;
  readonly actual: DayEntry;
}
export interface Learned {
  readonly days: number;
  /** Errors here over the usual ones. */
  readonly tempScale: number;
  readonly windScale: number;
  /** Mean error of the highs as they were told, K: above 0 it comes cooler than told. */
  readonly highBiasK: number;
}

/** The usual errors weigh as much as so many days. ASSUMED. */
const PRIOR_DAYS = 8;
const LEAST_SCALE = 0.5;
const MOST_SCALE = 2;
const DAY_MS = 86_400_000;

const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);

/**
 * Each day that was told on its own day, with each time it was told before.
 * @param typed newest first
 */
export function recordOf(typed: readonly TypedIn[]): DayRecord[] {
  const actuals = new Map<string, DayEntry>();
  for (const { toldOn, days } of typed) {
    const today = days.find((d) => d.date === toldOn);
    if (today && !actuals.has(toldOn)) actuals.set(toldOn, today);
  }
  return typed.flatMap(({ toldOn, days }) =>
    days.flatMap((before): DayRecord[] => {
      const actual = actuals.get(before.date);
      const leadDays = daysBetween(toldOn, before.date);
      return actual && leadDays >= 1 ? [{ date: before.date, leadDays, before, actual }] : [];
    }),
  );
}

/** Root of the mean square of errors over their usual size, the usual ones counted in. */
function scaleOf(ratios: readonly number[]): number {
  const sum = ratios.reduce((a, r) => a + r * r, PRIOR_DAYS);
  const scale = Math.sqrt(sum / (ratios.length + PRIOR_DAYS));
  return Math.min(MOST_SCALE, Math.max(LEAST_SCALE, scale));
}

/** null while no day was told both beforehand and on the day */
export function learnedFrom(record: readonly DayRecord[]): Learned | null {
  if (record.length === 0) return null;
  const highs = record.map(({ before, actual }) => before.highC - actual.highC);
  const temps = record.flatMap(({ leadDays, before, actual }, i) => {
    const usual = rmsTempK(leadDays * 24);
    return [highs[i]! / usual, (before.lowC - actual.lowC) / usual];
  });
  const winds = record.map(
    ({ leadDays, before, actual }) => (before.windMs - actual.windMs) / rmsWindMs(leadDays * 24),
  );
  return {
    days: new Set(record.map((r) => r.date)).size,
    tempScale: scaleOf(temps),
    windScale: scaleOf(winds),
    highBiasK: highs.reduce((a, b) => a + b, 0) / highs.length,
  };
}
