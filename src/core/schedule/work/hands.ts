/**
 * Hands-on work in the owner's free hours: light to see by, warmth and dryness for filler, shops that are
 * open. What may be broken off goes on another day.
 */
import type { Place } from '@/model/place';
import { isDark } from '../../air/dark';
import type { AtPart } from '../../air/at-part';
import { everyDay, freeSpans, type WeekOfHours } from '../../time/free-hours';
import { MINUTE, type Span } from '../../time/instant';
import { withoutSpans } from '../../time/spans';
import type { PrepStep, WorkNeeds } from './draft';

/** Filler and its cream want this at least, °C of air. From memory; the tin says. */
const FILLER_MIN_C = 10;
/** Wash water dries off in this at least, °C of air. From memory. */
const WASH_MIN_C = 5;
/** A shorter piece of a longer task is not begun, minutes. From memory. */
const LEAST_PIECE_MIN = 15;
/** When a shop for paint and tools is open. From memory. */
const SHOP_HOURS: WeekOfHours['weekly'] = { ...everyDay('08:00', '20:00'), sun: [['10:00', '16:00']] };

/** A stretch of one task. */
export interface Piece {
  readonly step: PrepStep;
  readonly startMs: number;
  readonly endMs: number;
  /** Minutes of it that remain afterwards. */
  readonly leftMin: number;
}

export interface Placed {
  readonly pieces: readonly Piece[];
  /** Infinity when it does not fit into the hours that are known. */
  readonly doneMs: number;
}

/** Hours by what a task asks for; what raises dust keeps away from wet paint besides. */
export type HandHours = Readonly<Record<WorkNeeds | 'dusty', readonly Span[]>>;

function overlap(a: readonly Span[], b: readonly Span[]): Span[] {
  return a.flatMap((x) =>
    b.flatMap((y) => {
      const startMs = Math.max(x.startMs, y.startMs);
      const endMs = Math.min(x.endMs, y.endMs);
      return startMs < endMs ? [{ startMs, endMs }] : [];
    }),
  );
}

/** What of the free hours falls into others of a week. @param free in order */
function within(free: readonly Span[], weekly: WeekOfHours['weekly'], tz: string): Span[] {
  const first = free[0];
  const last = free.at(-1);
  if (!first || !last) return [];
  return overlap(free, freeSpans({ weekly, exceptions: [] }, tz, first.startMs, last.endMs));
}

/** Free hours in which a compressor may run: quiet hours are kept. @param free in order */
export const loudHours = (
  { loud, tz }: Pick<Place, 'loud' | 'tz'>,
  free: readonly Span[],
): readonly Span[] => (loud ? within(free, everyDay(...loud), tz) : free);

/** Stretches of the grid in which something holds, half an hour about each node. */
function spansWhere(air: AtPart, holds: (node: number) => boolean): Span[] {
  const out: { startMs: number; endMs: number }[] = [];
  for (let i = 0; i < air.nodes; i++) {
    if (!holds(i)) continue;
    const startMs = air.startMs + (i - 0.5) * air.stepMs;
    const last = out.at(-1);
    if (last && startMs <= last.endMs) last.endMs = startMs + air.stepMs;
    else out.push({ startMs, endMs: startMs + air.stepMs });
  }
  return out;
}

/** Free hours of the owner, and when paint of another job is wet in the same place. */
interface Owned {
  readonly free: readonly Span[];
  readonly wet: readonly Span[];
}

/** On the central line. */
export function handHours(air: AtPart, place: Place, { free, wet }: Owned): HandHours {
  const row = (air.rows - 1) * air.nodes;
  const light = spansWhere(air, (i) => place.lamp === true || !isDark(air.sunDeg[i]!));
  const hands = overlap(free, light);
  const dryFrom = (minC: number): Span[] =>
    overlap(
      hands,
      spansWhere(air, (i) => air.airC[row + i]! >= minC && air.rain[row + i] === 0),
    );
  return {
    hands,
    dusty: withoutSpans(hands, wet),
    'warm-dry': dryFrom(FILLER_MIN_C),
    'mild-dry': dryFrom(WASH_MIN_C),
    shop: within(free, SHOP_HOURS, place.tz),
  };
}

/** One task from an instant on. @returns null when it does not fit any more */
function placed(step: PrepStep, spans: readonly Span[], fromMs: number): Piece[] | null {
  const pieces: Piece[] = [];
  let leftMin = step.minutes;
  for (const span of spans) {
    const startMs = Math.max(span.startMs, fromMs);
    const roomMin = (span.endMs - startMs) / MINUTE;
    const takesMin = roomMin >= leftMin ? leftMin : Math.floor(roomMin / 5) * 5;
    const isWhole = takesMin === leftMin;
    if (!isWhole && !(step.canSplit && takesMin >= LEAST_PIECE_MIN)) continue;
    if (!(takesMin > 0)) continue;
    leftMin -= takesMin;
    pieces.push({ step, startMs, endMs: startMs + takesMin * MINUTE, leftMin });
    if (leftMin <= 0) return pieces;
  }
  return null;
}

/** Tasks one after another, as soon as hours allow. */
export function placeWork(steps: readonly PrepStep[], hours: HandHours, fromMs: number): Placed {
  const pieces: Piece[] = [];
  let atMs = fromMs;
  for (const step of steps) {
    const mine = placed(step, hours[step.kind === 'sand' ? 'dusty' : step.needs], atMs);
    if (!mine) return { pieces, doneMs: Infinity };
    pieces.push(...mine);
    atMs = mine.at(-1)!.endMs;
  }
  return { pieces, doneMs: atMs };
}

/** When work is done that begins at any instant, from a table by half hours. */
export function doneTable(
  steps: readonly PrepStep[],
  hours: HandHours,
  air: AtPart,
): (fromMs: number) => number {
  if (steps.length === 0) return (fromMs) => fromMs;
  const known = new Map<number, number>();
  return (fromMs) => {
    if (!Number.isFinite(fromMs)) return fromMs;
    const slot = Math.ceil((fromMs - air.startMs) / air.stepMs);
    const doneMs = known.get(slot) ?? placeWork(steps, hours, air.startMs + slot * air.stepMs).doneMs;
    known.set(slot, doneMs);
    return doneMs;
  };
}
