/** Colours, mid-coats and clears as what lies below. */
import {
  by,
  care,
  FRESH,
  goes,
  goesOf,
  no,
  ok,
  over,
  overChem,
  sanded,
  sandedWet,
  scuffedWet,
  unknown,
  type RuleCard,
} from './card';
import { COLOURS, LACQUERS, POLYESTER, PRIMERS, TOPS, TWO_PART } from './groups';

const BASE = over(['basecoat'], LACQUERS);
const WATER_BASE = over(['basecoat'], ['waterborne']);
const MID = over(['mid-coat']);
const SINGLE = over(['single-stage']);
const ALKYD = overChem('1k-alkyd');
/** A lacquer that is colour and gloss in one. */
const LACQUER_COLOUR = over(['enamel'], LACQUERS);
const CLEAR_TWO = over(['clear'], ['2k-urethane']);
const CLEAR_ONE = over(['clear'], LACQUERS);
const WATER_CLEAR = over(['clear', 'enamel'], ['waterborne']);
const WATER = goesOf([...PRIMERS, ...COLOURS, 'clear'], ['waterborne']);
const effect = (...list: ('candy' | 'flake' | 'pearl')[]) => ({ kind: ['mid-coat'] as const, effect: list });
const GROUNDS = {
  kind: ['basecoat', 'mid-coat'] as const,
  chemistry: LACQUERS,
  effect: ['metallic', 'pearl', 'flake', 'candy'] as const,
};

// A table stays a table: one card a line.
// prettier-ignore
export const COLOURED_CARDS: readonly RuleCard[] = [
  no('polyester-over-colour', over(TOPS), POLYESTER, 'strip-or-epoxy'),
  // Alkyd enamel: hard after weeks, lifted by what is strong before that.
  no('two-pack-over-alkyd', ALKYD, { chemistry: TWO_PART }, 'weeks-and-test-patch'),
  no('lacquer-over-enamel', ALKYD, goesOf([...PRIMERS, ...COLOURS, 'mid-coat', 'clear'], LACQUERS), 'weeks-and-test-patch'),
  care('enamel-over-itself', ALKYD, { kind: [...COLOURS, 'clear', 'filler-primer'], chemistry: ['1k-alkyd'] }, by(sandedWet(600), 'weeks-and-test-patch')),
  unknown('water-over-oil', ALKYD, WATER),
  // What shines through, over what it shines through to.
  ok('candy-on-metallic', { product: GROUNDS }, effect('candy'), FRESH),
  ok('flake-on-base', BASE, effect('flake'), FRESH),
  ok('pearl-on-base', BASE, effect('pearl'), FRESH),
  unknown('mid-over-water-base', WATER_BASE, effect('candy', 'flake', 'pearl')),
  ok('flake-on-flake', over(['mid-coat']), effect('flake', 'pearl'), FRESH),
  unknown('effect-over-clear', over(['clear']), effect('candy', 'flake', 'pearl')),
  no('effect-wants-a-base', over(['single-stage', 'enamel']), effect('candy', 'flake', 'pearl'), 'add-base-ground'),
  unknown('plain-mid', over(TOPS), { kind: ['mid-coat'] }),
  // Base.
  ok('two-pack-clear-on-base', BASE, goesOf(['clear'], ['2k-urethane']), FRESH),
  ok('clear-on-base', BASE, goesOf(['clear'], ['1k-acrylic']), FRESH),
  care('nitro-clear-on-base', BASE, goesOf(['clear'], ['1k-nitro']), by(FRESH, 'test-card')),
  care('enamel-over-lacquer', over(['basecoat', 'enamel'], LACQUERS), goesOf(['enamel', 'clear', 'filler-primer'], ['1k-alkyd']), by(sandedWet(600), 'test-card')),
  ok('base-on-base', BASE, goesOf(['basecoat'], LACQUERS), FRESH),
  care('lacquer-on-base', BASE, goesOf(['enamel'], LACQUERS), by(FRESH, 'test-card')),
  care('two-part-colour-on-base', BASE, goesOf(['single-stage'], ['2k-urethane']), by(FRESH, 'days-and-thin-coats')),
  unknown('water-over-lacquer', over(['basecoat', 'mid-coat', 'enamel', 'clear'], LACQUERS), WATER),
  ok('clear-on-water-base', WATER_BASE, goesOf(['clear'], ['2k-urethane']), FRESH),
  care('lacquer-clear-on-water-base', WATER_BASE, goesOf(['clear'], LACQUERS), by(FRESH, 'test-card')),
  care('water-over-water', over(['basecoat', 'enamel', 'clear'], ['waterborne']), WATER, by(FRESH, 'test-card')),
  unknown('solvent-on-water-base', WATER_BASE, goes(...PRIMERS, ...COLOURS, 'clear')),
  // Mid-coat.
  ok('clear-on-mid', MID, goesOf(['clear'], ['2k-urethane', '1k-acrylic']), FRESH),
  care('base-over-mid', MID, goesOf(['basecoat'], LACQUERS), by(FRESH, 'mask-when-cured')),
  unknown('over-a-mid', MID, goes('enamel', 'single-stage', 'clear')),
  // Lacquer that is colour and gloss.
  care('two-part-over-lacquer-colour', LACQUER_COLOUR, goesOf(['clear', 'single-stage'], TWO_PART), by(FRESH, 'days-and-thin-coats')),
  care('lacquer-again', LACQUER_COLOUR, goesOf(['enamel', 'basecoat', 'clear'], LACQUERS), by(FRESH, 'test-card')),
  // Single-stage.
  ok('single-again', SINGLE, goes('single-stage'), scuffedWet(800)),
  ok('clear-on-single-stage', SINGLE, goesOf(['clear'], ['2k-urethane']), scuffedWet(1000)),
  care('one-pack-over-cured-two-pack', over(['single-stage', 'clear'], ['2k-urethane']), goesOf([...COLOURS, 'clear'], [...LACQUERS, '1k-alkyd']), by(scuffedWet(600), 'scuff-600')),
  care('water-over-cured-two-pack', over(['single-stage', 'clear'], ['2k-urethane']), WATER, by(scuffedWet(600), 'test-card')),
  // Primer over what was seen: a repair.
  care('primer-over-cured-two-pack', over(['single-stage', 'clear'], ['2k-urethane']), goes(...PRIMERS), by(sanded(320), 'remove-layer')),
  care('primer-over-colour', over(['basecoat', 'clear', 'enamel', 'mid-coat'], LACQUERS), goesOf(PRIMERS, [...LACQUERS, ...TWO_PART]), by(sanded(400), 'remove-layer')),
  // Clear.
  ok('clear-on-clear', CLEAR_TWO, goesOf(['clear'], ['2k-urethane']), scuffedWet(1000)),
  care('single-over-clear', CLEAR_TWO, goes('single-stage'), by(scuffedWet(800), 'remove-layer')),
  care('two-part-over-thick-lacquer', CLEAR_ONE, goesOf(['clear', 'single-stage'], ['2k-urethane']), by(scuffedWet(1000), 'days-and-thin-coats')),
  ok('lacquer-clear-again', CLEAR_ONE, goesOf(['clear'], LACQUERS), scuffedWet(1000)),
  care('colour-over-clear', CLEAR_ONE, goesOf(['basecoat', 'enamel'], LACQUERS), by(sandedWet(800), 'remove-layer')),
  care('enamel-over-clear-lacquer', CLEAR_ONE, goesOf(['enamel', 'clear', 'filler-primer'], ['1k-alkyd']), by(sandedWet(600), 'test-card')),
  unknown('solvent-over-water', WATER_CLEAR, goes(...PRIMERS, ...COLOURS, 'clear')),
];
