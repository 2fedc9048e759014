/**
 * A mend as tasks: what is waited for, sanded, cleaned and sprayed again, on one film of one build-up. A mend that may
 * not be done there is none. Times from memory, an hour's work a square metre; films and waits by the sheet.
 */
import { isTwoPart } from '../chemistry/cards';
import { filmLimits } from '../coating/film-budget';
import { ruleFor } from '../coating/rules/rules';
import { COLOURED, isEffect } from '../coating/tint';
import { liftsItself, type Stage } from '../drying/rate';
import type { Product } from '@/model/product';
import { mendsOn, type FaultCard, type FilmSeen, type MendKind } from './card';

/** How far the film is. */
export const REACHED = ['wet', 'flashed', 'dry', 'hard'] as const;
export type Reached = (typeof REACHED)[number];

/** What is mended. */
export interface Mending {
  readonly film: FilmSeen;
  readonly reached: Reached;
  /** What lies right under the film stands its reducer: cured two-part, metal, paint that passed the rub. */
  readonly standsReducer: boolean;
  /** Dry film of this product that is on, low end, µm. */
  readonly lowUm: number;
  /** The colour under a clear, and the clear over a colour, where there is one. */
  readonly colour: Product | null;
  readonly clear: Product | null;
  /** What isolates and levels in this build-up. */
  readonly primer: Product | null;
  readonly areaM2: number;
}

export type MendStep =
  | { readonly do: 'wait'; readonly stage: Stage; readonly times: number }
  | {
      readonly do: 'sand';
      readonly gritP: number;
      readonly with: 'block' | 'pad' | 'stick';
      readonly wet: boolean;
      readonly takesUm: readonly [low: number, high: number];
      /** Of the whole face, or only the place itself. */
      readonly isLocal: boolean;
    }
  | { readonly do: 'clean'; readonly how: 'wash' | 'degrease' | 'blow' | 'tack' }
  | { readonly do: 'wipe' }
  | { readonly do: 'strip'; readonly how: 'blade-and-wash' | 'sand' }
  | { readonly do: 'fill' }
  | { readonly do: 'nail' }
  | { readonly do: 'test'; readonly what: 'patch' | 'lead' | 'tape' }
  | {
      readonly do: 'coat';
      readonly product: Product;
      readonly coats: number;
      readonly isDrop: boolean;
      readonly isLocal: boolean;
    }
  | { readonly do: 'polish' };

const wait = (stage: Stage, times = 1): MendStep => ({ do: 'wait', stage, times });
const clean = (how: 'wash' | 'degrease' | 'blow' | 'tack'): MendStep => ({ do: 'clean', how });
const coat = (product: Product, coats = 1, isLocal = false): MendStep => ({
  do: 'coat',
  product,
  coats,
  isDrop: false,
  isLocal,
});
const drop = (product: Product): MendStep => ({
  do: 'coat',
  product,
  coats: 1,
  isDrop: true,
  isLocal: false,
});

/** What a pass of a paper takes by hand, µm. From memory. */
const TAKES_UM: Readonly<Record<number, readonly [number, number]>> = {
  180: [20, 40],
  320: [10, 20],
  400: [8, 15],
  600: [7, 12],
  800: [6, 10],
  1000: [4, 7],
  1200: [3, 5],
  1500: [2, 4],
  2000: [1, 2],
};
interface Paper {
  readonly with?: 'block' | 'pad' | 'stick';
  readonly isLocal?: boolean;
}
const sand = (gritP: number, { with: tool = 'block', isLocal = false }: Paper = {}): MendStep => ({
  do: 'sand',
  gritP,
  with: tool,
  wet: gritP >= 400,
  takesUm: TAKES_UM[gritP]!,
  isLocal,
});

/** What a polish takes, µm, the high end. From memory. */
const POLISH_UM = 3;

/** Two-part films are never sanded before they are sandable, paint that lifts itself not before its span is over. */
function untilSandable({ product }: FilmSeen, times = 1): MendStep[] {
  if (liftsItself(product)) return [wait('again')];
  return [wait('sand', times)];
}

/** A colour of one part is soon dry enough for paper; what cures, and clear over it, is waited for. */
const untilDulled = (film: FilmSeen): MendStep[] =>
  isTwoPart(film.product) || liftsItself(film.product)
    ? untilSandable(film)
    : [wait('next', 2), wait('touchDry')];

/** The paper that the rules ask for before this goes on that, or the usual one. FEPA P */
function keyingP(below: Product, above: Product, usual: number): number {
  const grit = ruleFor({ product: below }, above)?.grit;
  return typeof grit === 'number' && TAKES_UM[grit] ? grit : usual;
}

const colourP = (colour: Product): number => (isEffect(colour) || colour.carrier === 'aerosol' ? 800 : 600);

/** Fresh one-part colour is blown and tacked, never wiped with solvent; what is hard may be degreased. */
const afterPaper = ({ product }: FilmSeen): MendStep[] =>
  isTwoPart(product) ? [clean('degrease'), clean('tack')] : [clean('blow'), clean('tack')];

/** Colour once more, an effect with its light last coat; a clear that was on it goes on again. */
function colourCoats(colour: Product, clear: Product | null): MendStep[] {
  const laid =
    isEffect(colour) && colour.effect !== 'candy'
      ? [coat(colour), wait('next'), drop(colour)]
      : [coat(colour)];
  return clear ? [...laid, wait('next'), coat(clear, 2)] : laid;
}

type Made = readonly MendStep[] | null;
type Maker = (m: Mending) => Made;

const isMatte = ({ product }: FilmSeen): boolean => product.gloss === 'matte';
const isGlossTop = ({ film }: Mending): boolean => {
  const { kind, effect = 'none' } = film.product;
  const isTop = kind === 'clear' || kind === 'enamel' || kind === 'single-stage';
  return isTop && !isMatte(film) && (kind === 'clear' || effect === 'none' || effect === 'solid');
};

/** What flatting leaves is enough to protect; the low film and the high loss decide. */
const leaves = ({ film, lowUm }: Mending, takesUm: number): boolean =>
  lowUm - takesUm - POLISH_UM >= (filmLimits(film.product).leastUm ?? 0);

const tookUm = (steps: readonly MendStep[]): number =>
  steps.reduce((a, s) => a + (s.do === 'sand' && !s.isLocal ? s.takesUm[1] : 0), 0);

/** Ladders to gloss by the film that is there, µm: the more of it, the coarser it may begin. From memory. */
const TO_GLOSS = [
  { fromUm: 80, rungs: [1000, 1500, 2000] },
  { fromUm: 60, rungs: [1200, 2000] },
  { fromUm: 50, rungs: [1500, 2000] },
  { fromUm: 0, rungs: [2000] },
] as const;

function flatAndPolish(m: Mending): Made {
  if (!isGlossTop(m)) return null;
  for (const { fromUm, rungs } of TO_GLOSS) {
    const steps = rungs.map((p) => sand(p));
    if (m.lowUm >= fromUm && leaves(m, tookUm(steps)))
      return [...untilHard(m.film), ...steps, { do: 'polish' }];
  }
  return null;
}

/** Polished only when it is hard: the sheet's own figure, enamel for good. */
const untilHard = ({ product }: FilmSeen): MendStep[] =>
  product.chemistry === '1k-alkyd' ? [wait('cure')] : [wait('sand'), wait('polish')];

/** Two coats more over dulled clear, one where the film would grow too thick; of what is no clear, its colour again. */
function flowCoat(m: Mending): Made {
  const { product } = m.film;
  if (product.kind !== 'clear') return colourAgain(m);
  const paper = sand(keyingP(product, product, product.carrier === 'aerosol' ? 1000 : 800), { with: 'pad' });
  const room = filmLimits(product).mostUm - m.lowUm;
  const coats = Math.min(2, Math.floor(room / product.filmUmPerCoat));
  if (coats < 1) return null;
  return [...untilHardToCoat(m.film), paper, clean('degrease'), coat(product, coats)];
}
const untilHardToCoat = (film: FilmSeen): MendStep[] =>
  film.product.chemistry === '1k-alkyd' ? [wait('cure')] : untilSandable(film);

function colourAgain(m: Mending): Made {
  const { film, clear } = m;
  const own = COLOURED.has(film.product.kind) ? film.product : m.colour;
  if (!own) return null;
  if (film.product.kind === 'clear') {
    const p = keyingP(film.product, own, colourP(own));
    return [
      ...untilSandable(film),
      sand(p),
      clean('degrease'),
      clean('tack'),
      ...colourCoats(own, film.product),
    ];
  }
  const p = keyingP(own, own, colourP(own));
  return [...untilDulled(film), sand(p), ...afterPaper(film), ...colourCoats(own, clear)];
}

function dropCoat({ film, reached }: Mending): Made {
  const { product } = film;
  if (!isEffect(product) || product.kind === 'clear' || reached === 'hard') return null;
  return [wait('next'), drop(product)];
}

/** While the last coat still takes another; later it is dulled first. */
function oneMore(m: Mending): Made {
  const { film, reached, clear } = m;
  if (reached === 'hard' || liftsItself(film.product))
    return COLOURED.has(film.product.kind) ? colourAgain(m) : (blockAgain(m) ?? flowCoat(m));
  const after = clear && COLOURED.has(film.product.kind) ? [wait('next'), coat(clear, 2)] : [];
  return [wait('next'), coat(film.product), ...after];
}

function wipeOff({ film, reached, standsReducer }: Mending): Made {
  if (reached !== 'wet' || !standsReducer) return null;
  return [{ do: 'wipe' }, wait('flash', 2), clean('degrease'), clean('degrease'), coat(film.product)];
}

const PRIMERS: ReadonlySet<Product['kind']> = new Set([
  'filler-primer',
  'surfacer',
  'spray-filler',
  'sealer',
  'epoxy-primer',
  'etch-primer',
  'wood-sealer',
]);

function blockAgain(m: Mending): Made {
  const { film, colour } = m;
  if (!PRIMERS.has(film.product.kind)) return null;
  const p = colour ? keyingP(film.product, colour, 400) : 400;
  const again = keyingP(film.product, film.product, 320);
  return [
    ...untilSandable(film),
    sand(again),
    clean('degrease'),
    coat(film.product),
    wait('sand'),
    sand(p),
    clean('degrease'),
  ];
}

function runLadder(m: Mending): Made {
  if (!isGlossTop(m)) return null;
  const local = { isLocal: true } as const;
  const hard = m.film.product.chemistry === '1k-alkyd' ? [wait('cure')] : [wait('sand', 2), wait('polish')];
  return [...hard, sand(1000, local), sand(1500, local), sand(2000, local), { do: 'polish' }];
}

function nib(m: Mending): Made {
  if (!isGlossTop(m)) return null;
  return [...untilHard(m.film), sand(2000, { with: 'stick', isLocal: true }), { do: 'polish' }];
}

const allows = (below: Product, above: Product): boolean =>
  ruleFor({ product: below }, above)?.verdict !== 'no';

/** The paint over a mended place: the colour under a clear, the ground under a candy with it, or the film itself. */
function paintsOf({ film, colour }: Mending): Product[] {
  if (film.product.kind === 'mid-coat') return colour ? [colour, film.product] : [film.product];
  if (COLOURED.has(film.product.kind)) return [film.product];
  return colour ? [colour] : [];
}

/** What levels and isolates before the colour; without one that goes there the paint goes on what is sanded. */
function groundCoats(m: Mending, below: Product | null): MendStep[] {
  const { primer, film } = m;
  const above = paintsOf(m)[0] ?? film.product;
  const isFit = primer && (!below || allows(below, primer)) && allows(primer, above);
  if (isFit)
    return [coat(primer, 2, true), wait('sand'), sand(keyingP(primer, above, 400), LOCAL), clean('degrease')];
  return below ? [sand(keyingP(below, above, 400), LOCAL), clean('degrease')] : [];
}
const LOCAL = { isLocal: true } as const;

/** Colour over the place, clear over the whole face. */
function topCoats(m: Mending): MendStep[] {
  const over = m.clear ?? (m.film.product.kind === 'clear' ? m.film.product : null);
  const paints = paintsOf(m).map((p) => coat(p, 2, over !== null));
  const all = over ? [...paints, coat(over, 2)] : paints;
  return all.flatMap((c, i) => (i === 0 ? [c] : [wait('next'), c]));
}

function spot(m: Mending): Made {
  const feather = [sand(180, LOCAL), sand(320, LOCAL), sand(400, LOCAL)];
  const dull = m.film.product.kind === 'clear' ? [sand(1000, { with: 'pad' }), clean('degrease')] : [];
  const ground = groundCoats(m, m.film.product);
  return [...untilSandable(m.film, 2), ...feather, clean('degrease'), ...ground, ...dull, ...topCoats(m)];
}

/** All that is loose or reacted off, isolated after a patch, and the whole build again. */
function toSound(m: Mending): Made {
  return [
    ...untilSandable(m.film, 2),
    { do: 'test', what: 'lead' },
    { do: 'strip', how: 'sand' },
    sand(320),
    clean('degrease'),
    { do: 'test', what: 'patch' },
    ...groundCoats(m, null),
    ...wholeTop(m),
  ];
}
function wholeTop(m: Mending): MendStep[] {
  return topCoats(m).map((s) => (s.do === 'coat' ? { ...s, isLocal: false } : s));
}

/** Soft film is scraped and washed off; nothing is sanded until what is left passes the nail. */
function takeOff(m: Mending): Made {
  return [
    { do: 'strip', how: 'blade-and-wash' },
    { do: 'nail' },
    clean('degrease'),
    ...(COLOURED.has(m.film.product.kind) || m.film.product.kind === 'clear'
      ? wholeTop(m)
      : [coat(m.film.product, 2)]),
  ];
}

/** Solvent only where no fresh paint is: the ground, or a primer that is hard. */
function cleanAgain({ film, reached }: Mending): Made {
  const isPaint = COLOURED.has(film.product.kind) || film.product.kind === 'clear';
  if (isPaint || reached !== 'hard') return null;
  return [clean('wash'), clean('degrease'), clean('degrease')];
}

const MAKE: Readonly<Record<MendKind, Maker>> = {
  leave: () => [],
  'wipe-off': wipeOff,
  'colour-again': colourAgain,
  'drop-coat': dropCoat,
  'one-more': oneMore,
  'flow-coat': flowCoat,
  'flat-polish': flatAndPolish,
  'run-ladder': runLadder,
  nib,
  'block-again': blockAgain,
  spot,
  'to-sound': toSound,
  'take-off': takeOff,
  'cure-on': () => [wait('sand', 3), { do: 'nail' }],
  'fill-again': () => [{ do: 'strip', how: 'blade-and-wash' }, clean('degrease'), { do: 'fill' }],
  'clean-again': cleanAgain,
  'new-part': () => [],
};

/** Nothing goes on what the rule cards refuse, whatever a mend asks for. */
function obeysRules(steps: readonly MendStep[], { film }: Mending): boolean {
  let top: Product | null = film.product;
  for (const s of steps) {
    if (s.do === 'strip' || s.do === 'wipe') top = null;
    if (s.do !== 'coat') continue;
    if (top && !allows(top, s.product)) return false;
    top = s.product;
  }
  return true;
}

/** The tasks of a mend; null where it may not be done on this film, now. */
export function mendSteps(kind: MendKind, m: Mending): readonly MendStep[] | null {
  const steps = MAKE[kind](m);
  return steps && obeysRules(steps, m) ? steps : null;
}

/** Where none of a card's own will do: what is there comes off and goes on again. */
const ELSE: readonly MendKind[] = ['block-again', 'take-off'];

export interface Mend {
  readonly kind: MendKind;
  readonly steps: readonly MendStep[];
}

/** What may mend a fault, the gentlest first. */
export function mendsFor(card: FaultCard, m: Mending): readonly Mend[] {
  const made = (kinds: readonly MendKind[]): Mend[] =>
    kinds.flatMap((kind) => {
      const steps = mendSteps(kind, m);
      return steps ? [{ kind, steps }] : [];
    });
  const own = made(mendsOn(card, m.film));
  return own.length > 0 ? own : made(ELSE).slice(0, 1);
}
