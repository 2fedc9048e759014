/**
 * What is left when a job is done: of what was bought for it, by the log where it was weighed or counted, by
 * the plan elsewhere. Sealed packs are told from the one that is open.
 */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import { productIn, type System } from '../seams/seam';
import { withZones } from '../surface/zones';
import type { Ingredient } from './ingredients';
import { inPacks } from './leftovers';
import { materialsOf } from './materials';
import { isGain, takenMl, usedMl } from './used';

export interface LeftAtClose {
  /** The ingredient and its colour: one thing to put on the shelf. */
  readonly key: string;
  readonly productId: string;
  readonly ingredientId: string;
  readonly part: Ingredient['part'];
  readonly colour: string | null;
  /** Net fill of a pack, ml. */
  readonly packMl: number;
  /** Packs never opened. */
  readonly sealed: number;
  /** In the open one, ml. */
  readonly openMl: number;
  /** The open one is dead: it was activated. */
  readonly openDies: boolean;
  /** Of what keeps, at its cheapest: what was activated is dead. */
  readonly worth: number;
}

/** A can with its hardener inside is activated by its first coat; a tin is not, only what was mixed from it. */
const isActivated = (product: Product, part: Ingredient['part']): boolean =>
  part === 'base' && product.carrier === 'aerosol' && product.potLifeMin !== undefined;

/** Less than this is heel: it never comes out again, ml. */
const WORTH_KEEPING_ML = 20;

/** Of a product's expected use, what was really used; 1 where nothing was logged. */
function usedShare(job: Job, materials: readonly Material[], product: Product): number {
  const used = job.log?.used.find((u) => u.productId === product.id);
  const lines = materials.filter((m) => m.productId === product.id);
  const expected = lines.reduce((a, m) => a + takenMl(m), 0);
  return used && !isGain(used) && expected > 0 ? usedMl(used, product) / expected : 1;
}

export function leftAtClose(job: Job, system: System): LeftAtClose[] {
  const { state: _state, ...before } = withZones(job);
  // What is booked off by now was counted on when the rest was bought.
  const shelf = [...(job.shelf ?? []), ...(job.log?.taken ?? [])];
  const materials = materialsOf({ ...before, shelf }, system);
  const productOf = (id: string): Product => productIn(system.products, id);
  const sums = inPacks(job, materials, system.products, (id) => usedShare(job, materials, productOf(id)));
  return sums
    .filter((sum) => sum.packMl > 0)
    .map(({ key, productId, ingredientId, part, colour, packMl, ...sum }): LeftAtClose => {
      // What was set aside from the shelf is used first; only what was bought is left here.
      const ml = sum.boughtMl - Math.max(0, sum.usedMl - sum.shelfMl);
      const sealed = Math.max(0, Math.floor(ml / packMl + 1e-9));
      const openMl = Math.max(0, ml - sealed * packMl);
      const openDies = isActivated(productOf(productId), part);
      const worth = (sealed * packMl + (openDies ? 0 : openMl)) * sum.perMl;
      return { key, productId, ingredientId, part, colour, packMl, sealed, openMl, openDies, worth };
    })
    .filter((l) => l.sealed > 0 || l.openMl >= WORTH_KEEPING_ML);
}
