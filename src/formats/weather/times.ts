/**
 * Times as files write them: ISO, year first with any sign or none, day or month first, months by their names,
 * twelve-hour clocks, seconds since 1970.
 */
import { isoOf, msOf } from '@/core/time/instant';

const SLASHED = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})(?:[ T,]+(.*))?$/;
const YEAR_FIRST = /^(\d{4})[./-](\d{1,2})[./-](\d{1,2})(?=$|[ T,])/;
/** 20260516, 20260516T0750, 20260516 07:50:00 */
const RUN_ON = /^(\d{4})(\d{2})(\d{2})(?:[T ]?(\d{2}):?(\d{2})(?::?\d{2})?)?(Z?)$/i;
const NAMED = [
  /^(\d{1,2})[ .-]+([a-z]{3})[a-z]*[ .,-]+(\d{4})(.*)$/i,
  /^([a-z]{3})[a-z]*[ .]+(\d{1,2}),?[ ]+(\d{4})(.*)$/i,
] as const;
const WEEKDAY = /^(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*[,.]? +/i;
const MONTHS = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');
const CLOCK = /^(\d{1,2})(?::(\d{2}))?(?::(\d{2})(?:\.\d+)?)?\s*([ap])?\.?m?\.?$/i;
/** Longer than any time. */
const MOST_TEXT = 60;
const two = (x: number | string): string => String(x).padStart(2, '0');

/** Hour of a clock of twelve or of twenty-four; null when there is none such. */
function hourOf(h: number, half: string | undefined): number | null {
  if (half === undefined) return h <= 24 ? h : null;
  if (h < 1 || h > 12) return null;
  return (h % 12) + (half === 'p' ? 12 : 0);
}

/** 2:30 PM as 14:30:00; null when it is no clock time. */
function clockOf(text: string): string | null {
  const m = CLOCK.exec(text.trim());
  if (!m) return null;
  const h = hourOf(Number(m[1]), m[4]?.toLowerCase());
  const min = Number(m[2] ?? 0);
  if (h === null || min > 59 || (h === 24 && min > 0)) return null;
  return `${two(h)}:${two(min)}:${two(m[3] ?? 0)}`;
}

/** As ISO without a zone; null when it has no such form. */
function isoText(text: string, isDayFirst: boolean): string | null {
  const slashed = SLASHED.exec(text);
  if (!slashed) return null;
  const [a, b] = [Number(slashed[1]), Number(slashed[2])];
  const [day, month] = isDayFirst ? [a, b] : [b, a];
  const clock = clockOf(slashed[4] ?? '0:00');
  const year = slashed[3]!.length === 2 ? `20${slashed[3]}` : slashed[3];
  return clock === null ? null : `${year}-${two(month)}-${two(day)}T${clock}`;
}

/** 16 May 2026 and May 16, 2026 with the year first; any other text as it is. */
function yearFirst(text: string): string {
  const run = RUN_ON.exec(text);
  if (run) return `${run[1]}-${run[2]}-${run[3]} ${run[4] ?? '00'}:${run[5] ?? '00'}${run[6]!.toUpperCase()}`;
  const dayNamed = NAMED[0].exec(text);
  const monthNamed = NAMED[1].exec(text);
  const [day, name, year, rest] = dayNamed
    ? [dayNamed[1], dayNamed[2], dayNamed[3], dayNamed[4]]
    : [monthNamed?.[2], monthNamed?.[1], monthNamed?.[3], monthNamed?.[4]];
  const month = MONTHS.indexOf((name ?? '').toLowerCase());
  if (month >= 0) return `${year}-${two(month + 1)}-${two(day!)} ${rest!.replace(/^[ ,]+/, '')}`.trim();
  return text.replace(YEAR_FIRST, (_all, y: string, m: string, d: string) => `${y}-${two(m)}-${two(d)}`);
}

/** A clock time of 24:00 is midnight of the day after. */
function instantAt(iso: string, tz: string): number | null {
  try {
    return msOf(iso, tz);
  } catch {
    return null;
  }
}

/**
 * @param cells one cell, or the date and the clock
 * @returns epoch ms, or null when it is no time
 */
export function timeOf(cells: readonly string[], isDayFirst: boolean, tz: string): number | null {
  const text = cells
    .map((c) => c.trim())
    .filter(Boolean)
    .join(' ')
    .replace(WEEKDAY, '');
  if (text.length > MOST_TEXT) return null;
  if (/^\d{10}$/.test(text)) return Number(text) * 1000;
  if (/^\d{13}$/.test(text)) return Number(text);
  const own = isoText(text, isDayFirst);
  if (own !== null) return instantAt(own, tz);
  const [date, ...clock] = yearFirst(text).split(/[ T,]+/);
  if (!/^\d{4}-\d\d-\d\d$/.test(date ?? '')) return null;
  const rest = clock.join(' ');
  if (/(?:z|[+-]\d\d:?\d\d)$/i.test(rest)) return instantAt(`${date}T${rest}`, tz);
  const at = clockOf(rest === '' ? '0:00' : rest);
  return at === null ? null : instantAt(`${date}T${at}`, tz);
}

/** Whether the cells settle which of two figures is the day: true, false, or null when they do not. */
export function dayFirstBy(cells: readonly string[]): boolean | null {
  const pairs = cells.flatMap((c) => {
    const m = SLASHED.exec(c.trim());
    return m ? [[Number(m[1]), Number(m[2])] as const] : [];
  });
  if (pairs.some(([a]) => a > 12)) return true;
  return pairs.some(([, b]) => b > 12) ? false : null;
}

export const timeSaid = (ms: number, tz: string): string => isoOf(ms, tz).slice(0, 16).replace('T', ' ');
