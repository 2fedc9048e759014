/** Free hours of a civil week, with exceptions by date, as spans of instants. */
import { DateTime } from 'luxon';
import { msOf, type Span } from './instant';
import { joinedSpans, withoutSpans } from './spans';

const NAMES = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;
type ClockSpans = readonly (readonly [string, string])[];
/** Clock spans per weekday, and dates on which other spans hold. */
export interface WeekOfHours {
  readonly weekly: Readonly<Record<(typeof NAMES)[number], ClockSpans>>;
  readonly exceptions: readonly { readonly date: string; readonly spans: ClockSpans }[];
  /** Hours that are taken, from and until, as instants with an offset. */
  readonly busy?: readonly (readonly [from: string, until: string])[] | undefined;
}

/** The same hours on every day of the week. */
export const everyDay = (from: string, to: string): WeekOfHours['weekly'] => {
  const spans: ClockSpans = [[from, to]];
  return { mon: spans, tue: spans, wed: spans, thu: spans, fri: spans, sat: spans, sun: spans };
};

/** A clock time as hour and minute; 24:00 is the end of its day. */
function hourAndMinute(clock: string): readonly [hour: number, minute: number] {
  const [h, m] = clock.split(':').map(Number);
  return [h ?? 0, m ?? 0];
}

const minuteOf = (clock: string): number => {
  const [h, m] = hourAndMinute(clock);
  return h * 60 + m;
};

/** Minutes of the spans of one day, by the clock. */
export const clockMinutes = (spans: ClockSpans): number =>
  spans.reduce((a, [from, to]) => a + minuteOf(to) - minuteOf(from), 0);

/**
 * Free spans that touch [fromMs, toMs], in order, joined where they meet. A clock change moves
 * the instants, not the clock times; a clock time that does not exist that day moves forward.
 */
export function freeSpans(hours: WeekOfHours, tz: string, fromMs: number, toMs: number): Span[] {
  const out: Span[] = [];
  const except = new Map(hours.exceptions.map((e) => [e.date, e.spans]));
  for (
    let day = DateTime.fromMillis(fromMs, { zone: tz }).startOf('day');
    day.toMillis() < toMs;
    day = day.plus({ days: 1 })
  ) {
    const name = NAMES[day.weekday - 1]!;
    const spans = except.get(day.toISODate() ?? '') ?? hours.weekly[name];
    const at = (clock: string): number => {
      const [hour, minute] = hourAndMinute(clock);
      return hour === 24 ? day.plus({ days: 1 }).toMillis() : day.set({ hour, minute }).toMillis();
    };
    for (const [a, b] of spans) {
      const startMs = at(a);
      const endMs = at(b);
      if (startMs < endMs) out.push({ startMs, endMs });
    }
  }
  const open = joinedSpans(out).filter((s) => s.endMs > fromMs && s.startMs < toMs);
  return hours.busy ? withoutSpans(open, takenOf(hours.busy, tz)) : open;
}

const takenOf = (busy: NonNullable<WeekOfHours['busy']>, tz: string): Span[] =>
  busy.map(([from, until]) => ({ startMs: msOf(from, tz), endMs: msOf(until, tz) }));
