/** Mends that go down to the ground: a spot, all that is loose, soft film taken off; and what comes off wet. */
import type { Product } from '@/model/product';
import { COLOURED } from '../coating/tint';
import { onPaint } from './card';
import {
  allows,
  clean,
  coat,
  keyingP,
  sand,
  untilSandable,
  wait,
  type Made,
  type MendStep,
  type Mending,
} from './steps';

export function wipeOff({ film, reached, standsReducer }: Mending): Made {
  if (reached !== 'wet' || !standsReducer) return null;
  return [{ do: 'wipe' }, wait('flash', 2), clean('degrease'), clean('degrease'), coat(film.product)];
}

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
  if (!isFit) return below ? [sand(keyingP(below, above, 400), LOCAL), clean('degrease')] : [];
  const keyed = below ? [sand(keyingP(below, primer, 400), LOCAL), clean('degrease')] : [];
  const levelled = [coat(primer, 2, true), wait('sand'), sand(keyingP(primer, above, 400), LOCAL)];
  return [...keyed, ...levelled, clean('degrease')];
}
const LOCAL = { isLocal: true } as const;

/** Colour over the place, clear over the whole face. */
function topCoats(m: Mending): MendStep[] {
  const over = m.clear ?? (m.film.product.kind === 'clear' ? m.film.product : null);
  const paints = paintsOf(m).map((p) => coat(p, 2, over !== null));
  const all = over ? [...paints, coat(over, 2)] : paints;
  return all.flatMap((c, i) => (i === 0 ? [c] : [wait('next'), c]));
}

/** A clear is dulled all over before colour and clear go on again. */
const dulled = ({ film }: Mending): MendStep[] =>
  film.product.kind === 'clear' ? [sand(1000, { with: 'pad' }), clean('degrease')] : [];

export function spot(m: Mending): Made {
  const feather = [sand(180, LOCAL), sand(320, LOCAL), sand(400, LOCAL)];
  const ground = groundCoats(m, m.film.product);
  const begun = [...untilSandable(m.film, 2), ...feather, clean('degrease'), ...ground];
  return [...begun, ...dulled(m), ...topCoats(m)];
}

/** All that is loose or reacted off, isolated after a patch, and the whole build again. */
export function toSound(m: Mending): Made {
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
export function takeOff(m: Mending): Made {
  return [
    { do: 'strip', how: 'blade-and-wash' },
    { do: 'nail' },
    clean('degrease'),
    ...(onPaint(m.film) ? wholeTop(m) : [coat(m.film.product, 2)]),
  ];
}

/** Solvent only where no fresh paint is: the ground, or a primer that is hard. */
export function cleanAgain({ film, reached }: Mending): Made {
  if (onPaint(film) || reached !== 'hard') return null;
  return [clean('wash'), clean('degrease'), clean('degrease')];
}

const FILL: MendStep = { do: 'fill' };
/** @param below what lies around it; null where that was scraped off */
const sealed = (m: Mending, below: Product | null): MendStep[] => [
  sand(180, LOCAL),
  sand(320, LOCAL),
  clean('degrease'),
  ...groundCoats(m, below),
];

/** Filler scraped out and put in anew; over pores only wiped on. Both are levelled and sealed again. */
export const fillAgain = (m: Mending): Made => [
  ...(onPaint(m.film) ? untilSandable(m.film, 2) : []),
  { do: 'strip', how: 'blade-and-wash' },
  clean('degrease'),
  FILL,
  ...sealed(m, null),
  ...(onPaint(m.film) ? [...dulled(m), ...topCoats(m)] : []),
];
export const fillOver = (m: Mending): Made => [...untilSandable(m.film), FILL, ...sealed(m, m.film.product)];
