/** The gun as a coat left it: rinsed before anything else, unless the same paint goes on at once. */
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { Product } from '@/model/product';
import { dirtyGun, type DirtyGun } from '../../material/dirty-gun';
import { isReducerRinsed, RINSE_ML } from '../../material/rinse';
import type { System } from '../../seams/seam';
import { RINSE_MIN, type CoatStep, type Film, type PrepStep } from './draft';

/** What is left, stretch by stretch, lot by lot. */
type Lots = readonly (readonly {
  readonly left: readonly CoatStep[];
  readonly films: ReadonlyMap<string, Film>;
}[])[];

/** Where the next coat is of the paint that is in the gun, and its film waits for it, nothing is rinsed. */
function isGoneOn({ product }: DirtyGun, lots: Lots): boolean {
  const next = lots.flat().find((s) => s.left.length > 0);
  return next !== undefined && next.films.size > 0 && next.left[0]!.product.id === product.id;
}

/** The gun that is rinsed before anything else; null where it is clean or goes on. @param nowMs of the plan */
export function gunToRinse(
  { job, system, lots }: { job: Job; system: System; lots: Lots },
  nowMs: number,
): DirtyGun | null {
  const gun = dirtyGun(job, system, nowMs);
  return gun && isGoneOn(gun, lots) ? null : gun;
}

/** What rinsing asks for; paint with a pot life sets in the gun. */
export const rinseNotice = (product: Product, fluid: 'wash' | 'reducer'): Notice => ({
  code: product.potLifeMin === undefined ? 'rinse' : 'rinse-now',
  params: { product: product.name, ml: RINSE_ML, with: fluid },
});

export const rinseStep = (job: Job, { id, product }: DirtyGun): PrepStep => ({
  id,
  kind: 'rinse',
  minutes: RINSE_MIN,
  detail: rinseNotice(product, isReducerRinsed(job, product) ? 'reducer' : 'wash'),
  partIds: [],
  needs: 'hands',
  canSplit: false,
});
