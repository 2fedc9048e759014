/**
 * Instants are epoch milliseconds; civil times belong to a named zone. Elapsed time counts for
 * drying, civil time for free hours. Zones are looked up at day boundaries only.
 */
import { DateTime } from 'luxon';

export const MINUTE = 60_000;
export const HALF_HOUR = 30 * MINUTE;
export const HOUR = 60 * MINUTE;
export const DAY = 24 * HOUR;

export interface Span {
  readonly startMs: number;
  readonly endMs: number;
}

/**
 * ISO 8601 to epoch ms. Without an offset the zone applies.
 * @throws RangeError when it is no real time or the zone is unknown
 */
export function msOf(iso: string, tz: string): number {
  const t = DateTime.fromISO(iso, { zone: tz });
  if (!t.isValid) throw new RangeError(`no time: ${iso} (${t.invalidReason ?? 'unknown'})`);
  return t.toMillis();
}

/** Epoch ms of an ISO time that carries its offset, as every time of a plan does. */
export const instantOf = (iso: string): number => Date.parse(iso);

/** Minutes from one such time to another. */
export const minutesBetween = (from: string, to: string): number =>
  (instantOf(to) - instantOf(from)) / MINUTE;

/**
 * Offset of the zone at an instant, ms east of UTC. luxon is asked at the edges of the UTC day
 * only; within a day whose edges agree the offset holds, on a day of change it is asked again.
 */
const offsets = new Map<string, Map<number, number | null>>();
function offsetMs(ms: number, tz: string): number {
  const ask = (at: number): number => {
    const t = DateTime.fromMillis(at, { zone: tz });
    if (!t.isValid) throw new RangeError(`no instant: ${at} in ${tz}`);
    return t.offset * MINUTE;
  };
  let days = offsets.get(tz);
  if (!days) offsets.set(tz, (days = new Map()));
  const day = Math.floor(ms / DAY);
  let known = days.get(day);
  if (known === undefined) {
    const a = ask(day * DAY);
    known = a === ask((day + 1) * DAY) ? a : null;
    days.set(day, known);
  }
  return known ?? ask(ms);
}

/** Epoch ms to ISO with the zone's offset, to the second. */
export function isoOf(ms: number, tz: string): string {
  if (!Number.isFinite(ms)) throw new RangeError(`no instant: ${ms}`);
  const at = Math.round(ms / 1000) * 1000;
  const off = offsetMs(at, tz);
  const two = (x: number): string => String(x).padStart(2, '0');
  const min = Math.abs(off) / MINUTE;
  const zone = `${off < 0 ? '-' : '+'}${two(Math.floor(min / 60))}:${two(min % 60)}`;
  return `${new Date(at + off).toISOString().slice(0, 19)}${zone}`;
}

/** Civil date of an instant, yyyy-mm-dd. */
export function civilDate(ms: number, tz: string): string {
  return isoOf(ms, tz).slice(0, 10);
}

/** Midnight after a midnight: thirty hours on lie in the next day, whatever the clocks do. */
export const nextDay = (midnightMs: number, tz: string): number => dayStart(midnightMs + 30 * HOUR, tz);

/** Midnight at the start of the civil day that holds `ms`. */
export function dayStart(ms: number, tz: string): number {
  return DateTime.fromMillis(ms, { zone: tz }).startOf('day').toMillis();
}

/** By the hours of UTC. */
export const isFullHour = (ms: number): boolean => ms % HOUR === 0;
