/** Bare surfaces: metal, zinc, plastic, gelcoat, timber. */
import { CASTINGS, CRAZING, PROMOTED, TIMBER } from '@/model/substrates';
import { by, care, goes, goesOf, no, ok, sanded, scuffed, surface, unknown, type RuleCard } from './card';
import { COLOURS, POLYESTER, STRONG } from './groups';

const bare = (...substrate: NonNullable<Parameters<typeof surface>[0]>[number][]) =>
  surface(substrate, ['bare']);
const PLAIN = bare('steel', 'cast-iron', 'aluminium', 'cast-aluminium');
const KEYED = bare('steel', 'cast-iron', 'aluminium', 'cast-aluminium', 'stainless');
const EVERY_METAL = bare(
  'steel',
  'cast-iron',
  'aluminium',
  'cast-aluminium',
  'stainless',
  'anodised',
  'chrome',
);

// A table stays a table: one card a line.
// prettier-ignore
export const METAL_CARDS: readonly RuleCard[] = [
  ok('steel-within-hours', bare('steel'), goes('etch-primer', 'epoxy-primer'), sanded(180)),
  ok('aluminium-same-day', bare('aluminium'), goes('etch-primer', 'epoxy-primer'), sanded(320)),
  care('casting-sweats-oil', bare(...CASTINGS), goes('etch-primer', 'epoxy-primer'), by(sanded(180), 'degrease-warm')),
  care('stainless-keyed', bare('stainless'), goes('etch-primer', 'epoxy-primer'), by(sanded(120), 'ask-sheet-metal')),
  care('anodised-cut-through', bare('anodised'), goes('etch-primer', 'epoxy-primer'), by(sanded(180), 'ask-sheet-metal')),
  unknown('plating-and-epoxy', bare('chrome'), goes('epoxy-primer')),
  no('acid-and-chrome', bare('chrome'), goes('etch-primer'), 'plating-off-or-epoxy'),
  ok('heat-paint-on-metal', KEYED, goes('heat-paint'), sanded(180)),
  unknown('heat-on-plating', bare('anodised', 'chrome'), goes('heat-paint')),
  ok('polyester-on-metal', KEYED, POLYESTER, sanded(80)),
  no('polyester-on-plating', bare('anodised', 'chrome'), POLYESTER, 'plating-off-or-epoxy'),
  no('water-rusts-steel', PLAIN, { kind: ['basecoat', 'filler-primer', 'enamel', 'clear'], chemistry: ['waterborne'] }, 'add-etch'),
  no('primer-needs-etch', EVERY_METAL, goes('filler-primer', 'surfacer', 'sealer', 'spray-filler'), 'add-etch'),
  no('colour-needs-etch', EVERY_METAL, goes(...COLOURS), 'add-etch'),
  no('clear-on-metal', EVERY_METAL, goes('clear'), 'add-etch'),
  // Zinc.
  ok('zinc-epoxy', bare('galvanised'), goes('epoxy-primer'), scuffed(320)),
  care('zinc-etch-by-sheet', bare('galvanised'), goes('etch-primer'), by(scuffed(320), 'ask-sheet-zinc')),
  no('zinc-saponifies', bare('galvanised'), { chemistry: ['1k-alkyd'] }, 'add-epoxy'),
  no('polyester-on-zinc', bare('galvanised'), POLYESTER, 'add-epoxy'),
  no('zinc-needs-epoxy', bare('galvanised'), goes('filler-primer', 'surfacer', 'sealer', ...COLOURS), 'add-epoxy'),
  no('clear-on-metal', bare('galvanised'), goes('clear'), 'add-epoxy'),
];

// prettier-ignore
export const PLASTIC_CARDS: readonly RuleCard[] = [
  no('pe-does-not-hold', surface(['pe']), goes('adhesion-promoter', 'filler-primer', 'epoxy-primer', 'surfacer', 'sealer', 'spray-filler', ...COLOURS, 'clear'), 'pe-maker-only'),
  no('rubber-moves', surface(['rubber']), goes('adhesion-promoter', 'filler-primer', 'epoxy-primer', 'surfacer', 'sealer', 'spray-filler', ...COLOURS, 'clear'), 'rubber-leave'),
  ok('pp-takes-promoter', bare('pp'), goes('adhesion-promoter'), scuffed(600)),
  care('texture-fills', bare('textured'), goes('adhesion-promoter'), by(scuffed(600), 'thin-on-texture')),
  no('filler-for-plastic-only', surface([...PROMOTED, ...CRAZING], ['bare', 'filled']), POLYESTER, 'plastic-filler'),
  no('pp-needs-promoter', bare(...PROMOTED), goes('filler-primer', 'epoxy-primer', 'surfacer', 'sealer', ...COLOURS, 'clear'), 'add-promoter'),
  ok('abs-promoter', bare('abs'), goes('adhesion-promoter'), scuffed(600)),
  care('polycarbonate-stress', bare('polycarbonate'), goes('adhesion-promoter'), by(scuffed(600), 'light-first-coat')),
  care('abs-strong-solvent', bare(...CRAZING), goesOf(['filler-primer', 'basecoat', 'epoxy-primer', 'surfacer', 'sealer'], STRONG), by(scuffed(600), 'light-first-coat')),
  unknown('water-on-plastic', bare(...CRAZING), goesOf(['filler-primer', 'basecoat', 'enamel', 'clear'], ['waterborne'])),
  no('plastic-needs-primer', bare(...CRAZING), goes('filler-primer', 'basecoat', 'enamel', 'single-stage', 'clear'), 'add-promoter'),
];

// prettier-ignore
export const MOULD_AND_TIMBER_CARDS: readonly RuleCard[] = [
  ok('gelcoat-surfacer', bare('fibreglass'), goes('surfacer', 'epoxy-primer', 'spray-filler'), sanded(180)),
  care('gelcoat-lacquer-primer', bare('fibreglass'), goesOf(['filler-primer'], ['1k-acrylic']), by(sanded(220), 'release-wax-and-pinholes')),
  unknown('water-on-gelcoat', bare('fibreglass'), goesOf(['filler-primer'], ['waterborne'])),
  no('gelcoat-needs-primer', bare('fibreglass'), goes('filler-primer', 'sealer', ...COLOURS, 'clear'), 'add-epoxy'),
  ok('wood-sealed', bare('wood'), goes('wood-sealer'), sanded(240)),
  care('mdf-edges-drink', bare('mdf'), goes('wood-sealer'), by(sanded(240), 'edges-twice')),
  ok('wood-two-pack', bare(...TIMBER), goes('surfacer', 'epoxy-primer'), sanded(180)),
  unknown('polyester-on-wood', bare(...TIMBER), POLYESTER),
  no('water-raises-grain', bare(...TIMBER), { kind: ['filler-primer', 'basecoat', 'enamel', 'clear'], chemistry: ['waterborne'] }, 'add-wood-sealer'),
  no('wood-drinks', bare(...TIMBER), goes('filler-primer', 'sealer', ...COLOURS, 'clear'), 'add-wood-sealer'),
];
