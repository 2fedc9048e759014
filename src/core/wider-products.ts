/** When no start suits: the same layer out of another can that stands more, one layer at a time. */
import type { Job, SystemLayer } from '@/model/job';
import type { Product } from '@/model/product';
import { productIn, type System } from './seams/seam';

/** Tried at most: each is a whole search. */
const MOST_TRIED = 6;

/** A job with another product in one layer, and what is put in place of what. */
export interface Swap {
  readonly job: Job;
  readonly product: string;
  readonly instead: string;
}

/** How much more weather it stands than another, in no unit: one for each kelvin, metre a second or tenth of humidity. */
function widerBy(a: Product, b: Product): number {
  const gains = [
    b.tempMinC - a.tempMinC,
    a.tempMaxC - b.tempMaxC,
    10 * (a.rhMaxFrac - b.rhMaxFrac),
    b.dewGapMinK - a.dewGapMinK,
    a.windMaxMs - b.windMaxMs,
  ];
  return gains.reduce((sum, g) => sum + Math.max(0, g), 0);
}

/** What may stand in its place: the same kind out of the same thing, with no hazard that the first has not. */
const isLike = (a: Product, b: Product): boolean =>
  a.id !== b.id &&
  a.kind === b.kind &&
  a.carrier === b.carrier &&
  (a.effect ?? 'none') === (b.effect ?? 'none') &&
  (b.isocyanate || !a.isocyanate);

const layersOf = (job: Job, { layers }: System): SystemLayer[] =>
  job.system?.layers ?? layers.map(({ role, productId, coats }) => ({ role, productId, coats }));

/** Of what is sprayed already nothing is changed. @returns what stands most first */
export function widerSwaps(job: Job, system: System): Swap[] {
  if ((job.state?.coats.length ?? 0) > 0) return [];
  const layers = layersOf(job, system);
  const swaps = layers.flatMap((layer, k) => {
    const was = productIn(system.products, layer.productId);
    return [...system.products.values()]
      .filter((p) => isLike(p, was) && widerBy(p, was) > 0)
      .map((p) => ({
        by: widerBy(p, was),
        product: p.name,
        instead: was.name,
        job: { ...job, system: { layers: layers.map((l, i) => (i === k ? { ...l, productId: p.id } : l)) } },
      }));
  });
  return swaps.sort((a, b) => b.by - a.by).slice(0, MOST_TRIED);
}
