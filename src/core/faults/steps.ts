/** What a mend is made of: waits, papers, cleaning, coats; and when a film may be touched. From memory. */
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';
import { ruleFor } from '../coating/rules/rules';
import { liftsItself, type Stage } from '../drying/rate';
import type { FilmSeen } from './card';

/** How far the film is. */
export const REACHED = ['wet', 'flashed', 'dry', 'hard'] as const;
export type Reached = (typeof REACHED)[number];

/** What is mended. */
export interface Mending {
  /** The newest there is: what is waited for, sanded and coated. */
  readonly film: FilmSeen;
  /** The film that shows it, where others lie over it; null where it is the newest itself. */
  readonly under: FilmSeen | null;
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

export const wait = (stage: Stage, times = 1): MendStep => ({ do: 'wait', stage, times });
export const clean = (how: 'wash' | 'degrease' | 'blow' | 'tack'): MendStep => ({ do: 'clean', how });
export const coat = (product: Product, coats = 1, isLocal = false): MendStep => ({
  do: 'coat',
  product,
  coats,
  isDrop: false,
  isLocal,
});
export const drop = (product: Product): MendStep => ({
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
export const sand = (gritP: number, { with: tool = 'block', isLocal = false }: Paper = {}): MendStep => ({
  do: 'sand',
  gritP,
  with: tool,
  wet: gritP >= 400,
  takesUm: TAKES_UM[gritP]!,
  isLocal,
});

/** Film that is surely there of what was sprayed, the low end. From memory: thin places have four fifths of it. */
export const LOW_SHARE = 0.8;

/** What a polish takes, µm, the high end. From memory. */
export const POLISH_UM = 3;

export const allows = (below: Product, above: Product): boolean =>
  ruleFor({ product: below }, above)?.verdict !== 'no';

/** Two-part films are never sanded before they are sandable, paint that lifts itself not before its span is over. */
export function untilSandable({ product }: FilmSeen, times = 1): MendStep[] {
  if (liftsItself(product)) return [wait('again')];
  return [wait('sand', times)];
}

/** A colour of one part is soon dry enough for paper; what cures, and clear over it, is waited for. */
export const untilDulled = (film: FilmSeen): MendStep[] =>
  isTwoPart(film.product) || liftsItself(film.product)
    ? untilSandable(film)
    : [wait('next', 2), wait('touchDry')];

/** The paper that the rules ask for before this goes on that, or the usual one. FEPA P */
export function keyingP(below: Product, above: Product, usual: number): number {
  const grit = ruleFor({ product: below }, above)?.grit;
  return typeof grit === 'number' && TAKES_UM[grit] ? grit : usual;
}

export type Made = readonly MendStep[] | null;
export type Maker = (m: Mending) => Made;
