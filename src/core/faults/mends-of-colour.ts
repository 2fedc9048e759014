/** Colour once more, or one coat more of anything. */
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';
import { COLOURED, isEffect } from '../coating/tint';
import { onPrimer, type FilmSeen } from './card';
import {
  clean,
  coat,
  drop,
  keyingP,
  sand,
  untilDulled,
  untilSandable,
  wait,
  type Made,
  type MendStep,
  type Mending,
} from './steps';

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

export function colourAgain(m: Mending): Made {
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

export function dropCoat({ film, reached }: Mending): Made {
  const { product } = film;
  if (!isEffect(product) || product.kind === 'clear' || reached === 'hard') return null;
  return [wait('next'), drop(product)];
}

/** The paper a primer ends on. */
const underColourP = ({ film, colour }: Mending): number =>
  colour ? keyingP(film.product, colour, 400) : 400;

export function blockAgain(m: Mending): Made {
  const { film } = m;
  if (!onPrimer(film)) return null;
  const again = keyingP(film.product, film.product, 320);
  return [
    ...untilSandable(film),
    sand(again),
    clean('degrease'),
    coat(film.product),
    wait('sand'),
    sand(underColourP(m)),
    clean('degrease'),
  ];
}

/** A leveller is blocked before the next layer in any case. */
export function blockOff(m: Mending): Made {
  const { film } = m;
  if (!onPrimer(film)) return null;
  return [...untilSandable(film), sand(underColourP(m)), clean('degrease')];
}
