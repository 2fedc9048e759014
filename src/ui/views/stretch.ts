/** How much of the weeks a ribbon shows, and where it begins: zoomed and leafed within what is known. */
import type { AirView } from '@/core/air/view';
import { HOUR } from '@/core/time/instant';

/** Hours on the ribbon, closest first. */
const ZOOMS = [36, 84, 168, 336] as const;
const USUAL = 1;
/** Hours before now where it begins while it is not leafed. */
const LEAD_H = 5;
/** A step of leafing, as a share of what is shown. */
const LEAF = 2 / 7;

export interface Shown {
  /** Which of the zooms, 0 closest. */
  readonly zoom: number;
  /** From where it is leafed, hours from now; null for where it begins by itself. */
  readonly fromH: number | null;
}
export const USUAL_SHOWN: Shown = { zoom: USUAL, fromH: null };

/** What is known of the air, hours from now: from so far back until so far ahead. */
export interface KnownSpan {
  readonly fromH: number;
  readonly untilH: number;
}

const lengthH = ({ fromH, untilH }: KnownSpan): number => Math.max(1, untilH - fromH);

/** Hours on the ribbon: no more than are known. */
export const shownHours = ({ zoom }: Pick<Shown, 'zoom'>, known: KnownSpan): number =>
  Math.min(ZOOMS[zoom]!, lengthH(known));

/** Where it begins, hours from now; never before or past what is known. */
export function beginsH(shown: Shown, known: KnownSpan): number {
  const lastH = Math.max(known.fromH, known.untilH - shownHours(shown, known));
  return Math.min(lastH, Math.max(known.fromH, shown.fromH ?? -LEAD_H));
}

/** The instant it begins at, ms. */
export const beginsMs = (shown: Shown, known: KnownSpan, nowMs: number): number =>
  nowMs + beginsH(shown, known) * HOUR;

/** @param hours later, or earlier where negative */
export const movedBy = (shown: Shown, hours: number, known: KnownSpan): Shown => ({
  ...shown,
  fromH: beginsH({ ...shown, fromH: beginsH(shown, known) + hours }, known),
});

/** @param by −1 earlier, 1 later */
export const leafed = (shown: Shown, by: -1 | 1, known: KnownSpan): Shown =>
  movedBy(shown, by * Math.round(LEAF * shownHours(shown, known)), known);

/** Closer or wider about the middle of what is shown. @param by −1 closer, 1 wider */
export function zoomed(shown: Shown, by: -1 | 1, known: KnownSpan): Shown {
  const zoom = Math.min(ZOOMS.length - 1, Math.max(0, shown.zoom + by));
  if (zoom === shown.zoom || shown.fromH === null) return { ...shown, zoom };
  const midH = beginsH(shown, known) + shownHours(shown, known) / 2;
  const next = { zoom, fromH: midH - shownHours({ zoom }, known) / 2 };
  return { zoom, fromH: beginsH(next, known) };
}

export interface Can {
  readonly closer: boolean;
  readonly wider: boolean;
  readonly earlier: boolean;
  readonly later: boolean;
}
export function canDo(shown: Shown, known: KnownSpan): Can {
  const fromH = beginsH(shown, known);
  return {
    closer: shown.zoom > 0,
    wider: shown.zoom < ZOOMS.length - 1 && shownHours(shown, known) < lengthH(known),
    earlier: fromH > known.fromH,
    later: fromH + shownHours(shown, known) < known.untilH,
  };
}

type Nodes = Pick<AirView, 'startMs' | 'stepMs' | 'sunDeg'>;

/** When the last node of the air is, ms. */
export const knownUntilMs = ({ startMs, stepMs, sunDeg }: Nodes): number =>
  startMs + Math.max(0, sunDeg.length - 1) * stepMs;

/** Of air that begins at an instant, so many nodes of so long, hours from now. */
export const knownSpan = (air: Nodes, nowMs: number): KnownSpan => ({
  fromH: (air.startMs - nowMs) / HOUR,
  untilH: (knownUntilMs(air) - nowMs) / HOUR,
});
