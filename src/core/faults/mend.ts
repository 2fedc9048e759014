/**
 * A mend as tasks: what is waited for, sanded, cleaned and sprayed again, on one film of one build-up. A mend that may
 * not be done there is none. Films and waits by the sheet, papers and times from memory.
 */
import type { MendKind } from '@/model/mend';
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';
import { FAR_OVER, filmLimits } from '../coating/film-budget';
import { COLOURED } from '../coating/tint';
import { liftsItself } from '../drying/rate';
import { mendsOn, type FaultCard } from './card';
import { blockAgain, blockOff, colourAgain, dropCoat } from './mends-of-colour';
import { cleanAgain, fillAgain, fillOver, spot, takeOff, toSound, wipeOff } from './mends-of-ground';
import { flatAndPolish, flowCoat, nib, runLadder } from './mends-of-top';
import { allows, coat, LOW_SHARE, wait, type Made, type Maker, type MendStep, type Mending } from './steps';

/** While the last coat still takes another; later it is dulled first. */
function oneMore(m: Mending): Made {
  const { film, reached, clear } = m;
  if (reached === 'hard' || liftsItself(film.product))
    return COLOURED.has(film.product.kind) ? colourAgain(m) : (blockAgain(m) ?? flowCoat(m));
  const after = clear && COLOURED.has(film.product.kind) ? [wait('next'), coat(clear, 2)] : [];
  return [wait('next'), coat(film.product), ...after];
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
  'block-off': blockOff,
  'block-again': blockAgain,
  spot,
  'to-sound': toSound,
  'take-off': takeOff,
  'cure-on': () => [wait('sand', 3), { do: 'nail' }],
  'fill-again': fillAgain,
  'fill-over': fillOver,
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

/**
 * Its film stays: never thinner than its least, or than it was where that is less; never so thick that it fails. What
 * is scraped off begins anew, what another product covers is done.
 */
function keepsFilm(steps: readonly MendStep[], { film, lowUm }: Mending): boolean {
  const { leastUm = 0, mostUm } = filmLimits(film.product);
  let low = lowUm;
  let high = lowUm / LOW_SHARE;
  for (const s of steps) {
    if (s.do === 'strip' || s.do === 'wipe') return true;
    if (s.do === 'coat' && s.product !== film.product) break;
    if (s.do === 'sand' && !s.isLocal) {
      low -= s.takesUm[1];
      high -= s.takesUm[0];
    }
    if (s.do !== 'coat') continue;
    const coatUm = s.coats * s.product.filmUmPerCoat;
    low += LOW_SHARE * coatUm;
    high += coatUm;
  }
  return low >= Math.min(leastUm, lowUm) && high <= FAR_OVER * mostUm;
}

/** What a film that may be sanded has behind it. */
const BEHIND: ReadonlySet<string> = new Set(['flash', 'next', 'touchDry', 'sand']);

/** What is hard is not waited for once more; for paint that lifts itself that says nothing. */
function stillToDo(steps: readonly MendStep[], { film, reached }: Mending): readonly MendStep[] {
  const from = steps.findIndex((s) => !(s.do === 'wait' && s.times === 1 && BEHIND.has(s.stage)));
  const isBehind = reached === 'hard' && !liftsItself(film.product);
  return isBehind && from > 0 ? steps.slice(from) : steps;
}

/** The tasks of a mend; null where it may not be done on this film, now. */
export function mendSteps(kind: MendKind, m: Mending): readonly MendStep[] | null {
  const steps = MAKE[kind](m);
  return steps && obeysRules(steps, m) && keepsFilm(steps, m) ? stillToDo(steps, m) : null;
}

/** Where none of a card's own will do: what is there comes off and goes on again; what is cured only by paper. */
function elseOn({ film, reached, under }: Mending): readonly MendKind[] {
  if (under) return ['spot', 'to-sound'];
  return isTwoPart(film.product) && reached === 'hard'
    ? ['block-again', 'to-sound']
    : ['block-again', 'take-off'];
}

export interface Mend {
  readonly kind: MendKind;
  readonly steps: readonly MendStep[];
}

/** What is done through the films that lie over the one that shows it; what is not named here is not done so. */
const THROUGH: Readonly<Partial<Record<MendKind, MendKind>>> = {
  leave: 'leave',
  'colour-again': 'colour-again',
  'drop-coat': 'colour-again',
  'one-more': 'colour-again',
  'flow-coat': 'spot',
  'block-off': 'spot',
  'block-again': 'spot',
  'clean-again': 'spot',
  spot: 'spot',
  'fill-again': 'fill-again',
  'fill-over': 'spot',
  'to-sound': 'to-sound',
  'take-off': 'to-sound',
  'cure-on': 'cure-on',
  'new-part': 'new-part',
};

function kindsFor(card: FaultCard, { film, under }: Mending): readonly MendKind[] {
  if (!under) return mendsOn(card, film);
  const isColour = COLOURED.has(under.product.kind);
  const through = mendsOn(card, under).flatMap((kind) => THROUGH[kind] ?? []);
  // Colour over a primer does not mend the primer.
  return [...new Set(through.map((kind) => (kind === 'colour-again' && !isColour ? 'spot' : kind)))];
}

/** What may mend a fault, the gentlest first. */
export function mendsFor(card: FaultCard, m: Mending): readonly Mend[] {
  const made = (kinds: readonly MendKind[]): Mend[] =>
    kinds.flatMap((kind) => {
      const steps = mendSteps(kind, m);
      return steps ? [{ kind, steps }] : [];
    });
  const own = made(kindsFor(card, m));
  return own.length > 0 ? own : made(elseOn(m)).slice(0, 1);
}
