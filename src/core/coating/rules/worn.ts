/** Filler, rust, electro-coat and paint of somebody else's. */
import { CRAZING, METALS, PAINTED, PROMOTED, TIMBER } from '@/model/substrates';
import type { Surface } from '@/model/ground';
import {
  by,
  care,
  goes,
  goesOf,
  no,
  ok,
  sanded,
  sandedWet,
  scuffed,
  scuffedWet,
  surface,
  unknown,
  type RuleCard,
} from './card';
import { COLOURS, POLYESTER, TWO_PART } from './groups';

const coated = (...condition: Surface['condition'][]): RuleCard['on'] => ({ surface: { condition } });
const GLASS_AND_TIMBER = ['fibreglass', ...TIMBER] as const;
const SOFT_PLASTIC = [...PROMOTED, ...CRAZING] as const;
const NEVER_ON_RAW_FILLER = goes(...COLOURS, 'clear');

// A table stays a table: one card a line.
// prettier-ignore
export const FILLED_CARDS: readonly RuleCard[] = [
  no('etch-over-filler', surface(METALS, ['filled']), goes('etch-primer'), 'epoxy-instead'),
  care('promoter-round-filler', surface(SOFT_PLASTIC, ['filled']), goes('adhesion-promoter'), by(scuffed(600), 'bare-plastic-only')),
  no('plastic-round-filler', surface(PROMOTED, ['filled']), goes('filler-primer', 'epoxy-primer', 'surfacer', 'sealer'), 'add-promoter'),
  care('filled-plastic-crazes', surface(CRAZING, ['filled']), goesOf(['epoxy-primer', 'surfacer'], TWO_PART), by(sanded(320), 'light-first-coat')),
  ok('filler-again', surface([...METALS, 'fibreglass'], ['filled']), POLYESTER, sanded(80)),
  unknown('polyester-on-wood', surface(TIMBER, ['filled']), POLYESTER),
  ok('filler-sealed', coated('filled'), goes('epoxy-primer', 'surfacer'), sanded(180)),
  care('filler-thinly-sealed', coated('filled'), goesOf(['sealer'], ['2k-urethane']), by(sanded(320), 'seal-with-two-pack')),
  care('filler-under-lacquer', coated('filled'), goesOf(['filler-primer'], ['1k-acrylic']), by(sanded(320), 'seal-with-two-pack')),
  unknown('water-on-filler', coated('filled'), goesOf(['filler-primer'], ['waterborne'])),
  unknown('shellac-over-filler', surface(TIMBER, ['filled']), goes('wood-sealer')),
  no('filler-needs-seal', coated('filled'), { kind: [...NEVER_ON_RAW_FILLER.kind!, 'filler-primer', 'sealer'] }, 'add-epoxy'),
];

// prettier-ignore
export const RUST_CARDS: readonly RuleCard[] = [
  care('rust-bright-then-epoxy', coated('rust'), goes('epoxy-primer'), by(sanded(120), 'rinse-and-same-day')),
  no('acid-over-rust', coated('rust'), goes('etch-primer'), 'bright-then-epoxy'),
  no('filler-over-rust', coated('rust'), POLYESTER, 'bright-then-epoxy'),
  no('rust-needs-epoxy', coated('rust'), goes('filler-primer', 'surfacer', 'sealer', ...COLOURS, 'clear'), 'bright-then-epoxy'),
];

const SHIPPING = {
  surface: {
    condition: ['e-coat'],
    film: ['lacquer', 'nitro', 'soft', 'enamel', 'varnish', 'shellac', 'waterborne'],
  },
} as const;

// prettier-ignore
export const ECOAT_CARDS: readonly RuleCard[] = [
  no('shipping-paint-off', SHIPPING, goes('etch-primer', 'filler-primer', 'epoxy-primer', 'surfacer', 'sealer', 'spray-filler', ...COLOURS, 'clear'), 'strip-it'),
  ok('ecoat-primer', { surface: { condition: ['e-coat'], film: ['baked', 'powder'] } }, goes('filler-primer', 'epoxy-primer', 'surfacer', 'sealer'), scuffedWet(400)),
  care('ecoat-rubbed-first', coated('e-coat'), goes('filler-primer', 'epoxy-primer', 'surfacer', 'sealer'), by(scuffedWet(400), 'rub-test-panel')),
  care('ecoat-colour-by-sheet', coated('e-coat'), goes(...COLOURS), by(scuffedWet('colour'), 'ask-part-sheet')),
  care('etch-over-paint-by-sheet', coated('e-coat'), goes('etch-primer'), by(scuffed(320), 'etch-bare-spots-only')),
  no('polyester-over-paint', coated('e-coat'), POLYESTER, 'ground-to-metal'),
  no('clear-needs-colour', coated('e-coat'), goes('clear'), 'add-colour'),
];

/** Flaking or chipped: no colour goes on it, whatever the film is. */
// prettier-ignore
export const BROKEN_CARDS: readonly RuleCard[] = [
  no('failing-clear-needs-primer', coated('failing-clear'), goes('sealer', ...COLOURS), 'add-filler'),
  no('clear-over-failing-clear', coated('failing-clear'), goes('clear'), 'strip-and-start'),
  no('chips-need-primer', coated('chipped'), goes('sealer', ...COLOURS, 'clear'), 'add-filler'),
];

// prettier-ignore
export const PAINTED_CARDS: readonly RuleCard[] = [
  no('polyester-over-paint', coated(...PAINTED), POLYESTER, 'strip-or-epoxy'),
  care('promoter-on-bare-spots', surface(SOFT_PLASTIC, PAINTED), goes('adhesion-promoter'), by(scuffed(600), 'bare-plastic-only')),
  no('etch-over-unknown', surface(METALS, ['unknown-paint']), goes('etch-primer'), 'isolate-with-epoxy'),
  care('etch-over-paint-by-sheet', surface(METALS, PAINTED), goes('etch-primer'), by(scuffed(320), 'etch-bare-spots-only')),
  // Nobody knows what it is.
  care('unknown-isolated', coated('unknown-paint'), goes('epoxy-primer'), by(sanded(320), 'rub-test')),
  care('water-as-barrier', coated('unknown-paint', 'sound-paint'), goesOf(['filler-primer'], ['waterborne']), by(sanded(320), 'patch-first')),
  no('only-epoxy-isolates', coated('unknown-paint'), goes('surfacer', 'sealer', 'filler-primer'), 'isolate-with-epoxy'),
  no('unknown-needs-isolation', coated('unknown-paint'), goes(...COLOURS), 'isolate-with-epoxy'),
  no('clear-over-unknown', coated('unknown-paint'), goes('clear'), 'isolate-with-epoxy'),
  unknown('shellac-as-barrier', surface(TIMBER, PAINTED), goes('wood-sealer')),
  // It lets go.
  care('failing-clear-off-first', coated('failing-clear'), goes('filler-primer', 'epoxy-primer', 'surfacer'), by(sanded(320), 'rub-test')),
  // Chips show what is below.
  ok('chips-isolated', surface(METALS, ['chipped']), goes('epoxy-primer'), sanded(320)),
  care('chips-bare-spots', surface(['galvanised'], ['chipped']), goes('surfacer', 'filler-primer'), by(sanded(320), 'spot-epoxy-zinc')),
  care('chips-feathered', surface(METALS, ['chipped']), goes('surfacer', 'filler-primer'), by(sanded(320), 'spot-etch-bare')),
  care('chips-on-plastic', surface(SOFT_PLASTIC, ['chipped']), goes('epoxy-primer', 'surfacer', 'filler-primer'), by(sanded(320), 'spot-promoter')),
  ok('chips-levelled', surface(GLASS_AND_TIMBER, ['chipped']), goes('epoxy-primer', 'surfacer'), sanded(320)),
  care('chips-drink', surface(GLASS_AND_TIMBER, ['chipped']), goes('filler-primer'), by(sanded(320), 'spot-seal')),
  // Sound, and not rubbed yet.
  ok('old-paint-isolated', coated('sound-paint'), goes('epoxy-primer'), sanded(320)),
  care('old-paint-not-isolated', coated('sound-paint'), goes('surfacer', 'sealer'), by(sanded(400), 'rub-test')),
  care('old-paint-unknown', coated('sound-paint'), goes('filler-primer'), by(sandedWet(400), 'rub-test')),
  care('old-paint-unknown', coated('sound-paint'), goes(...COLOURS), by(sandedWet('colour'), 'rub-test')),
  care('clear-over-old-paint', coated('sound-paint'), goes('clear'), by(scuffedWet(1000), 'rub-test')),
];
