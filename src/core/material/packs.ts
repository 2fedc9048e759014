/** The cheapest whole packs that cover a need. */
import type { Pack, Product } from '@/model/product';

export interface Bought {
  size: number;
  unit: Pack['unit'];
  count: number;
  price: number;
}

export const packsCost = (packs: readonly Bought[]): number =>
  packs.reduce((a, p) => a + p.count * p.price, 0);
/** How many packs. */
export const packsIn = (packs: readonly Pick<Bought, 'count'>[]): number =>
  packs.reduce((a, p) => a + p.count, 0);
export const packsMl = (packs: readonly Bought[]): number => packs.reduce((a, p) => a + p.count * p.size, 0);

/** So much of a product at the price of its first pack, money. */
export const moneyFor = ({ packs }: Pick<Product, 'packs'>, ml: number): number =>
  (ml * packs[0]!.price) / packs[0]!.sizeMl;

/** A need is nothing when less than this is left of it, ml; costs are level within it. */
const NOTHING = 1e-9;
/** Beyond so many of the largest pack the counts are no longer all tried. */
const TRIED_PACKS = 40;

interface Counted {
  readonly counts: readonly number[];
  readonly cost: number;
  readonly packs: number;
  readonly ml: number;
}

/** Cheaper; at the same cost fewer packs, then less left over. */
function isBetter(a: Counted, b: Counted): boolean {
  if (Math.abs(a.cost - b.cost) > NOTHING) return a.cost < b.cost;
  return a.packs < b.packs || (a.packs === b.packs && a.ml < b.ml);
}

/** Every count of every pack but the last is tried, the last fills up. @param sorted largest first */
function bestCounts(sorted: readonly Pack[], needMl: number): readonly number[] {
  let best: Counted | null = null;
  const walk = (i: number, leftMl: number, so: Counted): void => {
    if (best && so.cost > best.cost + NOTHING) return;
    if (leftMl <= NOTHING) {
      if (!best || isBetter(so, best)) best = so;
      return;
    }
    const p = sorted[i];
    if (!p) return;
    const most = Math.ceil(leftMl / p.sizeMl - NOTHING);
    for (let n = i === sorted.length - 1 ? most : 0; n <= most; n++)
      walk(i + 1, leftMl - n * p.sizeMl, {
        counts: [...so.counts, n],
        cost: so.cost + n * p.price,
        packs: so.packs + n,
        ml: so.ml + n * p.sizeMl,
      });
  };
  walk(0, needMl, { counts: [], cost: 0, packs: 0, ml: 0 });
  return (best as Counted | null)?.counts ?? [];
}

/** A very large need is taken down by the pack that is cheapest by the millilitre; the rest is tried out. */
function inBulk(packs: readonly Pack[], needMl: number, largestMl: number): Bought[] {
  const bulk = packs.reduce((a, p) => (p.price / p.sizeMl < a.price / a.sizeMl ? p : a));
  const count = Math.floor((needMl - (TRIED_PACKS / 2) * largestMl) / bulk.sizeMl);
  const rest = cheapestPacks(packs, needMl - count * bulk.sizeMl);
  const same = rest.find((r) => r.size === bulk.sizeMl && r.price === bulk.price);
  if (same) return rest.map((r) => (r === same ? { ...r, count: r.count + count } : r));
  return [{ size: bulk.sizeMl, unit: bulk.unit, count, price: bulk.price }, ...rest];
}

/**
 * The cheapest whole packs that cover a need, exact for up to six sizes. Equal cost is decided for
 * fewer packs, then for less left over.
 * @param needMl 0 or more; 0 buys nothing
 */
export function cheapestPacks(packs: readonly Pack[], needMl: number): Bought[] {
  if (!(needMl >= 0) || packs.length === 0)
    throw new RangeError(`cheapestPacks: needs a pack and a need of 0 or more, got ${needMl}`);
  const sorted = [...packs].sort((a, b) => b.sizeMl - a.sizeMl);
  const largestMl = sorted[0]!.sizeMl;
  if (needMl > TRIED_PACKS * largestMl) return inBulk(sorted, needMl, largestMl);
  const counts = bestCounts(sorted, needMl);
  return sorted.flatMap((p, i) => {
    const count = counts[i] ?? 0;
    return count > 0 ? [{ size: p.sizeMl, unit: p.unit, count, price: p.price }] : [];
  });
}
