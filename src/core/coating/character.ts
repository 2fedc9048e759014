/** How a coat goes on: its character, and how its film compares with the sheet's coat. */
import type { Product } from '@/model/product';

export type Character = 'mist' | 'tack' | 'thin' | 'medium' | 'even' | 'full' | 'drop';

/** Film of a coat of each character against a medium one. From memory. */
export const CHARACTER_WEIGHT: Readonly<Record<Character, number>> = {
  mist: 0.7,
  tack: 0.7,
  thin: 0.9,
  medium: 1,
  even: 1,
  full: 1.2,
  drop: 0.6,
};

type Laid = Pick<Product, 'kind' | 'effect' | 'gloss'>;

function baseCharacter(product: Laid, coat: number, coats: number): Character {
  if (coat === 1) return 'mist';
  return coat === coats && product.effect === 'metallic' ? 'drop' : 'medium';
}

function clearCharacter(product: Laid, coat: number, firstClear: string): Character {
  if (coat === 1) return firstClear === 'medium' ? 'medium' : 'tack';
  return product.gloss === 'matte' ? 'even' : 'full';
}

/**
 * Character of coat `coat` of `coats`, counted from 1. Common practice.
 * @param firstClear how this painter lays the first coat of clear
 */
export function characterOf(product: Laid, coat: number, coats: number, firstClear: string): Character {
  switch (product.kind) {
    case 'basecoat':
      return baseCharacter(product, coat, coats);
    case 'clear':
      return clearCharacter(product, coat, firstClear);
    case 'adhesion-promoter':
    case 'etch-primer':
      return 'thin';
    default:
      return coat === 1 ? 'mist' : 'medium';
  }
}

/**
 * Share of the layer's film in each coat, as a multiple of the sheet's film per coat; the coats of a layer
 * add up to the sheet's.
 */
export function coatWeights(product: Laid, coats: number, firstClear: string): number[] {
  const raw = Array.from(
    { length: coats },
    (_, i) => CHARACTER_WEIGHT[characterOf(product, i + 1, coats, firstClear)],
  );
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((w) => (w * coats) / sum);
}
