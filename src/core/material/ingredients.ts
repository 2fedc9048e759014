/** What a product is poured from: itself, or base, hardener and reducer in its ratio, each with its own packs. */
import type { Pack, Product } from '@/model/product';

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
  return part === 'base'
    ? product.id
    : part === 'hardener'
      ? `${product.id}.hardener`
      : `${(product.maker ?? product.id).toLowerCase().replace(/[^a-z0-9]+/g, '-')}.reducer`;
}

/** Key under which the price of one pack may be set by hand. */
export const priceKey = (ingredientId: string, sizeMl: number): string => `${ingredientId}@${sizeMl}`;
const priced = (
  id: string,
  packs: readonly Pack[],
  prices: Readonly<Record<string, number>> | undefined,
): readonly Pack[] =>
  prices ? packs.map((p) => ({ ...p, price: prices[priceKey(id, p.sizeMl)] ?? p.price })) : packs;

/** The ingredients of a mixed product; a product ready to spray is its own and only one. @param prices own prices by priceKey */
export function ingredientsOf(product: Product, prices?: Readonly<Record<string, number>>): Ingredient[] {
  const m = product.mix;
  if (!m || product.carrier === 'aerosol')
    return [{ id: product.id, part: 'base', share: 1, packs: priced(product.id, product.packs, prices) }];
  const all = m.base + m.hardener + m.reducer;
  const hardenerId = ingredientId(product, 'hardener');
  const reducerId = ingredientId(product, 'reducer');
  return [
    { id: product.id, part: 'base', share: m.base / all, packs: priced(product.id, product.packs, prices) },
    ...(m.hardener > 0
      ? [
          {
            id: hardenerId,
            part: 'hardener' as const,
            share: m.hardener / all,
            packs: priced(
              hardenerId,
              product.hardenerPacks ?? HARDENER[product.chemistry] ?? HARDENER['2k-urethane']!,
              prices,
            ),
          },
        ]
      : []),
    ...(m.reducer > 0
      ? [
          {
            id: reducerId,
            part: 'reducer' as const,
            share: m.reducer / all,
            packs: priced(reducerId, product.reducerPacks ?? REDUCER, prices),
          },
        ]
      : []),
  ];
}
