/** What a film still minds while it cures, as doses at 20 °C that the days’ own temperatures fill. */
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';
import { readyRate, stageOf, stillBelowC } from '../drying/rate';
import { DAY, HOUR } from '../time/instant';

export const CURE_MILES = ['tape-on', 'fit', 'wash', 'fuel', 'wax'] as const;
export type CureMile = (typeof CURE_MILES)[number];

type Days = Readonly<Record<CureMile, number | null>>;
/** Days at 20 °C, the careful end; null for never. From memory: the sheet’s own time until it is cured wins for wax. */
const LACQUER: Days = { 'tape-on': 2, fit: 1, wash: 3, fuel: null, wax: 30 };
const ENAMEL: Days = { 'tape-on': 7, fit: 7, wash: 7, fuel: 60, wax: 60 };
const GUN_2K: Days = { 'tape-on': 2, fit: 2, wash: 7, fuel: 14, wax: 30 };
const CAN_2K: Days = { 'tape-on': 2, fit: 3, wash: 7, fuel: 30, wax: 30 };
/** The doses are told at this temperature, °C. */
const REF_C = 20;

function daysOf(product: Product): Days {
  if (isTwoPart(product)) return product.carrier === 'gun' ? GUN_2K : CAN_2K;
  return product.kind === 'enamel' ? ENAMEL : LACQUER;
}

/** Temperatures of the part, one an hour. */
export interface HourlyC {
  readonly startMs: number;
  readonly tempC: readonly number[];
}

export interface CureDate {
  readonly what: CureMile;
  /** null for never, and where it does not get there within the longest that is reckoned. */
  readonly atMs: number | null;
  readonly isNever: boolean;
  /** Hours of it for which nobody knows the temperature: those that are known go on. */
  readonly isAssumed: boolean;
}

/** Reckoned no further, days. */
const LONGEST_DAYS = 400;
/** What is known last goes on: the mean of so many hours. */
const LIKE_LATELY_H = 120;

const mean = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / list.length;

/** Temperature at an hour; before what is known its first day, after it the mean of the last days. */
function tempAt({ startMs, tempC }: HourlyC): (ms: number) => { c: number; isKnown: boolean } {
  const first = mean(tempC.slice(0, 24));
  const last = mean(tempC.slice(-LIKE_LATELY_H));
  return (ms) => {
    const i = Math.floor((ms - startMs) / HOUR);
    if (i < 0) return { c: first, isKnown: false };
    const known = tempC[i];
    return known === undefined ? { c: last, isKnown: false } : { c: known, isKnown: true };
  };
}

/** @param hours at least one @throws RangeError without any */
export function cureDates(product: Product, endedMs: number, hours: HourlyC): CureDate[] {
  if (hours.tempC.length === 0) throw new RangeError('cureDates: no temperatures');
  const at = tempAt(hours);
  const { mode } = stageOf(product, 'cure');
  const days = daysOf(product);
  const ownDays = product.cureMin === undefined ? null : product.cureMin / 1440;
  const wanted = CURE_MILES.map((what) => ({
    what,
    h: 24 * ((what === 'wax' ? ownDays : null) ?? days[what] ?? Infinity),
  }));
  const reached = new Map<CureMile, { atMs: number; isAssumed: boolean }>();
  let gotH = 0;
  let isAssumed = false;
  for (let ms = endedMs; ms < endedMs + LONGEST_DAYS * DAY && reached.size < wanted.length; ms += HOUR) {
    const { c, isKnown } = at(ms);
    const rate = readyRate(mode, c, { refTempC: REF_C }, stillBelowC(product));
    isAssumed ||= !isKnown;
    for (const { what, h } of wanted)
      if (!reached.has(what) && gotH + rate >= h)
        reached.set(what, { atMs: ms + ((h - gotH) / rate) * HOUR, isAssumed });
    gotH += rate;
  }
  return wanted.map(({ what, h }) => {
    const r = reached.get(what);
    return { what, isNever: h === Infinity, atMs: r?.atMs ?? null, isAssumed: r?.isAssumed ?? false };
  });
}
