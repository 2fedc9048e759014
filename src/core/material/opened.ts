/** Cans and cups that a job opened, with the end of their label's life: cold does not lengthen it. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { MINUTE, msOf } from '../time/instant';

export interface OpenedPot {
  readonly product: Product;
  /** When it was opened, as it stands in the job and in ms. */
  readonly at: string;
  readonly atMs: number;
  readonly endMs: number;
}

/** End of the label's life of what was opened at an instant, ms; null of what keeps. */
export const potEndMs = ({ potLifeMin }: Pick<Product, 'potLifeMin'>, atMs: number): number | null =>
  potLifeMin === undefined ? null : atMs + potLifeMin * MINUTE;

/** Those that die, in the order they stand in the job, dead ones too. */
export const openedPots = (
  { state, place }: Pick<Job, 'state' | 'place'>,
  products: Iterable<Product>,
): OpenedPot[] => {
  const byId = new Map([...products].map((p) => [p.id, p]));
  return (state?.activations ?? []).flatMap(({ productId, at }): OpenedPot[] => {
    const product = byId.get(productId);
    const atMs = msOf(at, place.tz);
    const endMs = product ? potEndMs(product, atMs) : null;
    return product && endMs !== null ? [{ product, at, atMs, endMs }] : [];
  });
};

/** Ids of the products that the sessions of a plan spray. */
export function sprayedIn({ sessions, layers }: Pick<Plan, 'sessions' | 'layers'>): Set<string> {
  const ids = new Set(sessions.flatMap((s) => s.layerIds));
  return new Set(layers.filter((l) => ids.has(l.id)).map((l) => l.productId));
}
