/**
 * How much paint, laid open: film, what is not film in the can, overspray, overrun past the edges,
 * heel, margin against running out, spare. The parts add up to the need.
 */
import type { Job, Part } from '@/model/job';
import type { Material, PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { normalQuantile } from '../numerics/stats';
import { sweptAreaM2, totalAreaM2 } from '../surface/area';
import { cheapestPacks } from './packs';

/** Share of the sprayed solids that stays while the fan is wholly on the part, in a learner's hands. From memory: aerosol 0.5–0.65, HVLP and LVLP the same, conventional 0.25–0.40. */
export const TRANSFER_FRAC = { aerosol: 0.575, hvlp: 0.575, lvlp: 0.575, conventional: 0.325 } as const;
/** Share of the fill that does not come out cleanly: 3–8 % from memory; a gun's cup and hose take about the same. */
export const HEEL_FRAC = 0.05;
/** One standard deviation of the need before a painter has logged his own, as a share. From memory: ±20 %. */
export const NEED_SD_FRAC = 0.2;
/** Highest chance of running out in the middle of a coat, by default. */
export const RISK_OF_SHORT = 0.05;

export interface Usage { readonly sprayMl: number; readonly filmMl: number; readonly carrierMl: number; readonly oversprayMl: number; readonly overrunMl: number; readonly areaM2: number; readonly overrun: number; readonly transferFrac: number }

/** Share that lands, by what carries the product. */
export function transferFrac(job: Job, product: Product): number {
  return TRANSFER_FRAC[product.carrier === 'aerosol' ? 'aerosol' : job.equipment.sprayer === 'aerosol' ? 'hvlp' : job.equipment.sprayer];
}

/** Expected millilitres out of the nozzle for `coats` coats over the parts, and where they go. */
export function usage(product: Product, parts: readonly Part[], coats: number, transfer: number): Usage {
  if (!(transfer > 0 && transfer <= 1)) throw new RangeError(`usage: transfer 0…1, got ${transfer}`);
  const areaM2 = totalAreaM2(parts);
  const overrun = areaM2 > 0 ? sweptAreaM2(parts) / areaM2 : 1;
  const filmMl = areaM2 * product.filmUmPerCoat * coats;
  const contentsMl = filmMl / product.solidsFrac;
  const onPartMl = contentsMl / transfer;
  const sprayMl = onPartMl * overrun;
  return { sprayMl, filmMl, carrierMl: contentsMl - filmMl, oversprayMl: onPartMl - contentsMl, overrunMl: sprayMl - onPartMl, areaM2, overrun, transferFrac: transfer };
}

/** One product's line of the shopping list, over all layers that use it. */
export function materialFor(job: Job, product: Product, layers: readonly PlanLayer[]): Material {
  const on = new Set((job.state?.coats ?? []).map((c) => `${c.layerId}.${c.coat}`));
  const doneOf = (l: PlanLayer): number => Array.from({ length: l.coats }, (_, i) => i + 1).filter((c) => on.has(`${l.id}.${c}`)).length;
  // Once a coat of it is on, its cans have been bought; only what is left to spray is counted.
  const begun = layers.some((l) => doneOf(l) > 0);
  const parts = new Map(job.parts.map((p) => [p.id, p]));
  const transfer = transferFrac(job, product);
  const sum = { film: 0, carrier: 0, overspray: 0, overrun: 0, spray: 0, swept: 0, area: 0, areaM2: 0 };
  for (const l of layers) {
    const u = usage(product, l.partIds.map((x) => parts.get(x)!), l.coats - doneOf(l), transfer);
    sum.film += u.filmMl; sum.carrier += u.carrierMl; sum.overspray += u.oversprayMl; sum.overrun += u.overrunMl; sum.spray += u.sprayMl;
    sum.swept += u.areaM2 * u.overrun; sum.area += u.areaM2;
    sum.areaM2 = Math.max(sum.areaM2, u.areaM2);
  }
  const heel = sum.spray * HEEL_FRAC / (1 - HEEL_FRAC);
  const spread = sum.spray * NEED_SD_FRAC / (1 - HEEL_FRAC);
  const margin = spread * normalQuantile(1 - RISK_OF_SHORT);
  const shelfMl = (job.shelf ?? []).filter((s) => s.productId === product.id).reduce((a, s) => a + s.remainingMl, 0);
  // One spare can of colour: a spitting nozzle costs a coat, and the shade cannot be bought again on the day. What dies once activated is bought lean.
  const spare = product.kind === 'basecoat' && !begun && product.carrier === 'aerosol' && product.potLifeMin === undefined ? product.packs[0]!.sizeMl : 0;
  const needMl = sum.spray + heel + margin + spare;
  const packs = begun ? [] : cheapestPacks(product.packs, Math.max(0, needMl - shelfMl));
  return {
    productId: product.id, begun, needMl, spreadMl: spread, sprayMl: sum.spray, areaM2: sum.areaM2,
    breakdown: [
      { cause: 'film', ml: sum.film }, { cause: 'carrier', ml: sum.carrier }, { cause: 'overspray', ml: sum.overspray },
      { cause: 'overrun', ml: sum.overrun }, { cause: 'heel', ml: heel }, { cause: 'margin', ml: margin }, { cause: 'spare', ml: spare },
    ],
    factors: { overrun: sum.area > 0 ? sum.swept / sum.area : 1, transferFrac: transfer, solidsFrac: product.solidsFrac, heelFrac: HEEL_FRAC, riskOfShort: RISK_OF_SHORT },
    shelfMl, packs, cost: packs.reduce((a, p) => a + p.count * p.price, 0),
  };
}
