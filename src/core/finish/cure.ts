/** What a film still minds while it cures, as doses at 20 °C that the days’ own temperatures fill. */
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';
import { readyRate, stageOf, stillBelowC } from '../drying/rate';
import type { HourlyC } from '../time/hourly';
import { DAY, HOUR } from '../time/instant';

export const CURE_MILES = ['sun', 'tape-on', 'fit', 'stack', 'wash', 'chips', 'fuel', 'wax'] as const;
export type CureMile = (typeof CURE_MILES)[number];

type Days = Readonly<Record<CureMile, number | null>>;
/** Days at 20 °C, the careful end; null for never. From memory: the sheet’s own time until it is cured wins for wax. */
// prettier-ignore
const LACQUER: Days = { sun: 2 / 24, 'tape-on': 2, fit: 1, stack: 3, wash: 3, chips: 14, fuel: null, wax: 30 };
// prettier-ignore
const ENAMEL: Days = { sun: 8 / 24, 'tape-on': 7, fit: 7, stack: 14, wash: 7, chips: 30, fuel: 60, wax: 60 };
// prettier-ignore
const GUN_2K: Days = { sun: 16 / 24, 'tape-on': 2, fit: 2, stack: 3, wash: 7, chips: 14, fuel: 14, wax: 30 };
// prettier-ignore
const CAN_2K: Days = { sun: 12 / 24, 'tape-on': 2, fit: 3, stack: 4, wash: 7, chips: 21, fuel: 30, wax: 30 };
/** The doses are told at this temperature, °C. */
const REF_C = 20;

function daysOf(product: Product): Days {
  if (isTwoPart(product)) return product.carrier === 'gun' ? GUN_2K : CAN_2K;
  return product.kind === 'enamel' ? ENAMEL : LACQUER;
}

export interface CureDate {
  readonly what: CureMile;
  /** null for never, and where it does not get there within the longest that is reckoned. */
  readonly atMs: number | null;
  readonly isNever: boolean;
  /** Hours of it for which nobody knows the temperature: those that are known go on. */
  readonly isAssumed: boolean;
  /** Had it been 20 °C all the time, ms; null for never. */
  readonly atRefMs: number | null;
}

/** Reckoned no further, days. */
const LONGEST_DAYS = 400;
/** What is known last goes on: the mean of so many hours. */
const LIKE_LATELY_H = 120;

const mean = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / list.length;

interface At {
  readonly c: number;
  readonly isKnown: boolean;
}

/** Each hour as it is known, or like the last days before it that are; before all that is known, like its first day. */
function filled(tempC: HourlyC['tempC']): At[] {
  const known = tempC.filter((c) => c !== null);
  const first = mean(known.slice(0, 24));
  const lately: number[] = [];
  return tempC.map((c) => {
    if (c === null) return { c: lately.length > 0 ? mean(lately) : first, isKnown: false };
    lately.push(c);
    if (lately.length > LIKE_LATELY_H) lately.shift();
    return { c, isKnown: true };
  });
}

/** Temperature at an hour; after what is known the mean of the last days. */
function tempAt({ startMs, tempC }: HourlyC): (ms: number) => At {
  const all = filled(tempC);
  const last = mean(tempC.filter((c) => c !== null).slice(-LIKE_LATELY_H));
  return (ms) => {
    const i = Math.floor((ms - startMs) / HOUR);
    if (i < 0) return { c: all[0]!.c, isKnown: false };
    return all[i] ?? { c: last, isKnown: false };
  };
}

/** @param hours at least one of them known @throws RangeError without any */
export function cureDates(product: Product, endedMs: number, hours: HourlyC): CureDate[] {
  if (hours.tempC.every((c) => c === null)) throw new RangeError('cureDates: no temperatures');
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
    const atRefMs = h === Infinity ? null : endedMs + h * HOUR;
    return {
      what,
      isNever: h === Infinity,
      atMs: r?.atMs ?? null,
      isAssumed: r?.isAssumed ?? false,
      atRefMs,
    };
  });
}
