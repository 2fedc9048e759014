/**
 * What to buy for several jobs together: pooled needs, the shelf first, the cheapest packs; and what buying
 * one by one would cost.
 */
import type { ShoppingList } from '@/model/shopping';
import type { StockItem } from '@/model/stock';
import type { StoredJob } from '../ports';
import type { SharedCans } from '../turns';
import { buy, type Bought, type Shop } from './buy';
import { wantOf, type Want } from './wants';

export type Shopping =
  | { readonly kind: 'list'; readonly list: ShoppingList }
  | { readonly kind: 'currencies'; readonly currencies: readonly string[] }
  /** The cheapest packs were not found within the limit. */
  | { readonly kind: 'too-long' };

/** The shelf after a purchase took from it. */
function without(stock: readonly StockItem[], taken: Bought['shelf']): StockItem[] {
  return stock.map((item) => {
    const ml = taken.filter((s) => s.itemId === item.id).reduce((a, s) => a + s.ml, 0);
    return { ...item, remainingMl: Math.max(0, item.remainingMl - ml) };
  });
}

/** Paint money if each job were bought for itself: the first gets the shelf, the next what it left. */
function paintApart(wants: readonly Want[], stock: readonly StockItem[], shop: Shop): number {
  let left = stock;
  let apart = 0;
  for (const want of wants) {
    const alone = buy([want], left, shop);
    apart += alone.paint;
    left = without(left, alone.shelf);
  }
  return apart;
}

/** What is shopped for, with what stands on the shelf. */
export interface ShoppingAsked {
  readonly jobs: readonly StoredJob[];
  readonly items: readonly StockItem[];
  /** What they take out of one another's cans; left out: nothing. */
  readonly shared?: SharedCans;
}

/** The list for these jobs. Prices in more than one currency are refused. */
export function shoppingFor({ jobs, items, shared = {} }: ShoppingAsked, shop: Shop): Shopping {
  const wants = jobs.map((j) => wantOf(j, shared[j.id]));
  const currencies = [...new Set(wants.map((w) => w.job.budget.currency))];
  if (currencies.length > 1) return { kind: 'currencies', currencies };
  const { lines, paint, prep, worth, shelf } = buy(wants, items, shop);
  const taxPct = Math.max(0, ...wants.map((w) => w.job.budget.taxPct ?? 0));
  const tax = ((paint + prep) * taxPct) / 100;
  return {
    kind: 'list',
    list: {
      currency: currencies[0] ?? 'GBP',
      taxPct,
      lines,
      paint,
      prep,
      tax,
      total: paint + prep + tax,
      apart: paintApart(wants, items, shop),
      leftoverWorth: worth,
      shelf,
    },
  };
}
