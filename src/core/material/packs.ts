/** The cheapest whole packs that cover a need. */
import type { Pack } from '@/model/product';

export interface Bought {
  size: number;
  unit: Pack['unit'];
  count: number;
  price: number;
}

export const packsCost = (packs: readonly Bought[]): number =>
  packs.reduce((a, p) => a + p.count * p.price, 0);
export const packsMl = (packs: readonly Bought[]): number => packs.reduce((a, p) => a + p.count * p.size, 0);

/**
 * Exact for up to six sizes: every count of every pack but the last is tried, the last fills up.
 * Equal cost is decided for fewer packs, then for less left over. A need of more than forty of the
 * largest packs is first taken down by the pack that is cheapest by the millilitre, then tried out.
 * @param needMl 0 or more; 0 buys nothing
 */
export function cheapestPacks(packs: readonly Pack[], needMl: number): Bought[] {
  if (!(needMl >= 0) || packs.length === 0)
    throw new RangeError(`cheapestPacks: needs a pack and a need of 0 or more, got ${needMl}`);
  const sorted = [...packs].sort((a, b) => b.sizeMl - a.sizeMl);
  const largest = sorted[0]!.sizeMl;
  if (needMl > 40 * largest) {
    const bulk = sorted.reduce((a, p) => (p.price / p.sizeMl < a.price / a.sizeMl ? p : a));
    const n = Math.floor((needMl - 20 * largest) / bulk.sizeMl);
    const rest = cheapestPacks(packs, needMl - n * bulk.sizeMl);
    const same = rest.find((r) => r.size === bulk.sizeMl && r.price === bulk.price);
    return same
      ? rest.map((r) => (r === same ? { ...r, count: r.count + n } : r))
      : [{ size: bulk.sizeMl, unit: bulk.unit, count: n, price: bulk.price }, ...rest];
  }
  let best: { counts: number[]; cost: number; packs: number; ml: number } | null = null;
  const counts = sorted.map(() => 0);
  const walk = (i: number, leftMl: number, cost: number, n: number, ml: number): void => {
    if (best && cost > best.cost) return;
    if (leftMl <= 1e-9) {
      if (!best || cost < best.cost - 1e-9 || n < best.packs || (n === best.packs && ml < best.ml))
        best = { counts: [...counts], cost, packs: n, ml };
      return;
    }
    const p = sorted[i];
    if (!p) return;
    const most = Math.ceil(leftMl / p.sizeMl - 1e-9);
    for (let c = i === sorted.length - 1 ? most : 0; c <= most; c++) {
      counts[i] = c;
      walk(i + 1, leftMl - c * p.sizeMl, cost + c * p.price, n + c, ml + c * p.sizeMl);
      counts[i] = 0;
    }
  };
  walk(0, needMl, 0, 0, 0);
  const found = best as { counts: number[] } | null;
  return sorted.flatMap((p, i) => {
    const count = found?.counts[i] ?? 0;
    return count > 0 ? [{ size: p.sizeMl, unit: p.unit, count, price: p.price }] : [];
  });
}
