/**
 * Bought all at once, or in two trips: paper and primer first, colour and clear once what lies below them
 * stands sanded. If sanding fails nothing else was spent; the price is one more trip.
 */
import type { Job } from '@/model/job';
import type { Material, Plan, PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { COLOURED } from '../coating/tint';

export type Trip = Material['trip'];
export const SHOP_ID = 'shop';
export const LATER_SHOP_ID = 'shop-later';
/** Minutes to the shop and back. From memory; the owner may set his own. */
const SHOP_MIN = 60;

export const shopMin = (job: Job, taskId: string): number => job.minutes?.[taskId] ?? SHOP_MIN;

/** What is seen in the end can wait for what it lies on. Common practice. */
const isSeen = ({ kind }: Pick<Product, 'kind'>): boolean => COLOURED.has(kind) || kind === 'clear';

export const isStaged = (job: Pick<Job, 'buying'>): boolean => job.buying === 'staged';

/** The trip a product is bought on. */
export const tripOf = (job: Pick<Job, 'buying'>, product: Pick<Product, 'kind'>): Trip =>
  isStaged(job) && isSeen(product) ? 'later' : 'first';

const hasPacks = (m: Material): boolean => m.ingredients.some((g) => g.packs.some((p) => p.count > 0));
/** Paints that are still to be bought on a trip. */
export const toBuyOn = (materials: readonly Material[], trip: Trip): Material[] =>
  materials.filter((m) => m.trip === trip && !m.begun && hasPacks(m));

/** The job's second trip is due: all that lies below is sprayed, or the first was all there was to do before. */
export function isLaterDue(job: Job, materials: readonly Material[]): boolean {
  const first = materials.filter((m) => m.trip === 'first');
  const isShopped = (job.state?.tasks ?? []).some((t) => t.taskId === SHOP_ID);
  return first.length > 0 ? first.every((m) => !(m.needMl > 0)) : isShopped;
}

/** The layers whose paint is fetched on the second trip. */
export const laterLayers = (materials: readonly Material[]): ReadonlySet<PlanLayer['id']> =>
  new Set(materials.filter((m) => m.trip === 'later').flatMap((m) => m.layerIds));

/** What waiting with colour and clear keeps in the pocket, and what it costs. */
export function buyingOf(
  job: Job,
  materials: readonly Material[],
  productOf: (id: string) => Product,
): Plan['buying'] {
  const seen = materials.filter((m) => isSeen(productOf(m.productId)) && !m.begun);
  const taxed = 1 + (job.budget.taxPct ?? 0) / 100;
  return {
    isStaged: isStaged(job),
    later: seen.reduce((a, m) => a + m.cost, 0) * taxed,
    tripMin: shopMin(job, LATER_SHOP_ID),
  };
}
