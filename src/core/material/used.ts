/**
 * What was really used, from the log: by cans emptied or by weight before and after; and what the plan had
 * expected.
 */
import type { Job, Used } from '@/model/job';
import type { Product } from '@/model/product';
import { withZones } from '../surface/zones';
import type { System } from '../seams/seam';
import { materialFor } from './material-line';

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

/**
 * What all coats of a product were expected to take out of its cans, test cards, mending and heel included,
 * ml; what is on already counts too.
 */
export function expectedMl(job: Job, product: Product, system: Pick<System, 'layers' | 'seams'>): number {
  const { state: _state, ...before } = withZones(job);
  const m = materialFor(before, product, system);
  return m.useMl / (1 - m.factors.heelFrac);
}
