/** What was learned in a place wins over the sheet where it is stricter: less wind, more gap to the dew. */
import type { Place } from '@/model/place';
import type { Product } from '@/model/product';
import { variants } from '../records/variants';

type Own = Pick<Place, 'windMaxMs' | 'gapMinK'>;

const made = variants<Product, string>();

function limited(product: Product, { windMaxMs = Infinity, gapMinK = 0 }: Own): Product {
  const wind = Math.min(product.windMaxMs, windMaxMs);
  const gap = Math.max(product.dewGapMinK, gapMinK);
  if (wind === product.windMaxMs && gap === product.dewGapMinK) return product;
  return made(product, `${wind} ${gap}`, () => ({ ...product, windMaxMs: wind, dewGapMinK: gap }));
}

export function withOwnLimits(
  place: Own,
  products: ReadonlyMap<string, Product>,
): ReadonlyMap<string, Product> {
  if (place.windMaxMs === undefined && place.gapMinK === undefined) return products;
  return new Map([...products].map(([id, p]) => [id, limited(p, place)]));
}
