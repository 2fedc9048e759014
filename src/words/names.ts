/** Names of the closed lists: surfaces, conditions, roles, tasks, causes. */
import { groundOf, surfaceAt, type Surface } from '@/model/ground';
import type { Part, Purpose } from '@/model/job';
import type { TaskKind } from '@/model/plan';
import type { ProductKind, Role } from '@/model/product';
import type { Mark } from '@/model/marks';

export const SUBSTRATE_NAMES: Readonly<Record<Part['substrate'], string>> = {
  steel: 'Steel',
  galvanised: 'Galvanised steel',
  stainless: 'Stainless steel',
  'cast-iron': 'Cast iron',
  aluminium: 'Aluminium',
  'cast-aluminium': 'Cast aluminium',
  anodised: 'Anodised aluminium',
  chrome: 'Chrome plating',
  abs: 'ABS plastic',
  pp: 'PP or TPO plastic',
  textured: 'Textured plastic',
  polycarbonate: 'Polycarbonate',
  pe: 'PE plastic',
  rubber: 'Rubber',
  fibreglass: 'Fibreglass',
  wood: 'Wood',
  mdf: 'MDF',
};
export const FILM_NAMES: Readonly<Record<NonNullable<Part['film']>, string>> = {
  baked: 'baked or 2K, thinner does nothing',
  powder: 'powder coat',
  lacquer: 'lacquer, thinner dissolves it',
  nitro: 'nitrocellulose lacquer',
  enamel: 'oil or alkyd enamel, long hard',
  soft: 'softens or wrinkles under thinner',
  varnish: 'hardware-shop varnish',
  shellac: 'shellac or French polish',
  waterborne: 'waterborne paint',
};
/** An old paint as a word inside a sentence. */
export const FILM_WORDS: Readonly<Record<NonNullable<Part['film']>, string>> = {
  baked: 'baked or 2K',
  powder: 'powder coat',
  lacquer: 'lacquer',
  nitro: 'nitrocellulose',
  enamel: 'old enamel',
  soft: 'softens under thinner',
  varnish: 'varnish',
  shellac: 'shellac',
  waterborne: 'waterborne',
};
export const CONDITION_NAMES: Readonly<Record<Part['condition'], string>> = {
  bare: 'bare',
  'e-coat': 'electro-coat',
  'sound-paint': 'sound old paint',
  'failing-clear': 'failing clear',
  chipped: 'chipped or scratched',
  filled: 'body filler',
  rust: 'rust',
  'unknown-paint': 'unknown old paint',
};
export const POSTURE_NAMES: Readonly<Record<Part['posture'], string>> = {
  flat: 'flat',
  sloped: 'sloped',
  upright: 'upright',
  underside: 'underside',
};
export const SHAPE_NAMES = {
  flat: 'flat',
  curved: 'curved',
  box: 'box',
  tube: 'tube or cylinder',
  frame: 'frame of tubes',
  ellipsoid: 'dome or tank',
  cone: 'cone or bucket',
  polygon: 'outline by points',
  known: 'known area',
} as const;
export const GRADE_NAMES: Readonly<Record<Purpose['grade'], string>> = {
  workhorse: 'workhorse',
  tidy: 'tidy',
  show: 'show',
};
export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  promoter: 'Promoter',
  seal: 'Wood seal',
  etch: 'Etch',
  epoxy: 'Epoxy',
  'spray-filler': 'Spray filler',
  surfacer: 'Surfacer',
  filler: 'Filler',
  sealer: 'Sealer',
  base: 'Base',
  mid: 'Mid-coat',
  colour: 'Colour',
  clear: 'Clear',
};
export const KIND_NAMES: Readonly<Record<ProductKind, string>> = {
  'adhesion-promoter': 'adhesion promoter',
  'wood-sealer': 'wood sealer',
  'spray-filler': 'polyester spray filler',
  surfacer: '2K surfacer',
  sealer: '2K sealer',
  'mid-coat': 'mid-coat',
  'single-stage': '2K single-stage colour',
  'etch-primer': 'etch primer',
  'epoxy-primer': 'epoxy primer',
  'filler-primer': 'filler primer',
  basecoat: 'basecoat',
  enamel: 'enamel',
  'heat-paint': 'heat paint',
  clear: 'clear',
};
export const TASK_NAMES: Readonly<Record<TaskKind, string>> = {
  shop: 'Shop',
  'strip-down': 'Strip down',
  fit: 'Test fit',
  fill: 'Fill',
  sand: 'Sand',
  clean: 'Degrease',
  mask: 'Mask',
  tack: 'Tack off',
  check: 'Check',
  tape: 'Tape up',
  untape: 'Pull the tape',
  activate: 'Activate',
  coat: 'Coat',
  flash: 'Flash',
  rinse: 'Rinse',
  dry: 'Dry',
  unmask: 'Tape off',
  bake: 'Bake',
  move: 'Carry over',
  polish: 'Polish',
};
/** Tasks of a kind that go by another name, by what they say. */
const OTHER_NAMES: Readonly<Record<string, string>> = {
  wash: 'Wash',
  'wash-bloom': 'Wash',
  vacuum: 'Vacuum',
  'move-heated': 'Shut and heat',
  'move-off': 'Open and air',
  'release-wax': 'Dewax',
  'rust-convert': 'Convert',
  'rust-rinse': 'Rinse off',
  'rust-dry': 'Dry off',
  'dent-key': 'Key',
  'dent-key-metal': 'Grind',
  'dent-key-plastic': 'Key',
  'dent-key-epoxy': 'Scuff',
  'dent-feather': 'Feather',
  scuff: 'Scuff',
  scrub: 'Scrub',
  'scuff-late': 'Scuff',
  'blow-off': 'Blow off',
  'blow-only': 'Blow off',
  'mend-wash': 'Wash',
  'mend-blow': 'Blow off',
  'mend-wipe': 'Wipe it off',
  'mend-strip-sand': 'Take off',
  'mend-strip-blade-and-wash': 'Take off',
  'mend-test-patch': 'Test patch',
  'mend-test-lead': 'Lead test',
  'mend-test-tape': 'Tape test',
  'mend-nail': 'Nail test',
  'mend-polish': 'Polish',
  'finish-flat': 'Flat',
  'finish-compound': 'Compound',
  'finish-tape': 'Tape edges',
  'finish-edges': 'Edges',
  'finish-place-frame': 'Frame',
  'finish-place-level': 'Level',
  'finish-place-flat': 'Flat',
  'finish-place-compound': 'Compound',
};

/** What a task is called. */
export const taskName = ({
  kind,
  detail,
}: {
  kind: TaskKind;
  detail?: { code: string } | undefined;
}): string => OTHER_NAMES[detail?.code ?? ''] ?? TASK_NAMES[kind];

export const COLOUR_KIND_NAMES: Readonly<Record<Purpose['colour']['kind'], string>> = {
  solid: 'solid',
  metallic: 'metallic',
  pearl: 'pearl',
  flake: 'flake',
  candy: 'candy',
};
export const EXPOSURE_NAMES: Readonly<Record<Purpose['exposure'][number], string>> = {
  sun: 'sun',
  fuel: 'fuel',
  'brake-fluid': 'brake fluid',
  oil: 'hot oil',
  heat: 'heat over 90 °C',
  'stone-chips': 'stone chips',
  flex: 'flexing',
};

/** Short words for what rules an hour out, as they stand in the ribbon. */
export const CAUSE_WORDS: Readonly<Record<string, string>> = {
  wind: 'windy',
  gusts: 'gusty',
  'place-wind': 'walls flap',
  insects: 'insects',
  'dew-gap': 'near dew',
  humid: 'damp',
  hot: 'hot',
  pop: 'sun on it',
  cold: 'cold',
  rain: 'rain',
  dew: 'dew',
  dark: 'dark',
  'recoat-max': 'recoat too late',
  'bond-window': 'bond too late',
  'pot-life': 'pot life',
  'beyond-forecast': 'beyond forecast',
  'not-ready': 'not ready',
  'free-hours': 'hours over',
};
/** The limit itself, for sentences. */
export const CAUSE_LIMITS: Readonly<Record<string, string>> = {
  wind: 'too much wind before it is dust-free',
  gusts: 'gusts before it is dust-free',
  'place-wind': 'wind that shakes dust off the walls',
  insects: 'insects at dusk before it is dust-free',
  'dew-gap': 'too near the dew point before it is touch-dry',
  humid: 'too humid before it is touch-dry',
  hot: 'the panel too hot',
  pop: 'sun on a soft film',
  cold: 'too cold before it is handle-dry',
  rain: 'rain before it is handle-dry',
  dew: 'dew before it is handle-dry',
  dark: 'too dark',
  'recoat-max': 'the next coat too late',
  'bond-window': 'the coat below no longer bonds',
  'pot-life': 'the pot life runs out',
  'beyond-forecast': 'the forecast ends',
  'not-ready': 'the layer below is not dry',
  'free-hours': 'it ends after your free hours',
};
/** Stages of drying, and what ends. */
export const CHARTED_NAMES = {
  flash: 'Flash, next coat of it',
  next: 'Next product over it',
  dustFree: 'Dust-free',
  touchDry: 'Touch-dry',
  tape: 'Tape on it',
  handle: 'Handle-dry',
  sand: 'Sanding',
  again: 'Again after its span',
  polish: 'Polishing',
  cure: 'Cured',
  'recoat-max': 'Latest next coat of it',
  'bond-max': 'Latest for a bond',
  pot: 'Pot life',
} as const;
/** Grades of hardener and reducer. */
export const GRADE_WORDS = {
  fast: 'fast',
  standard: 'standard',
  slow: 'slow',
  'very-slow': 'very slow',
} as const;
export const MARK_NAMES: Readonly<Record<Mark, string>> = {
  P: 'published',
  CP: 'common practice, no source',
  M: 'from memory, editable',
  ID: 'identity of arithmetic or physics',
  sheet: 'from the product’s sheet',
  borrowed: 'borrowed from a product like it; its own sheet wins',
  own: 'your own figure',
};
export const MARK_LETTERS: Readonly<Record<Mark, string>> = {
  P: 'P',
  CP: 'CP',
  M: 'M',
  ID: 'ID',
  sheet: 'sheet',
  borrowed: 'borrowed',
  own: 'yours',
};

/** A material inside a sentence; abbreviations keep their capitals. */
export function substrateInSentence(substrate: Part['substrate']): string {
  const name = SUBSTRATE_NAMES[substrate].toLowerCase();
  return SPELT.reduce((said, word) => said.replace(word.toLowerCase(), word), name);
}
const SPELT = ['ABS', 'PP or TPO', 'PE plastic', 'MDF'] as const;

/** A surface as a person says it: bare steel, sound old paint on aluminium (lacquer). */
export function surfaceName(at: Surface): string {
  const { substrate, condition, film } = surfaceAt(at);
  if (condition === 'bare') return `bare ${substrateInSentence(substrate)}`;
  const kind = film ? ` (${FILM_WORDS[film]})` : '';
  return `${CONDITION_NAMES[condition]} on ${substrateInSentence(substrate)}${kind}`;
}

/** What lies below a seam, from its text in a plan: a surface in words, a layer by its id. */
export function groundName(text: string): string {
  const ground = groundOf(text);
  return ground.kind === 'surface' ? surfaceName(ground) : ground.layerId;
}

/** How a layer came out, 0 to 4. */
export const LOG_MARKS = ['to be done again', 'poor, but it holds', 'usable', 'good', 'as hoped'] as const;

/** Figures of a data sheet by their field. */
export const LABEL_FIELDS: Readonly<Record<string, string>> = {
  mix: 'ratio',
  flashMin: 'flash',
  nextMinMin: 'next product from',
  nextBondMaxMin: 'next product until',
  itselfMaxMin: 'itself until',
  itselfForbiddenMin: 'itself not between',
  dustFreeMin: 'dust-free',
  touchDryMin: 'touch-dry',
  handleMin: 'handle',
  sandMin: 'sand',
  cureMin: 'cured',
  potLifeMin: 'pot life',
  inductionMin: 'stand after mixing',
  coats: 'coats',
  filmUmPerCoat: 'film a coat',
  solidsFrac: 'solids',
  coverM2: 'a pack covers, m²',
  coverM2PerL: 'cover, m² per litre',
  tempMinC: 'coldest',
  tempMaxC: 'hottest',
  rhMaxFrac: 'humidity up to',
  dewGapMinK: 'over the dew point, K',
  windMaxMs: 'wind up to',
  packMl: 'pack, ml',
  packG: 'pack, g',
  vocGPerL: 'VOC, g/l',
  flashPointC: 'flash point',
  tipMm: 'fluid tip, mm',
  densityGPerMl: 'density, g/ml',
  isocyanate: 'isocyanate',
  gloss: 'gloss',
  kind: 'kind',
  refTempC: 'times are for',
  shelfClosedMonths: 'keeps closed, months',
  shelfOpenMonths: 'keeps opened, months',
};

/** Where practitioners differ: the question, its schools, why the default, who would choose otherwise. */
export const SCHOOL_WORDS: Readonly<
  Record<
    string,
    { readonly ask: string; readonly options: Readonly<Record<string, string>>; readonly why: string }
  >
> = {
  lastGrit: {
    ask: 'Last grit before the colour',
    options: {
      'by-colour': 'by colour and grade',
      '320': 'P320',
      '400': 'P400',
      '600': 'P600',
      '800': 'P800',
    },
    why: 'Scratches show under metallics, dark colours and a show finish. A thick workhorse build hides P320.',
  },
  sealer: {
    ask: 'Sealer under the base',
    options: { patchy: 'only on patchy ground', always: 'always' },
    why: 'It saves a layer where the primer is even. With a gun many always use it, for one even shade.',
  },
  baseToClear: {
    ask: 'Base to clear',
    options: { sheet: 'as the sheet', '30': '30 min', '60': '1 h', '180': '3 h' },
    why: 'The sheet’s times come first. In the cold or over thick base many wait longer, but never past the bond time.',
  },
  firstClear: {
    ask: 'First coat of clear',
    options: { tack: 'light tack', medium: 'medium wet' },
    why: 'A tack coat holds the next ones on upright faces. With a steady hand you can go wet at once.',
  },
  lastEffect: {
    ask: 'Last coat of a metallic or pearl',
    options: { drop: 'light drop coat', wet: 'as wet as the others' },
    why: 'From further off and dry it lays the flakes down evenly; some lacquer cans ask for a wet one.',
  },
  flatting: {
    ask: 'Clear is',
    options: { 'as-it-falls': 'left as it falls', flatted: 'flatted and polished' },
    why: 'Flatting takes 5–15 µm off, so one coat more is sprayed.',
  },
  drying: {
    ask: 'Drying follows the heat',
    options: { energy: 'by its energy', tenth: 'half per 10 °C' },
    why: 'Solvent leaves 1.7 times faster at 30 °C than at 20 by its energy, twice by the rule of ten. A sheet’s own pair of times wins over both.',
  },
};
