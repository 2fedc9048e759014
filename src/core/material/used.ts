/** What was really used, from the log: by cans emptied or by weight before and after; and what the plan had expected. */
import type { Job, Used } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { withZones } from '../surface/zones';
import { HEEL_FRAC, transferFrac, usage } from './consumption';

/** Weight of what is in a can, g/ml, where the entry gives none. From memory: 400 ml of aerosol weigh about 310 g. */
export const CAN_G_PER_ML = 0.78;

/** Millilitres of one entry. By weight: (before − after) ÷ density. By cans: packs × the first pack's net fill. */
export function usedMl(u: Used, product: Product): number {
  if (u.by === 'cans') return u.cans * product.packs[0]!.sizeMl;
  const gPerMl = u.gPerMl ?? (product.carrier === 'aerosol' ? CAN_G_PER_ML : 1);
  const ml = (u.beforeG - u.afterG) / gPerMl;
  if (!(ml >= 0)) throw new RangeError('usedMl: weighs more after than before');
  return ml;
}

/** What all coats of a product were expected to take out of its cans, heel included, ml. */
export function expectedMl(job: Job, product: Product, layers: readonly PlanLayer[]): number {
  const parts = new Map(withZones(job).parts.map((p) => [p.id, p])), transfer = transferFrac(job, product);
  return layers.filter((l) => l.productId === product.id).reduce((a, l) => a + usage(product, l.partIds.flatMap((x) => parts.get(x) ?? []), l.coats, transfer).sprayMl, 0) / (1 - HEEL_FRAC);
}
