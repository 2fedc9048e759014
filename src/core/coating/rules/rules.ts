/** All rule cards in the order they are asked, and the card that decides a seam. */
import { surfaceAt, type Surface } from '@/model/ground';
import type { Product } from '@/model/product';
import { METAL_CARDS, MOULD_AND_TIMBER_CARDS, PLASTIC_CARDS } from './bare';
import { fits, type Below, type RuleCard } from './card';
import { COLOURED_CARDS } from './coloured';
import { FILM_CARDS, SOFT_CARDS } from './films';
import { PRIMED_CARDS } from './primed';
import { PURPOSE_CARDS } from './purpose';
import { BROKEN_CARDS, ECOAT_CARDS, FILLED_CARDS, PAINTED_CARDS, RUST_CARDS } from './worn';

export const RULE_CARDS: readonly RuleCard[] = [
  ...PURPOSE_CARDS,
  ...PLASTIC_CARDS,
  ...METAL_CARDS,
  ...MOULD_AND_TIMBER_CARDS,
  ...FILLED_CARDS,
  ...RUST_CARDS,
  ...ECOAT_CARDS,
  ...SOFT_CARDS,
  ...BROKEN_CARDS,
  ...FILM_CARDS,
  ...PAINTED_CARDS,
  ...PRIMED_CARDS,
  ...COLOURED_CARDS,
];

/** A paint that a rub with thinner, or its history, has named is no longer unknown. */
function named(at: Surface): Surface {
  const surface = surfaceAt(at);
  const isNamed = surface.condition === 'unknown-paint' && surface.film !== undefined;
  return isNamed ? { ...surface, condition: 'sound-paint' } : surface;
}

/** The card that decides a seam; null when none speaks of it, which is unknown. */
export function ruleFor(below: Below, above: Product): RuleCard | null {
  const seen = 'surface' in below ? { surface: named(below.surface) } : below;
  return RULE_CARDS.find((card) => fits(card, seen, above)) ?? null;
}
