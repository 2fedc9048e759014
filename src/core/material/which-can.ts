/** Which can a coat begins with, and how full that is by what went out of the cans before it: as weighed, else as reckoned. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { coatUses, heelFrac, type CoatUse } from './coat-uses';
import { overOf } from './weighed';

export interface InCan {
  /** From 1. */
  readonly nth: number;
  /** What is left in it when the coat begins, 0…1. */
  readonly fullFrac: number;
  /** Further cans it takes from. */
  readonly more: number;
}

/** A can with so little left spits: the next one is taken. From memory. */
const NEXT_CAN_FRAC = 0.05;

/** null of what comes out of a gun. @param layers of the build-up @param own colour apart */
export function canFor(
  job: Job,
  product: Product,
  layers: readonly PlanLayer[],
  at: { readonly layerId: string; readonly coat: number },
): InCan | null {
  if (product.carrier !== 'aerosol') return null;
  const hex = layers.find((l) => l.id === at.layerId)?.hex;
  const mine = layers.filter((l) => l.productId === product.id && l.hex === hex);
  const uses = coatUses(job, product, mine);
  const isThis = (u: { layerId: string; coat: number }): boolean =>
    u.layerId === at.layerId && u.coat === at.coat;
  const from = uses.findIndex(isThis);
  if (from < 0) return null;
  const givesMl = product.packs[0]!.sizeMl * (1 - heelFrac(product));
  const over = overOf(job, { layers: mine, products: new Map([[product.id, product]]) });
  const wentOut = (u: CoatUse): number => u.sprayMl * (over(u.layerId, u.coat, u.partId) ?? 1);
  const usedMl = uses.slice(0, from).reduce((a, u) => a + wentOut(u), 0);
  const nowMl = uses.filter(isThis).reduce((a, u) => a + u.sprayMl, 0);
  const began = usedMl / givesMl;
  const leftFrac = 1 - (began - Math.floor(began));
  const isNext = leftFrac < NEXT_CAN_FRAC;
  const nth = Math.floor(began) + (isNext ? 2 : 1);
  const fullFrac = isNext ? 1 : leftFrac;
  const last = Math.max(nth, Math.ceil((usedMl + nowMl) / givesMl - 1e-9));
  return { nth, fullFrac, more: last - nth };
}

/** What each part takes of a coat, ml. */
export function mlByPart(
  job: Job,
  product: Product,
  layer: PlanLayer,
  coat: number,
): ReadonlyMap<string, number> {
  const uses = coatUses(job, product, [layer]).filter((u) => u.coat === coat);
  return new Map(uses.map((u) => [u.partId, u.sprayMl]));
}
