/** How hot a part gets in use, and which paint stands it. */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Notice } from '@/model/marks';
import type { Product } from '@/model/product';
import { productIn } from '../seams/seam';

/** Hottest service, °C, of what is not rated for heat. Common practice. */
export const UNRATED_C = 90;
/** What a job means that only says "heat", °C. From memory. */
const SAID_HOT_C = 200;

/** A part's own temperature, or that of its job; at most what any paint stands where nothing is said. */
export function serviceC(job: Pick<Job, 'purpose'>, part: Part): number {
  if (part.serviceC !== undefined) return part.serviceC;
  return job.purpose.exposure.includes('heat') ? SAID_HOT_C : UNRATED_C;
}
export const isHot = (job: Pick<Job, 'purpose'>, part: Part): boolean => serviceC(job, part) > UNRATED_C;

export const ratedC = (p: Product): number => p.heatRatedC ?? UNRATED_C;

/** Layers on parts that get hotter than they stand, each with its sum. */
export function heatBlockers(
  job: Job,
  layers: readonly PlanLayer[],
  products: ReadonlyMap<string, Product>,
): Notice[] {
  return job.parts
    .filter((p) => isHot(job, p))
    .flatMap((part): Notice[] => {
      const needC = serviceC(job, part);
      const mine = layers
        .filter((l) => l.partIds.includes(part.id))
        .map((l) => productIn(products, l.productId));
      const cold = mine.find((p) => ratedC(p) < needC);
      if (!cold) return [];
      const params = { part: part.name ?? part.id, product: cold.name, needC, ratedC: ratedC(cold) };
      return [{ code: 'heat-needs-rated', params }];
    });
}
