/**
 * What follows from a product's chemistry alone, one card each: how many parts it is mixed from,
 * what makes it hard, what ends the time for another coat of itself, what it does not stand, and
 * which hazards it carries whatever its kind. A new chemistry does not compile until it has a card.
 * Common practice, no source, unless a line says otherwise.
 */
import type { Product } from '@/model/product';

export type Chemistry = Product['chemistry'];
/** Solvent leaving, water leaving (slower in damp air), or a reaction of the film itself. */
export type DryMode = 'evaporation' | 'water' | 'cure';

export interface ChemistryCard {
  /** Two parts react once mixed: there is a pot life, and there is no way back. */
  readonly parts: 1 | 2;
  /** What leaves the film first: flash, next coat, dust-free. */
  readonly flashes: 'evaporation' | 'water';
  /** What makes it hard: touch-dry, handle-dry, sandable. */
  readonly hardens: DryMode;
  /**
   * Another coat of itself: dissolves into it at any time, has to come before the bond is lost, or lifts it
   * inside a span.
   */
  readonly itself: 'dissolves' | 'bonds' | 'lifts';
  /** What it may meet in service that softens or lifts its film. */
  readonly attackedBy: readonly ('fuel' | 'brake-fluid' | 'oil')[];
  /** Codes of the cautions that belong to the chemistry itself. */
  readonly hazards: readonly string[];
}

const LACQUER = {
  parts: 1,
  flashes: 'evaporation',
  hardens: 'evaporation',
  itself: 'dissolves',
  attackedBy: ['fuel', 'brake-fluid', 'oil'],
  hazards: [],
} as const;
const REACTS = {
  parts: 2,
  flashes: 'evaporation',
  hardens: 'cure',
  itself: 'bonds',
  attackedBy: ['brake-fluid'],
  hazards: [],
} as const;

// A table stays a table: one card a line.
// prettier-ignore
export const CHEMISTRY_CARDS: Readonly<Record<Chemistry, ChemistryCard>> = {
  '1k-acrylic': LACQUER,
  // Its dust burns, and never lies with peroxide.
  '1k-nitro': { ...LACQUER, hazards: ['nitro-dust'] },
  // Oxidises; counted as cure (ASSUMED, slower still in damp). Its second coat lifts between about an hour
  // and two days.
  '1k-alkyd': { ...LACQUER, hardens: 'cure', itself: 'lifts', attackedBy: ['fuel', 'brake-fluid'] },
  '2k-urethane': REACTS,
  '2k-epoxy': { ...REACTS, hazards: ['skin-sensitiser'] },
  polyester: { ...REACTS, attackedBy: ['fuel', 'brake-fluid'] },
  etch: { ...LACQUER, itself: 'bonds' },
  cpo: { ...LACQUER, itself: 'bonds' },
  // Dry to the touch by solvent, hard only by heat; counted as cure.
  silicone: { ...LACQUER, hardens: 'cure', attackedBy: ['fuel', 'brake-fluid'] },
  // Spirit leaves and the resin stays: nothing reacts.
  shellac: LACQUER,
  waterborne: { ...LACQUER, flashes: 'water', hardens: 'water' },
};

/** True for what is mixed with a hardener and dies: the one place where this is decided. */
export function isTwoPart(product: Pick<Product, 'chemistry'>): boolean {
  return CHEMISTRY_CARDS[product.chemistry].parts === 2;
}

/** Two-part and epoxy under this cure slowly and dull, whatever their sheet allows, °C. Common practice. */
export const TWO_PART_COMFORT_C = 15;

export const isFuelProof = ({ chemistry }: Pick<Product, 'chemistry'>): boolean =>
  !CHEMISTRY_CARDS[chemistry].attackedBy.includes('fuel');
