/** Times as files write them: ISO, day or month first, twelve-hour clocks, seconds since 1970. */
import { isoOf, msOf } from '@/core/time/instant';

const SLASHED = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})(?:[ T,]+(.*))?$/;
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
  return clock === null ? null : `${slashed[3]}-${two(month)}-${two(day)}T${clock}`;
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
    .join(' ');
  if (text.length > MOST_TEXT) return null;
  if (/^\d{10}$/.test(text)) return Number(text) * 1000;
  if (/^\d{13}$/.test(text)) return Number(text);
  const own = isoText(text, isDayFirst);
  if (own !== null) return instantAt(own, tz);
  const [date, ...clock] = text.split(/[ T]+/);
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
