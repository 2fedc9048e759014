/** Saturdays at ten by the clock of a place: when many people paint, whatever comes. */
import { freeSpans, type WeekOfHours } from '@/core/time/free-hours';

const TEN: WeekOfHours = {
  weekly: { mon: [], tue: [], wed: [], thu: [], fri: [], sat: [['10:00', '10:30']], sun: [] },
  exceptions: [],
};

/** Instants from and before, ms. */
export const saturdaysAtTen = (tz: string, fromMs: number, beforeMs: number): number[] =>
  freeSpans(TEN, tz, fromMs, beforeMs)
    .map((s) => s.startMs)
    .filter((ms) => ms >= fromMs && ms < beforeMs);
