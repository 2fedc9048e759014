/**
 * What was really used, from the log: by cans emptied or by weight before and after; and what the plan had
 * expected.
 */
import type { Job } from '@/model/job';
import type { Used } from '@/model/log';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import { withZones } from '../surface/zones';
import type { System } from '../seams/seam';
import { materialFor } from './material-line';
import { packsMl } from './packs';

/** Weight of what is in a can, g/ml, where the entry gives none. From memory: 400 ml of aerosol weigh about 310 g. */
export const CAN_G_PER_ML = 0.78;

/** What a millilitre out of a pack weighs, g/ml, by its sheet; else of a tin 1, from memory. */
export const densityOf = (product: Pick<Product, 'carrier' | 'densityGPerMl'>): number =>
  product.densityGPerMl ?? (product.carrier === 'aerosol' ? CAN_G_PER_ML : 1);

/** Coats that were weighed one by one, as one entry: what they lost in all. */
export const usedAsWeighed = (product: Product, ml: number): Used => ({
  by: 'weight',
  productId: product.id,
  beforeG: Math.round(ml * densityOf(product) * 10) / 10,
  afterG: 0,
});

/** Heavier after than before: such an entry says nothing until it is put right. */
export const isGain = (u: Used): boolean => u.by === 'weight' && u.afterG > u.beforeG;

/** Millilitres of one entry. By weight: (before − after) ÷ density. By cans: packs × the first pack's net fill. */
export function usedMl(u: Used, product: Product): number {
  if (u.by === 'cans') return u.cans * product.packs[0]!.sizeMl;
  const gPerMl = u.gPerMl ?? densityOf(product);
  const ml = (u.beforeG - u.afterG) / gPerMl;
  if (!(ml >= 0)) throw new RangeError('usedMl: weighs more after than before');
  return ml;
}

/** The same; null of an entry whose weights contradict each other. */
export const loggedMl = (u: Used, product: Product): number | null => (isGain(u) ? null : usedMl(u, product));

/** What one line takes out of its packs, heel included, ml. */
export const takenMl = ({ useMl, factors }: Pick<Material, 'useMl' | 'factors'>): number =>
  useMl / (1 - factors.heelFrac);

export interface ExpectedUse {
  /** Out of the nozzle: test cards and mending with it; what the cans of Materials say, ml. */
  readonly sprayedMl: number;
  /** Out of the packs: what stays in them as heel counts as gone, ml. */
  readonly takenMl: number;
  /** Ready to spray, of what was set aside and was to be bought, ml. */
  readonly boughtMl: number;
}

/** What is in its packs, as it is sprayed: of several parts by what stands in the mix. */
function boughtOf({ ingredients, needMl }: Material): number {
  const [base] = ingredients;
  if (!base || !(base.needMl > 0)) return 0;
  return (base.shelfMl + packsMl(base.packs)) * (needMl / base.needMl);
}

/** What all coats of a product were expected to use; what is on already counts too. */
export function expectedUse(
  job: Job,
  product: Product,
  system: Pick<System, 'layers' | 'seams'>,
): ExpectedUse {
  const { state: _state, ...before } = withZones(job);
  const material = materialFor(before, product, system);
  return { sprayedMl: material.useMl, takenMl: takenMl(material), boughtMl: boughtOf(material) };
}
