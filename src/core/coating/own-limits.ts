/** What was learned in a place wins over the sheet where it is stricter: less wind, more gap to the dew. */
import type { Place } from '@/model/place';
import type { Product } from '@/model/product';

type Own = Pick<Place, 'windMaxMs' | 'gapMinK'>;

const known = new WeakMap<Product, Map<string, Product>>();

/** The same product each time, so that what was judged with it is known again. */
function limited(product: Product, { windMaxMs = Infinity, gapMinK = 0 }: Own): Product {
  const wind = Math.min(product.windMaxMs, windMaxMs);
  const gap = Math.max(product.dewGapMinK, gapMinK);
  if (wind === product.windMaxMs && gap === product.dewGapMinK) return product;
  const of = known.get(product) ?? new Map<string, Product>();
  known.set(product, of);
  const key = `${wind} ${gap}`;
  const made = of.get(key) ?? { ...product, windMaxMs: wind, dewGapMinK: gap };
  of.set(key, made);
  return made;
}

export function withOwnLimits(
  place: Own,
  products: ReadonlyMap<string, Product>,
): ReadonlyMap<string, Product> {
  if (place.windMaxMs === undefined && place.gapMinK === undefined) return products;
  return new Map([...products].map(([id, p]) => [id, limited(p, place)]));
}
