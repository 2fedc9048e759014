/**
 * Where films dry once the spraying is over: carried into another place, or in the same one with its door shut and its
 * heater on. Until then they dry where they were sprayed, from then on in other air.
 */
import type { Clocks, ProductClock, StageClock } from '../../drying/clocks';
import { filmFactor } from '../../drying/rate';
import { reach, sumAt } from '../../numerics/curve';
import { HOUR, MINUTE, type Span } from '../../time/instant';
import type { Place } from '@/model/place';
import type { AtPart } from '../../air/at-part';
import type { Product } from '@/model/product';
import type { LimitTable } from './limits';

/** Vapour is out of the place before its door is shut and a heater goes on, h. Common practice; the sheet wins. */
export const VAPOUR_OUT_H = 1;
/** To carry the parts over, or to shut the door and set the heater, minutes. From memory. */
export const MOVE_MIN = 5;

/** What a session has come to. */
export interface Sprayed {
  readonly lastCoatMs: number;
  readonly handsOffMs: number;
  /** Every film handle-dry where it was sprayed. */
  readonly handleMs: number;
}

export const MOVES = ['handle-dry', 'at-once', 'heated'] as const;
export type Move = (typeof MOVES)[number];

export interface Elsewhere {
  readonly move: Move;
  /** Where they dry. */
  readonly place: Place;
  readonly air: AtPart;
  readonly clocks: Clocks;
  limitsOf(p: Product): LimitTable;
  /** Hands that can move it. */
  readonly free: readonly Span[];
}

/** First instant from one on at which hands are free for as long as a move takes; Infinity where there is none. */
export function firstFree(free: readonly Span[], fromMs: number): number {
  for (const { startMs, endMs } of free) {
    const at = Math.max(startMs, fromMs);
    if (at + MOVE_MIN * MINUTE <= endMs) return at;
  }
  return Infinity;
}

/** When the films come into the other air, ms; Infinity for never. */
export function movedMs({ move, free }: Elsewhere, done: Sprayed): number {
  // The rack is carried with the same hands that sprayed.
  if (move === 'at-once') return done.handsOffMs + MOVE_MIN * MINUTE;
  const from = move === 'heated' ? done.lastCoatMs + VAPOUR_OUT_H * HOUR : done.handleMs;
  return Number.isFinite(from) ? firstFree(free, from) + MOVE_MIN * MINUTE : Infinity;
}

/** A film: since when it dries, how thick it is over the sheet's, and when it comes into the other air. */
export interface Drying {
  readonly row: number;
  readonly fromMs: number;
  readonly film: number;
  readonly movedMs: number;
}

/** A film that was finished at an instant, and went on drying in the other air where there is one. */
export function dryingSince(
  elsewhere: Elsewhere | null,
  here: ProductClock,
  { row, endedMs, film }: { readonly row: number; readonly endedMs: number; readonly film: number },
): Drying {
  const handleMs = here.stageAt('handle', row, endedMs, film);
  const done = { lastCoatMs: endedMs, handsOffMs: endedMs, handleMs };
  return { row, fromMs: endedMs, film, movedMs: elsewhere ? movedMs(elsewhere, done) : Infinity };
}

/** When a stage is reached that began in one air and goes on in another; Infinity past the forecast. */
export function reachedOver(here: StageClock, there: StageClock, drying: Drying): number {
  const { row, fromMs, film, movedMs: at } = drying;
  const minutes = film > 1 ? here.minutes * filmFactor(here.mode, film) : here.minutes;
  const ifStays = reach(here.curve, row, fromMs, minutes);
  if (ifStays <= at || !Number.isFinite(at)) return ifStays;
  const goesMs = Math.max(at, fromMs);
  const got = sumAt(here.curve, row, goesMs) - sumAt(here.curve, row, fromMs);
  return reach(there.curve, row, goesMs, minutes - got);
}

/** Latest for a maximum that began in one air and goes on in another: whichever would end it first. */
export function maxOver(
  here: ProductClock,
  there: ProductClock,
  minutes: number,
  { row, fromMs, movedMs: at }: Pick<Drying, 'row' | 'fromMs' | 'movedMs'>,
): number {
  const ifStays = here.maxAt(minutes, row, fromMs);
  if (ifStays <= at || !Number.isFinite(at)) return ifStays;
  return Math.max(at, Math.min(ifStays, there.maxAt(minutes, row, fromMs)));
}
