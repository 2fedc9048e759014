/** Coats that were weighed: what really left the can, and how thick that makes the film. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import type { JobState } from '@/model/state';
import { withZones } from '../surface/zones';
import { coatUses, type CoatUse } from './coat-uses';
import { densityOf } from './used';

export type CoatWeight = NonNullable<JobState['weights']>[number];
type OfCoat = Pick<CoatWeight, 'layerId' | 'coat'> & { readonly partIds?: readonly string[] | undefined };

/** A coat further from what was reckoned is a slip on the scale: it is kept, and moves nothing. From memory. */
export const LIKELY_OVER = [0.3, 3] as const;

const meet = (a: readonly string[] | undefined, b: readonly string[] | undefined): boolean =>
  a === undefined || b === undefined || a.some((id) => b.includes(id));

/** The same coat, on the same parts or some of them. */
export const isSameCoat = (a: OfCoat, b: OfCoat): boolean =>
  a.layerId === b.layerId && a.coat === b.coat && meet(a.partIds, b.partIds);

export interface Weighed {
  /** What left the can or the cup, ml. */
  readonly ml: number;
  /** What this coat was reckoned to take, ml. */
  readonly reckonedMl: number;
  /** The one over the other. */
  readonly over: number;
  /** Near enough to be believed. */
  readonly isLikely: boolean;
}

const isWhole = (w: CoatWeight): w is CoatWeight & { beforeG: number; afterG: number } =>
  w.beforeG !== undefined && w.afterG !== undefined && w.afterG <= w.beforeG;

/** What a coat's weights say; null while one of them is missing, or they contradict each other. */
export function weighedOf(uses: readonly CoatUse[], product: Product, w: CoatWeight): Weighed | null {
  const reckonedMl = uses.filter((u) => isSameCoat(w, { ...u, partIds: [u.partId] })).reduce(sumMl, 0);
  if (!isWhole(w) || !(reckonedMl > 0)) return null;
  const ml = (w.beforeG - w.afterG) / densityOf(product);
  const over = ml / reckonedMl;
  return { ml, reckonedMl, over, isLikely: over >= LIKELY_OVER[0] && over <= LIKELY_OVER[1] };
}
const sumMl = (a: number, u: CoatUse): number => a + u.sprayMl;

/** How much more of a coat went on a part than was reckoned; null where it was not weighed. */
export type OverOf = (layerId: string, coat: number, partId: string) => number | null;

interface Built {
  readonly layers: readonly PlanLayer[];
  readonly products: ReadonlyMap<string, Product>;
}

export function overOf(whole: Job, { layers, products }: Built): OverOf {
  const all = whole.state?.weights ?? [];
  if (all.length === 0) return () => null;
  const job = withZones(whole);
  const said = all.flatMap((w) => {
    const product = products.get(w.productId);
    const weighed = product && weighedOf(coatUses(job, product, layers), product, w);
    return weighed?.isLikely ? [{ w, over: weighed.over }] : [];
  });
  return (layerId, coat, partId) =>
    said.findLast(({ w }) => isSameCoat(w, { layerId, coat, partIds: [partId] }))?.over ?? null;
}

/** What left the cans of a product by the coats that were weighed, ml; null where none was. */
export function weighedMl(job: Job, product: Product): number | null {
  const mine = (job.state?.weights ?? []).filter((w) => w.productId === product.id && isWhole(w));
  if (mine.length === 0) return null;
  return mine.reduce((a, w) => a + (w.beforeG! - w.afterG!) / densityOf(product), 0);
}
