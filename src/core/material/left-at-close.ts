/**
 * What is left when a job is done: of what was bought for it, by the log where it was weighed or counted, by
 * the plan elsewhere. Sealed packs are told from the one that is open.
 */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { productIn, type System } from '../seams/seam';
import { withZones } from '../surface/zones';
import { ingredientsOf, type Ingredient } from './ingredients';
import { materialsOf } from './materials';
import { packsMl } from './packs';
import { usedMl } from './used';

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
}

/** A can with its hardener inside is activated by its first coat; a tin is not, only what was mixed from it. */
const isActivated = (product: Product, part: Ingredient['part']): boolean =>
  part === 'base' && product.carrier === 'aerosol' && product.potLifeMin !== undefined;

/** Less than this is heel: it never comes out again, ml. */
const WORTH_KEEPING_ML = 20;

/** Of a product's expected use, what was really used; 1 where nothing was logged. */
function usedShare(job: Job, system: System, productId: string, expectedMl: number): number {
  const used = job.log?.used.find((u) => u.productId === productId);
  const isContrary = used?.by === 'weight' && used.afterG > used.beforeG;
  if (!used || isContrary || !(expectedMl > 0)) return 1;
  return usedMl(used, productIn(system.products, productId)) / expectedMl;
}

export function leftAtClose(job: Job, system: System): LeftAtClose[] {
  const { state: _state, ...before } = withZones(job);
  const materials = materialsOf(before, system);
  const expectedOf = (productId: string): number =>
    materials
      .filter((m) => m.productId === productId)
      .reduce((a, m) => a + m.useMl / (1 - m.factors.heelFrac), 0);
  const left = new Map<string, LeftAtClose & { readonly ml: number }>();
  for (const material of materials) {
    const product = productIn(system.products, material.productId);
    const share = usedShare(job, system, product.id, expectedOf(product.id));
    const offers = ingredientsOf(product, job.prices);
    material.ingredients.forEach((ingredient, i) => {
      const boughtMl = packsMl(ingredient.packs);
      const colour = ingredient.part === 'base' ? (material.colour?.name ?? null) : null;
      const key = `${ingredient.id} ${colour ?? ''}`.trim();
      const needed = material.needMl > 0 ? ingredient.needMl / material.needMl : 0;
      const takenMl = (material.useMl / (1 - material.factors.heelFrac)) * needed * share;
      const was = left.get(key);
      // What was set aside from the shelf is booked off first; only what was bought is left here.
      const ml = (was?.ml ?? 0) + boughtMl - Math.max(0, takenMl - ingredient.shelfMl);
      const packMl = Math.max(was?.packMl ?? 0, ...ingredient.packs.map((p) => p.size), 0);
      const sealed = packMl > 0 ? Math.max(0, Math.floor(ml / packMl + 1e-9)) : 0;
      const openMl = Math.max(0, ml - sealed * packMl);
      const openDies = isActivated(product, ingredient.part);
      const ids = { productId: product.id, ingredientId: offers[i]!.id, part: ingredient.part };
      left.set(key, { key, ...ids, colour, packMl, sealed, openMl, openDies, ml });
    });
  }
  return [...left.values()]
    .filter((l) => l.sealed > 0 || l.openMl >= WORTH_KEEPING_ML)
    .map(({ ml: _ml, ...l }) => l);
}
