/** How a coat goes on: its character, and how its film compares with the sheet's coat. */
import type { Product } from '@/model/product';

export type Character =
  'mist' | 'tack' | 'thin' | 'closed' | 'medium' | 'even' | 'candy' | 'flake' | 'full' | 'drop';

/** Film of a coat of each character against a medium one. From memory. */
export const CHARACTER_WEIGHT: Readonly<Record<Character, number>> = {
  mist: 0.7,
  tack: 0.7,
  thin: 0.9,
  closed: 1,
  medium: 1,
  even: 1,
  candy: 1,
  flake: 1,
  full: 1.2,
  drop: 0.6,
};

type Laid = Pick<Product, 'kind' | 'effect' | 'gloss'>;

/** How this painter lays what painters lay differently. */
export interface Hand {
  /** The first coat of clear. */
  readonly firstClear: string;
  /** The last coat of a metallic or pearl. */
  readonly lastEffect: string;
}

/** Which coat of how many, and by whose hand. */
interface Nth extends Hand {
  readonly coat: number;
  readonly coats: number;
}

/** Flakes lie down in a light last coat. */
const DROPPED: ReadonlySet<string> = new Set(['metallic', 'pearl']);

function baseCharacter({ effect }: Laid, { coat, coats, lastEffect }: Nth): Character {
  if (coat === 1) return 'mist';
  const isDropped = coat === coats && lastEffect === 'drop' && DROPPED.has(effect ?? 'none');
  return isDropped ? 'drop' : 'medium';
}

function clearCharacter({ gloss }: Laid, { coat, firstClear }: Nth): Character {
  if (gloss === 'matte') return 'even';
  if (coat === 1) return firstClear === 'medium' ? 'medium' : 'tack';
  return 'full';
}

/** A colour that levels by itself: light first, then as wet as its sheet says. */
const oneColour =
  (then: Character) =>
  (_: Laid, { coat }: Nth): Character =>
    coat === 1 ? 'mist' : then;
const always = (character: Character) => (): Character => character;

/**
 * By kind. What grips or isolates is closed and even, a leveller is laid medium wet; the light first coat is for
 * colours, and for clears that get a second. Common practice, no source.
 */
const BY_KIND: Readonly<Record<Product['kind'], (product: Laid, nth: Nth) => Character>> = {
  'adhesion-promoter': always('thin'),
  'etch-primer': always('thin'),
  'heat-paint': always('thin'),
  'epoxy-primer': always('closed'),
  sealer: always('closed'),
  'wood-sealer': always('closed'),
  'filler-primer': always('medium'),
  surfacer: always('medium'),
  'spray-filler': always('medium'),
  basecoat: baseCharacter,
  'mid-coat': ({ effect }) => (effect === 'flake' ? 'flake' : 'candy'),
  enamel: oneColour('medium'),
  'single-stage': oneColour('full'),
  clear: clearCharacter,
};

/** What is light or drops where others follow is closed where it is the only coat. */
const NOT_ALONE: ReadonlySet<Character> = new Set(['mist', 'tack', 'drop']);

/** Character of coat `coat` of `coats`, counted from 1. */
export function characterOf(product: Laid, coat: number, coats: number, hand: Hand): Character {
  const character = BY_KIND[product.kind](product, { coat, coats, ...hand });
  return coats === 1 && NOT_ALONE.has(character) ? 'closed' : character;
}

/**
 * Share of the layer's film in each coat, as a multiple of the sheet's film per coat; the coats of a layer
 * add up to the sheet's.
 */
export function coatWeights(product: Laid, coats: number, hand: Hand): number[] {
  const raw = Array.from(
    { length: coats },
    (_, i) => CHARACTER_WEIGHT[characterOf(product, i + 1, coats, hand)],
  );
  const sum = raw.reduce((a, b) => a + b, 0);
  return raw.map((w) => (w * coats) / sum);
}
