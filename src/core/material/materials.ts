/** The lines of a job: one for each product, and for each colour of it; what several are poured from is bought once. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import { tintOf } from '../coating/tint';
import { productIn, type System } from '../seams/seam';
import { ingredientsOf } from './ingredients';
import { materialFor } from './material-line';
import { cheapestPacks, packsCost } from './packs';

/** @param job with its zones as parts */
export function materialsOf(job: Job, system: System): Material[] {
  const lines = new Map<string, { product: Product; layerIds: Set<string>; first: boolean }>();
  for (const layer of system.layers) {
    const product = productIn(system.products, layer.productId);
    const key = `${product.id} ${tintOf(job, product, layer)?.hex.toLowerCase() ?? ''}`;
    const known = lines.get(key);
    if (known) {
      known.layerIds.add(layer.id);
      continue;
    }
    const first = ![...lines.values()].some((x) => x.product.id === product.id);
    lines.set(key, { product, layerIds: new Set([layer.id]), first });
  }
  const each = [...lines.values()].map(({ product, ...of }) => materialFor(job, product, system, of));
  return pooledIngredients(each, job, system.products);
}

/** Lines that share an ingredient beside the base, by its id. */
function sharedBy(materials: readonly Material[]): Map<string, number[]> {
  const shared = new Map<string, number[]>();
  materials.forEach((m, i) => {
    if (m.begun || !(m.needMl > 0)) return;
    for (const g of m.ingredients) if (g.part !== 'base') shared.set(g.id, [...(shared.get(g.id) ?? []), i]);
  });
  return shared;
}

/**
 * What several lines are poured from (one maker's reducer) is bought once for all of them, with the first
 * that needs it.
 */
function pooledIngredients(
  materials: readonly Material[],
  job: Job,
  products: ReadonlyMap<string, Product>,
): Material[] {
  const out = [...materials];
  for (const [id, at] of sharedBy(materials)) {
    if (at.length < 2) continue;
    const lines = at.map((i) => materials[i]!);
    const needMl = lines.reduce((a, m) => a + m.ingredients.find((g) => g.id === id)!.needMl, 0);
    const offers = ingredientsOf(productIn(products, lines[0]!.productId), job.prices);
    const packs = offers.find((g) => g.id === id)!.packs;
    at.forEach((i, k) => {
      const line = out[i]!;
      const ingredients = line.ingredients.map((g) => {
        if (g.id !== id) return g;
        const bought = k === 0 ? cheapestPacks(packs, Math.max(0, needMl - g.shelfMl)) : [];
        return { ...g, shelfMl: k === 0 ? g.shelfMl : 0, packs: bought, cost: packsCost(bought) };
      });
      out[i] = { ...line, ingredients, cost: ingredients.reduce((a, g) => a + g.cost, 0) };
    });
  }
  return out;
}
