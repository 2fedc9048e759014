/** The shelf: what is left in a pack by weight or by feel, how long it keeps, what should be used up first. */
import type { Product } from '@/model/product';
import type { StockItem } from '@/model/stock';

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
/** Months a pack keeps shut and opened, dry, at 5–25 °C. From memory; the sheet's own figure wins. */
function keeps(
  p: Pick<
    Product,
    'carrier' | 'chemistry' | 'kind' | 'potLifeMin' | 'shelfClosedMonths' | 'shelfOpenMonths'
  > | null,
  part: StockItem['part'],
): Keeps {
  const rule: Keeps =
    part === 'hardener'
      ? { closed: 12, opened: 3 }
      : part === 'reducer' || part === 'cleaner'
        ? { closed: 36, opened: 12 }
        : !p
          ? { closed: 24, opened: 12 }
          : p.carrier === 'aerosol'
            ? p.potLifeMin !== undefined
              ? { closed: 12, opened: 12 }
              : { closed: 36, opened: 24 }
            : p.chemistry === '2k-epoxy' || p.chemistry === 'polyester'
              ? { closed: 12, opened: 12 }
              : p.kind === 'clear'
                ? { closed: 24, opened: 12 }
                : { closed: 36, opened: 12 };
  return part === 'base' && p
    ? { closed: p.shelfClosedMonths ?? rule.closed, opened: p.shelfOpenMonths ?? rule.opened }
    : rule;
}

const DAY = 86_400_000;
const MONTH_DAYS = 30.4375;
const dayMs = (date: string): number => Date.parse(`${date}T00:00:00Z`);
export type StockState = 'good' | 'soon' | 'expired' | 'dying' | 'empty';
export interface Expiry {
  readonly state: StockState;
  /** a date like 2026-05-16, null when nothing says so */ readonly until: string | null;
  readonly why: 'activated' | 'opened' | 'bought' | 'unknown';
}

/** Days before its end from which it is told to be used up. */
export const SOON_DAYS = 45;

/** Until when an item is good: an activated can by its pot life, an opened pack from the day it was opened, a shut one from the day it was bought; the earliest counts. */
export function expiryOf(item: StockItem, product: Product | null, nowMs: number): Expiry {
  if (item.remainingMl <= 0.5) return { state: 'empty', until: null, why: 'unknown' };
  const k = keeps(product, item.part);
  const ends: { ms: number; why: Expiry['why'] }[] = [];
  if (item.activatedAt !== undefined && product?.potLifeMin !== undefined)
    ends.push({ ms: Date.parse(item.activatedAt) + product.potLifeMin * 60_000, why: 'activated' });
  if (item.openedOn !== undefined)
    ends.push({ ms: dayMs(item.openedOn) + k.opened * MONTH_DAYS * DAY, why: 'opened' });
  if (item.boughtOn !== undefined)
    ends.push({ ms: dayMs(item.boughtOn) + k.closed * MONTH_DAYS * DAY, why: 'bought' });
  if (item.expiresOn !== undefined) ends.push({ ms: dayMs(item.expiresOn) + DAY, why: 'bought' });
  const first = ends.sort((a, b) => a.ms - b.ms)[0];
  if (!first) return { state: 'good', until: null, why: 'unknown' };
  const until = new Date(first.ms).toISOString().slice(0, first.why === 'activated' ? 16 : 10);
  if (first.ms <= nowMs) return { state: 'expired', until, why: first.why };
  return {
    state: first.why === 'activated' ? 'dying' : first.ms - nowMs < SOON_DAYS * DAY ? 'soon' : 'good',
    until,
    why: first.why,
  };
}

/** First what dies first; what is expired or empty does not count. */
export function orderOfUse(
  items: readonly StockItem[],
  productOf: (id: string) => Product | null,
  nowMs: number,
): StockItem[] {
  return items
    .map((item) => ({ item, e: expiryOf(item, productOf(item.productId), nowMs) }))
    .filter((x) => x.e.state !== 'expired' && x.e.state !== 'empty')
    .sort(
      (a, b) =>
        (a.e.until ?? '9999').localeCompare(b.e.until ?? '9999') || a.item.remainingMl - b.item.remainingMl,
    )
    .map((x) => x.item);
}

/** Share of its price that a millilitre left over is still worth: what keeps a year or more half, what dies opened nothing. From memory. */
export function leftoverShare(product: Product, part: StockItem['part']): number {
  const months = keeps(product, part).opened;
  return part === 'hardener' ? 0 : months >= 12 ? 0.5 : months >= 6 ? 0.25 : 0;
}
