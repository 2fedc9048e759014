/** What a product is poured from: itself, or base, hardener and reducer in its ratio, each with its own packs. */
import type { Pack, Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';

export interface Ingredient {
  readonly id: string;
  readonly part: 'base' | 'hardener' | 'reducer';
  /** share of the mixed volume, 0…1 */ readonly share: number;
  readonly packs: readonly Pack[];
}

const tins = (...list: [number, number][]): Pack[] =>
  list.map(([sizeMl, price]) => ({ sizeMl, unit: 'tin', price }));
/** Invented prices, from memory of the order of magnitude; a sheet's own packs win. */
const HARDENER: Partial<Record<Product['chemistry'], Pack[]>> = {
  '2k-urethane': tins([250, 13.5], [500, 22], [1000, 38]),
  '2k-epoxy': tins([500, 18], [1000, 31]),
  polyester: tins([50, 3.9]),
};
const REDUCER = tins([500, 6.8], [1000, 10.9], [5000, 41]);

/** Id of a product or of what it is mixed with: hardener is its own, reducer its maker's. */
export function ingredientId(product: Pick<Product, 'id' | 'maker'>, part: Ingredient['part']): string {
  if (part === 'base') return product.id;
  if (part === 'hardener') return `${product.id}.hardener`;
  return `${(product.maker ?? product.id).toLowerCase().replace(/[^a-z0-9]+/g, '-')}.reducer`;
}

/** What a millilitre costs in the pack that is cheapest by it. */
export const cheapestPerMl = (ingredient: Pick<Ingredient, 'packs'>): number =>
  Math.min(...ingredient.packs.map((p) => p.price / p.sizeMl));

/** Key under which the price of one pack may be set by hand. */
export const priceKey = (ingredientId: string, sizeMl: number): string => `${ingredientId}@${sizeMl}`;
const priced = (
  id: string,
  packs: readonly Pack[],
  prices: Readonly<Record<string, number>> | undefined,
): readonly Pack[] =>
  prices ? packs.map((p) => ({ ...p, price: prices[priceKey(id, p.sizeMl)] ?? p.price })) : packs;

/**
 * The ingredients of a mixed product; a product ready to spray is its own and only one.
 * @param prices own prices by priceKey
 */
export function ingredientsOf(product: Product, prices?: Readonly<Record<string, number>>): Ingredient[] {
  const pour = (part: Ingredient['part'], share: number, packs: readonly Pack[]): Ingredient => {
    const id = ingredientId(product, part);
    return { id, part, share, packs: priced(id, packs, prices) };
  };
  const { mix } = product;
  if (!mix || product.carrier === 'aerosol') return [pour('base', 1, product.packs)];
  const all = mix.base + mix.hardener + mix.reducer;
  const hardener = product.hardenerPacks ?? HARDENER[product.chemistry] ?? HARDENER['2k-urethane']!;
  return [
    pour('base', mix.base / all, product.packs),
    pour('hardener', mix.hardener / all, hardener),
    pour('reducer', mix.reducer / all, product.reducerPacks ?? REDUCER),
  ].filter((g) => g.part === 'base' || g.share > 0);
}

/** A can that has its hardener inside: once let in it is for that session, and for no other job. */
export const diesActivated = (p: Pick<Product, 'carrier' | 'chemistry'>): boolean =>
  p.carrier === 'aerosol' && isTwoPart(p);
