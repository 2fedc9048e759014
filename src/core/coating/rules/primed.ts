/** Primers as what lies below. */
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
  scuffed,
  unknown,
  type RuleCard,
} from './card';
import { COLOURS, LACQUERS, LEVELLERS, ONE_PART, POLYESTER, PRIMERS, TOPS, TWO_PART } from './groups';

const PROMOTER = over(['adhesion-promoter']);
const SEALED_WOOD = over(['wood-sealer']);
const ETCH = over(['etch-primer']);
const EPOXY = over(['epoxy-primer']);
const SPRAY_FILLER = over(['spray-filler']);
const SURFACER = over(['surfacer']);
const FILLER = over(['filler-primer'], ['1k-acrylic', '1k-nitro']);
const WATER_FILLER = over(['filler-primer'], ['waterborne']);
const SEALER = over(['sealer']);
const WATER = goesOf([...PRIMERS, ...TOPS], ['waterborne']);
const SOLVENT_COLOUR = goesOf(COLOURS, [...LACQUERS, '1k-alkyd']);

// A table stays a table: one card a line.
// prettier-ignore
export const PRIMED_CARDS: readonly RuleCard[] = [
  no('polyester-over-etch', ETCH, POLYESTER, 'epoxy-instead'),
  no('polyester-over-one-pack', overChem(...ONE_PART), POLYESTER, 'strip-or-epoxy'),
  ok('polyester-on-epoxy', EPOXY, POLYESTER, scuffed(180)),
  ok('polyester-again', SPRAY_FILLER, POLYESTER, sanded(120)),
  unknown('polyester-over-two-part-primer', over(['surfacer', 'sealer'], ['2k-urethane']), POLYESTER),
  no('clear-needs-colour', over(['etch-primer', 'adhesion-promoter', 'filler-primer', 'epoxy-primer', 'surfacer', 'sealer']), goes('clear'), 'add-colour'),
  no('clear-on-polyester', SPRAY_FILLER, goes('clear'), 'add-surfacer'),
  unknown('oil-primer-between', over(['etch-primer', 'epoxy-primer', 'spray-filler', 'surfacer', 'filler-primer', 'sealer', 'mid-coat']), goesOf(['filler-primer'], ['1k-alkyd'])),
  // Promoter: only what its sheet takes, inside its window.
  unknown('water-on-promoter', PROMOTER, WATER),
  ok('promoter-window', PROMOTER, goesOf(['filler-primer', 'basecoat'], ['1k-acrylic']), FRESH),
  care('promoter-as-sheet', PROMOTER, goesOf([...PRIMERS, ...COLOURS], [...LACQUERS, '1k-alkyd', ...TWO_PART]), by(FRESH, 'ask-sheet')),
  // Dewaxed shellac and its like.
  unknown('water-on-shellac', SEALED_WOOD, WATER),
  ok('sealer-again', SEALED_WOOD, goes('wood-sealer'), sanded(320)),
  ok('leveller-on-shellac', SEALED_WOOD, goes(...PRIMERS), sanded(320)),
  care('colour-on-shellac', SEALED_WOOD, goes(...COLOURS), by(sanded(320), 'add-filler')),
  care('clear-on-shellac', SEALED_WOOD, goes('clear'), by(sanded(320), 'test-card')),
  // Etch: inside its window, and nothing that its acid stops.
  unknown('water-on-etch', ETCH, WATER),
  no('epoxy-over-etch', ETCH, goes('epoxy-primer'), 'one-of-both'),
  ok('surfacer-on-etch', ETCH, goesOf(['surfacer', 'sealer'], ['2k-urethane']), FRESH),
  ok('filler-on-etch', ETCH, goesOf(['filler-primer'], LACQUERS), FRESH),
  care('colour-on-etch', ETCH, goes(...COLOURS), by(FRESH, 'add-filler')),
  // Epoxy: its window is for itself and other two-part paint. One-part solvent swells it while it is young.
  ok('epoxy-window', EPOXY, goesOf([...PRIMERS, 'single-stage'], TWO_PART), FRESH),
  ok('filler-on-hard-epoxy', EPOXY, goesOf(['filler-primer'], LACQUERS), scuffed(320)),
  ok('colour-on-hard-epoxy', EPOXY, SOLVENT_COLOUR, scuffed('colour')),
  care('water-on-hard-epoxy', EPOXY, WATER, by(scuffed(400), 'ask-sheet-water')),
  // Spray filler drinks and maps.
  ok('two-pack-on-polyester', SPRAY_FILLER, goesOf(['surfacer', 'epoxy-primer', 'sealer'], TWO_PART), sanded(180)),
  care('lacquer-on-polyester', SPRAY_FILLER, goesOf(['filler-primer'], LACQUERS), by(sanded(320), 'seal-with-two-pack')),
  unknown('water-on-polyester', SPRAY_FILLER, WATER),
  no('polyester-needs-seal', SPRAY_FILLER, goes(...COLOURS), 'add-surfacer'),
  // Surfacer.
  ok('surfacer-again', SURFACER, goes('surfacer', 'epoxy-primer'), sanded(240)),
  ok('filler-on-surfacer', SURFACER, goesOf(['filler-primer'], LACQUERS), sanded(320)),
  ok('sealer-on-leveller', SURFACER, goes('sealer'), sanded(400)),
  care('water-on-blocked-primer', over(LEVELLERS, ['2k-urethane', '1k-acrylic']), WATER, by(sandedWet(600), 'ask-sheet-water')),
  ok('surfacer-blocked', SURFACER, goes(...COLOURS), sandedWet('colour')),
  // One-part filler primer: two-part paint swells it while it holds solvent.
  care('two-pack-over-lacquer-primer', FILLER, goesOf([...PRIMERS, 'single-stage'], TWO_PART), by(sanded(400), 'days-and-thin-coats')),
  ok('filler-blocked-again', FILLER, goesOf(['filler-primer'], LACQUERS), sanded(320)),
  ok('colour-on-filler', FILLER, SOLVENT_COLOUR, sandedWet('colour')),
  unknown('water-on-nitro-primer', FILLER, WATER),
  care('water-over-water', WATER_FILLER, WATER, by(sanded(400), 'test-card')),
  care('solvent-over-barrier', WATER_FILLER, goesOf([...PRIMERS, ...COLOURS], [...LACQUERS, '1k-alkyd', ...TWO_PART]), by(sanded(400), 'patch-first')),
  // Sealer: the colour goes on it wet.
  ok('colour-on-sealer', SEALER, goesOf(COLOURS, [...LACQUERS, '1k-alkyd', '2k-urethane']), FRESH),
  ok('two-part-on-sealer', SEALER, goesOf(['sealer', 'surfacer', 'epoxy-primer'], TWO_PART), FRESH),
  care('water-on-sealer', SEALER, WATER, by(FRESH, 'ask-sheet-water')),
  care('filler-on-sealer', SEALER, goesOf(['filler-primer'], LACQUERS), by(scuffed(400), 'remove-layer')),
  care('heat-over-its-own', over(['heat-paint']), goes('heat-paint'), by(FRESH, 'ask-sheet')),
  no('nothing-over-heat-paint', over(['heat-paint']), goes(...PRIMERS, ...COLOURS, 'clear'), 'remove-layer'),
  no('polyester-over-heat-paint', over(['heat-paint']), POLYESTER, 'strip-to-metal'),
];
