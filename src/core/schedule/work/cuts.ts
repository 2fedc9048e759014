/**
 * Where the coats of a stretch may rest. A coat that has to wait for most of a day always rests; others may:
 * inside the bond (base tonight, clear tomorrow), past it with what that costs (scuff, one more coat), or an
 * enamel after its forbidden span.
 */
import { liftsItself } from '../../drying/rate';
import { isOverItself, type CoatStep, type Rest } from './draft';

/** A wait as long as this at the sheet's temperature is a holding point, no stretch, minutes. */
const LONG_MIN = 6 * 60;
/** A bond as short as this is not gone away from, minutes. */
const SHORT_BOND_MIN = 4 * 60;

/** Coats before which the work rests, by their ids, and how. */
export type Cuts = ReadonlyMap<string, Rest['why']>;
export const NO_CUTS: Cuts = new Map();

/** What a coat on the one before it asks for. */
interface Joint {
  readonly under: CoatStep;
  readonly step: CoatStep;
}

/** A coat on another layer, and not on its own film. */
const isSeam = ({ under, step }: Joint): boolean => !isOverItself(step, under.layerId);

const waitMin = (joint: Joint): number =>
  isSeam(joint) ? joint.under.product.nextMinMin : joint.step.product.flashMin;

/** How two coats may be parted, the gentlest first; empty where they may not. */
function partings(joint: Joint): Rest['why'][] {
  const { under, step } = joint;
  if (!isSeam(joint)) return liftsItself(step.product) ? ['again'] : ['bond'];
  const bondMin = under.product.nextBondMaxMin ?? Infinity;
  return bondMin >= SHORT_BOND_MIN ? ['bond', 'scuffed'] : ['scuffed'];
}

const mustRest = (joint: Joint): boolean => waitMin(joint) >= LONG_MIN;

/** Coats in stretches, each but the first with how the work rested before it. */
export interface Segment {
  readonly rested: Rest['why'] | null;
  /** Its first coat goes on its own film. */
  readonly isOverItself: boolean;
  readonly steps: readonly CoatStep[];
}

/** A layer that lost its bond gets one more coat before it is covered. Common practice. */
function oneMore(under: CoatStep): CoatStep {
  const coat = under.coats + 1;
  return {
    ...under,
    id: under.id.replace(/\.c\d+/, `.c${coat}`),
    coat,
    coats: coat,
    firstOfLayer: false,
    between: [],
    isOneMore: true,
  };
}

/** How the work rests before a coat; null where it goes on. @param isThere the film below is on already */
function restBefore({ under, step }: Joint, cuts: Cuts, isThere: boolean): Rest['why'] | null {
  const asked = cuts.get(step.id) ?? null;
  // A film that is there already still bonds or does not: it is not made to by resting.
  if (isThere) return asked === 'bond' ? null : asked;
  const forced = mustRest({ under, step }) ? partings({ under, step })[0]! : null;
  return asked ?? forced;
}

/** The last coat before that lies on one of the same parts; another group of parts is no ground. */
function underOf(steps: readonly CoatStep[], i: number): CoatStep | undefined {
  const on = new Set(steps[i]!.partIds);
  return steps.slice(0, i).findLast((s) => s.partIds.some((id) => on.has(id)));
}

/** @param steps of one stretch in order @param before the last coat of it that is on already */
export function segmentsOf(steps: readonly CoatStep[], before: CoatStep | undefined, cuts: Cuts): Segment[] {
  const out: (Segment & { readonly steps: CoatStep[] })[] = [];
  steps.forEach((step, i) => {
    const under = underOf(steps, i) ?? (i === 0 ? before : undefined);
    const why = under ? restBefore({ under, step }, cuts, i === 0) : null;
    if (why !== null && under) {
      const again = why === 'scuffed' && isSeam({ under, step }) ? [oneMore(under)] : [];
      out.push({ rested: why, isOverItself: !isSeam({ under, step }), steps: [...again, step] });
    } else if (out.length === 0) out.push({ rested: null, isOverItself: false, steps: [step] });
    else out.at(-1)!.steps.push(step);
  });
  return out;
}

/**
 * Every way to part the coats that is worth trying when the whole does not fit, the gentlest first.
 * @param isFound the whole has its hours already: only what costs nothing is worth a look
 */
export function waysToCut(stretches: readonly (readonly CoatStep[])[], isFound: boolean): Cuts[] {
  const joints = stretches.flatMap((steps) =>
    steps.flatMap((step, i): Joint[] => {
      const under = underOf(steps, i);
      return under ? [{ under, step }] : [];
    }),
  );
  const seams = joints.filter(isSeam);
  const lifting = joints.filter((j) => !isSeam(j) && liftsItself(j.step.product));
  const all = [...seams, ...lifting];
  const single = all.map((j) => cutAt([j], 0));
  const several = all.length > 1 ? [cutAt(all, 0)] : [];
  // The last seams carry the longest films: they are tried first.
  if (isFound) return single.reverse();
  const late = seams.map((j) => cutAt([j], 1)).reverse();
  const allLate = seams.length > 1 ? [cutAt(seams, 1)] : [];
  return [...several, ...single.reverse(), ...late, ...allLate].filter((c) => c.size > 0);
}

const cutAt = (list: readonly Joint[], nth: number): Cuts =>
  new Map(
    list.flatMap((j): [string, Rest['why']][] => {
      const why = partings(j)[nth];
      return why === undefined ? [] : [[j.step.id, why]];
    }),
  );
