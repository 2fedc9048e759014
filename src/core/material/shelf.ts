/** The shelf: what is left in a pack by weight or by feel, how long it keeps, what should be used up first. */
import type { Product } from '@/model/product';
import type { StockItem } from '@/model/stock';
import { isTwoPart } from '../chemistry/cards';
import { DAY, MINUTE, instantOf } from '../time/instant';

/** Weight of an empty 400 ml can with its valve, g. From memory; weigh one of yours. */
export const EMPTY_CAN_G = 95;

/**
 * Contents left, ml, from the weight of the whole less the empty pack.
 * @throws RangeError when the empty weighs more than the whole, or the density is not above 0
 */
export function remainingByWeight(grossG: number, tareG: number, gPerMl: number): number {
  if (!(gPerMl > 0)) throw new RangeError('remainingByWeight: density above 0');
  if (!(tareG <= grossG))
    throw new RangeError('remainingByWeight: the empty pack weighs more than the whole');
  return (grossG - tareG) / gPerMl;
}

interface Keeps {
  readonly closed: number;
  readonly opened: number;
}
type Kept = Pick<Product, 'carrier' | 'chemistry' | 'kind' | 'shelfClosedMonths' | 'shelfOpenMonths'>;
const HARDENER_KEEPS: Keeps = { closed: 12, opened: 3 };
const THINNER_KEEPS: Keeps = { closed: 36, opened: 12 };
const UNKNOWN_KEEPS: Keeps = { closed: 24, opened: 12 };
const CAN_KEEPS: Keeps = { closed: 36, opened: 24 };
/** What reacts with its hardener, or with what is sealed in the can beside it. */
const REACTIVE_KEEPS: Keeps = { closed: 12, opened: 12 };
const CLEAR_KEEPS: Keeps = { closed: 24, opened: 12 };
const TIN_KEEPS: Keeps = { closed: 36, opened: 12 };

function usualKeeps(p: Kept): Keeps {
  if (p.carrier === 'aerosol') return isTwoPart(p) ? REACTIVE_KEEPS : CAN_KEEPS;
  if (p.chemistry === '2k-epoxy' || p.chemistry === 'polyester') return REACTIVE_KEEPS;
  return p.kind === 'clear' ? CLEAR_KEEPS : TIN_KEEPS;
}

/** Months a pack keeps shut and opened, dry, at 5–25 °C. From memory; the sheet's own figure wins. */
function keeps(kept: Kept | null, part: StockItem['part']): Keeps {
  if (part === 'hardener') return HARDENER_KEEPS;
  if (part === 'reducer' || part === 'cleaner') return THINNER_KEEPS;
  if (!kept) return UNKNOWN_KEEPS;
  const usual = usualKeeps(kept);
  if (part !== 'base') return usual;
  return { closed: kept.shelfClosedMonths ?? usual.closed, opened: kept.shelfOpenMonths ?? usual.opened };
}

const MONTH_DAYS = 30.4375;
const dayMs = (date: string): number => Date.parse(`${date}T00:00:00Z`);
/**
 * Dying: activated, and inside its prudent time. Spent: past that, and inside its label's: a hidden return after
 * a test at most.
 */
export type StockState = 'good' | 'soon' | 'expired' | 'dying' | 'spent' | 'empty';
/** An activated can is used within this, whatever its label says, ms. Common practice: one session. */
export const PRUDENT_MS = DAY;
export interface Expiry {
  readonly state: StockState;
  /** a date like 2026-05-16, null when nothing says so */ readonly until: string | null;
  readonly why: 'activated' | 'opened' | 'bought' | 'unknown';
}

/** Days before its end from which it is told to be used up. */
export const SOON_DAYS = 45;

/** What says how long something keeps. */
export type Dated = Pick<
  StockItem,
  'part' | 'remainingMl' | 'openedOn' | 'boughtOn' | 'expiresOn' | 'activatedAt'
>;

interface End {
  readonly ms: number;
  readonly why: Expiry['why'];
}

/**
 * Everything that ends an item: its activated pot, the day it was opened, the day it was bought, the date
 * printed on it.
 */
function endsOf(item: Dated, product: Product | null): End[] {
  const k = keeps(product, item.part);
  const months = (date: string, n: number): number => dayMs(date) + n * MONTH_DAYS * DAY;
  const ends: End[] = [];
  if (item.activatedAt !== undefined && product?.potLifeMin !== undefined)
    ends.push({ ms: instantOf(item.activatedAt) + product.potLifeMin * MINUTE, why: 'activated' });
  if (item.openedOn !== undefined) ends.push({ ms: months(item.openedOn, k.opened), why: 'opened' });
  if (item.boughtOn !== undefined) ends.push({ ms: months(item.boughtOn, k.closed), why: 'bought' });
  if (item.expiresOn !== undefined) ends.push({ ms: dayMs(item.expiresOn) + DAY, why: 'bought' });
  return ends.sort((a, b) => a.ms - b.ms);
}

function stateBefore(end: End, item: Dated, nowMs: number): StockState {
  if (end.ms <= nowMs) return 'expired';
  if (item.activatedAt !== undefined)
    return nowMs - instantOf(item.activatedAt) < PRUDENT_MS ? 'dying' : 'spent';
  return end.ms - nowMs < SOON_DAYS * DAY ? 'soon' : 'good';
}

/** Until when an item is good; the earliest of its ends counts. An activated one is given its prudent time. */
export function expiryOf(item: Dated, product: Product | null, nowMs: number): Expiry {
  if (item.remainingMl <= 0.5) return { state: 'empty', until: null, why: 'unknown' };
  const first = endsOf(item, product)[0];
  if (!first) return { state: 'good', until: null, why: 'unknown' };
  const state = stateBefore(first, item, nowMs);
  const prudentMs = item.activatedAt === undefined ? Infinity : instantOf(item.activatedAt) + PRUDENT_MS;
  const untilMs = state === 'dying' ? Math.min(first.ms, prudentMs) : first.ms;
  const until = new Date(untilMs).toISOString().slice(0, first.why === 'activated' ? 16 : 10);
  return { state, until, why: first.why };
}

/** What is no stock to count on: an activated can is for the hour it was activated in. */
const NO_STOCK: ReadonlySet<StockState> = new Set(['expired', 'empty', 'dying', 'spent']);

/** First what dies first; what is no stock does not count. */
export function orderOfUse(
  items: readonly StockItem[],
  productOf: (id: string) => Product | null,
  nowMs: number,
): StockItem[] {
  return items
    .map((item) => ({ item, e: expiryOf(item, productOf(item.productId), nowMs) }))
    .filter((x) => !NO_STOCK.has(x.e.state))
    .sort(
      (a, b) =>
        (a.e.until ?? '9999').localeCompare(b.e.until ?? '9999') || a.item.remainingMl - b.item.remainingMl,
    )
    .map((x) => x.item);
}

/**
 * Share of its price that a millilitre left over is still worth: what keeps a year or more half, what dies
 * opened nothing. From memory.
 */
export function leftoverShare(product: Product, part: StockItem['part']): number {
  const months = keeps(product, part).opened;
  if (part === 'hardener' || months < 6) return 0;
  return months >= 12 ? 0.5 : 0.25;
}
