/**
 * The grit ladder of a seam: from what is there to what the next layer hides. A step takes out the
 * scratches of the one before only if it is not much finer: mean grain at most 2 to 1 (common
 * practice, "do not skip more than one grade"; never over 2.5).
 */
import type { Part } from '@/model/job';
import { GRITS_P } from '@/model/lists';
import type { Seam } from '../seams/seam';
import { FEPA_UM } from './grit';

export const MAX_RATIO = 2;
export const GRITS: readonly number[] = GRITS_P;

export interface Rung {
  readonly gritP: number;
  readonly um: number;
  /** Mean grain of the rung before over this one's; null on the first. */
  readonly ratio: number | null;
  readonly wet: boolean;
  /** Hand minutes per square metre. From memory, learned from the log. */
  readonly minPerM2: number;
  /**
   * Square metres one sheet or disc lasts. From memory: 150 mm disc 0.25–0.5 m² in filler or old paint, 1 m²
   * in primer; half a sheet of wet paper 0.5.
   */
  readonly paperM2: number;
}

/**
 * Grits from `startP` to `endP`, both included, as few as the ratio rule allows, spread evenly.
 * @throws RangeError when either is no grit of the series, or the end is coarser than the start
 */
export function grits(startP: number, endP: number): number[] {
  const a = FEPA_UM[startP];
  const b = FEPA_UM[endP];
  if (a === undefined || b === undefined || b > a)
    throw new RangeError(`grits: no ladder from P${startP} to P${endP}`);
  if (startP === endP) return [startP];
  // Fewest steps first; among those, the evenest: least sum of squared steps in log size.
  const chain = GRITS.filter((g) => g >= startP && g <= endP);
  const log = chain.map((g) => Math.log(FEPA_UM[g]!));
  const limit = Math.log(MAX_RATIO) + 1e-9;
  let paths = new Map<number, { cost: number; list: number[] }>([[0, { cost: 0, list: [startP] }]]);
  for (let n = 1; n < chain.length; n++) {
    const next = new Map<number, { cost: number; list: number[] }>();
    for (const [i, p] of paths)
      for (let j = i + 1; j < chain.length && log[i]! - log[j]! <= limit; j++) {
        const cost = p.cost + (log[i]! - log[j]!) ** 2;
        const known = next.get(j);
        if (!known || cost < known.cost) next.set(j, { cost, list: [...p.list, chain[j]!] });
      }
    const done = next.get(chain.length - 1);
    if (done) return done.list;
    paths = next;
  }
  throw new RangeError(`grits: no ladder from P${startP} to P${endP}`);
}

/** Where sanding starts: the coarsest paper that what is there asks for, never coarser than needed. Common practice. */
const START: Partial<Record<Part['condition'], number>> = {
  'failing-clear': 120,
  chipped: 180,
  filled: 80,
  rust: 80,
};
const BARE_START: Partial<Record<Part['substrate'], number>> = {
  wood: 150,
  mdf: 180,
  fibreglass: 120,
  chrome: 120,
  anodised: 120,
};

/** First grit of a seam over a surface; bare metal, plastic and sound paint are keyed in one go. */
export function startGrit(part: Pick<Part, 'substrate' | 'condition'>, endP: number): number {
  const start = (part.condition === 'bare' ? BARE_START[part.substrate] : START[part.condition]) ?? endP;
  return FEPA_UM[start]! < FEPA_UM[endP]! ? endP : start;
}

/** Minutes per m² of the last rung, and what each coarser one adds. From memory. */
const LAST_MIN = { sanded: 30, scuffed: 18 } as const;
const EARLIER_MIN = 15;
/** Failing clear or loose paint taken off by hand, minutes per m²: 60 to 120. From memory. */
const STRIP_MIN = 90;
/** A sander takes about a third of what dry paper takes by hand. From memory. */
const BY_MACHINE = 1 / 3;

/** A levelled ground is blocked with a guide coat first, one or two grades coarser, then finished. */
const blockingGrit = ({ block = false }: Sanded, endP: number): number => (block && endP >= 600 ? 400 : endP);

type Sanded = Pick<Seam, 'below' | 'join' | 'gritP' | 'wet'> & Partial<Pick<Seam, 'block' | 'ladder'>>;

/** By hand, of rung i of n: stripping costs most on the coarse paper, least on the last. */
function handMin(seam: Sanded, last: number, i: number, n: number): number {
  if (seam.below.kind !== 'surface') return last / n;
  if (seam.below.condition === 'failing-clear') return (STRIP_MIN * (n - i)) / ((n * (n + 1)) / 2);
  return i === n - 1 ? last : EARLIER_MIN;
}

/** Square metres a sheet or disc lasts. From memory, as `paperM2` says. */
function paperLife(gritP: number, onSurface: boolean, wet: boolean): number {
  if (onSurface && gritP <= 240) return 0.35;
  return wet && gritP >= 400 ? 0.5 : 1;
}

/** What the paper is held with. */
export interface Held {
  readonly sander?: boolean | undefined;
}

/** The ladder of a seam that is sanded or scuffed, its owner's where he chose one; empty for one that is not. */
export function ladderOf(seam: Sanded, { sander = false }: Held = {}): Rung[] {
  if ((seam.join !== 'sanded' && seam.join !== 'scuffed') || seam.gritP === null) return [];
  const { join } = seam;
  const surface = seam.below.kind === 'surface' ? seam.below : null;
  const end = seam.gritP;
  const list = seam.ladder ?? grits(surface ? startGrit(surface, end) : blockingGrit(seam, end), end);
  return list.map((gritP, i) => {
    const wet = seam.wet && gritP >= 400;
    const byHand = handMin(seam, LAST_MIN[join], i, list.length);
    return {
      gritP,
      um: FEPA_UM[gritP]!,
      ratio: i === 0 ? null : FEPA_UM[list[i - 1]!]! / FEPA_UM[gritP]!,
      wet,
      // Edges, wet paper and what is only dulled are done by hand whatever is at hand.
      minPerM2: sander && join === 'sanded' && !wet ? byHand * BY_MACHINE : byHand,
      paperM2: paperLife(gritP, surface !== null, seam.wet),
    };
  });
}

/** Minutes a square metre of the seam takes, all rungs. */
export function ladderMinPerM2(seam: Sanded, held: Held = {}): number {
  return ladderOf(seam, held).reduce((a, r) => a + r.minPerM2, 0);
}
