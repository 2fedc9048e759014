/**
 * What stock may still promise: only what is sound is counted. An activated can is for the hour it was activated
 * in; old or cloudy hardener, stock past its date and a tin with another's label promise nothing.
 */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import type { StockItem } from '@/model/stock';
import { ingredientsOf } from './ingredients';
import { expiryOf, type Dated } from './shelf';

type Aside = NonNullable<Job['shelf']>[number];
export type WhyNot = 'activated' | 'expired' | 'spoiled' | 'mislabelled';
export interface NotCounted {
  readonly name: string;
  readonly ml: number;
  readonly why: WhyNot;
}

interface Poured {
  readonly product: Product;
  readonly part: StockItem['part'];
}

/** What an id of stock is: a product, or what one of them is mixed with. */
function pouredBy(id: string, products: ReadonlyMap<string, Product>): Poured | null {
  for (const product of products.values()) {
    const found = ingredientsOf(product).find((g) => g.id === id);
    if (found) return { product, part: found.part };
  }
  return null;
}

/** Why it is not counted; null for what is sound. */
function whyNot(aside: Aside, poured: Poured | null, nowMs: number): WhyNot | null {
  if (aside.mislabelled) return 'mislabelled';
  if (aside.look !== undefined) return 'spoiled';
  if (aside.activatedAt !== undefined) return 'activated';
  const item: Dated = { ...aside, part: poured?.part ?? 'other' };
  return expiryOf(item, poured?.product ?? null, nowMs).state === 'expired' ? 'expired' : null;
}

/** The job with what is sound of its stock, and what was left out of it with the reason. */
export function soundStock(
  job: Job,
  products: ReadonlyMap<string, Product>,
  nowMs: number,
): { job: Job; left: NotCounted[] } {
  const all = job.shelf ?? [];
  const judged = all.map((aside) => {
    const poured = pouredBy(aside.productId, products);
    return { aside, poured, why: whyNot(aside, poured, nowMs) };
  });
  const left = judged.flatMap(({ aside, poured, why }): NotCounted[] => {
    const name =
      poured && poured.part !== 'base' ? `${poured.product.name}, ${poured.part}` : poured?.product.name;
    return why ? [{ name: name ?? aside.productId, ml: aside.remainingMl, why }] : [];
  });
  if (left.length === 0) return { job, left };
  return { job: { ...job, shelf: judged.filter((x) => x.why === null).map((x) => x.aside) }, left };
}
