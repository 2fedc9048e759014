/**
 * Paint money laid out over parts, layers and coats: what is bought of a product goes to them by what they
 * are sprayed with.
 */
import { productIn } from '../seams/seam';
import type { Job } from '@/model/job';
import type { Material, PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { wholePartId, withZones } from '../surface/zones';
import { coatUses } from './coat-uses';

export interface CostRow {
  readonly partId: string;
  readonly layerId: string;
  readonly coat: number;
  readonly cost: number;
}

/** Adds up to what is bought; a part with zones stands as one. */
export function paintLedger(
  whole: Job,
  layers: readonly PlanLayer[],
  products: ReadonlyMap<string, Product>,
  materials: readonly Material[],
): CostRow[] {
  const job = withZones(whole);
  return materials.flatMap((material) => {
    const mine = layers.filter((l) => material.layerIds.includes(l.id));
    const uses = coatUses(job, productIn(products, material.productId), mine).filter((u) => !u.done);
    const totalMl = uses.reduce((a, u) => a + u.sprayMl, 0);
    if (!(totalMl > 0)) return [];
    return uses.map(({ partId, layerId, coat, sprayMl }) => ({
      partId: wholePartId(partId),
      layerId,
      coat,
      cost: (material.cost * sprayMl) / totalMl,
    }));
  });
}

/** Sums of the ledger by a key. */
export function costBy(rows: readonly CostRow[], key: (r: CostRow) => string): Map<string, number> {
  const out = new Map<string, number>();
  for (const r of rows) out.set(key(r), (out.get(key(r)) ?? 0) + r.cost);
  return out;
}
