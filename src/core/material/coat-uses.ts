/**
 * What one coat on one part takes out of the nozzle, and where it goes: film, thinner, overspray,
 * overrun past the edges. The smallest thing the sum of a job is made of.
 */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { coatWeights } from '../coating/character';
import { fadeOf } from '../coating/fade';
import { handOf } from '../coating/schools';
import { settledCoats } from '../mends/taken';
import { partAreaM2, partOverrun, sweptAreaM2, totalAreaM2 } from '../surface/area';

/**
 * Share of the sprayed solids that stays while the fan is wholly on the part, in a learner's hands. From
 * memory: aerosol 0.5–0.65, HVLP and LVLP the same, conventional 0.25–0.40.
 */
export const TRANSFER_FRAC = { aerosol: 0.575, hvlp: 0.575, lvlp: 0.575, conventional: 0.325 } as const;
/** Share of the fill that does not come out cleanly: a can 3–8 %, a tin 2 % on its walls. From memory. */
export const HEEL_FRAC = 0.05;
export const TIN_HEEL_FRAC = 0.02;
/**
 * Trigger flow, ml/s: a full can gives about 1 g/s of 0.78 g/ml; a small gun 100 ml/min. Share of a round
 * with the trigger down. From memory.
 */
export const FLOW_ML_S = { aerosol: 1 / 0.78, gun: 100 / 60 } as const;
export const TRIGGER_SHARE = 0.7;

export interface Usage {
  readonly sprayMl: number;
  readonly filmMl: number;
  readonly carrierMl: number;
  readonly oversprayMl: number;
  readonly overrunMl: number;
  readonly areaM2: number;
  readonly overrun: number;
  readonly transferFrac: number;
}

/** Share that lands, by what carries the product; a tin on a job of cans is reckoned as sprayed by HVLP. */
export function transferFrac(job: Job, product: Product): number {
  const { sprayer } = job.equipment;
  if (product.carrier === 'aerosol') return TRANSFER_FRAC.aerosol;
  return TRANSFER_FRAC[sprayer === 'aerosol' ? 'hvlp' : sprayer];
}

/** Share that stays in the pack. */
export const heelFrac = (product: Pick<Product, 'carrier'>): number =>
  product.carrier === 'aerosol' ? HEEL_FRAC : TIN_HEEL_FRAC;

/**
 * Expected millilitres out of the nozzle for `coats` coats over the parts (fractions of a coat allowed), and
 * where they go.
 */
export function usage(product: Product, parts: readonly Part[], coats: number, transfer: number): Usage {
  if (!(transfer > 0 && transfer <= 1)) throw new RangeError(`usage: transfer 0…1, got ${transfer}`);
  const areaM2 = totalAreaM2(parts);
  const overrun = areaM2 > 0 ? sweptAreaM2(parts) / areaM2 : 1;
  return usageOver(product, areaM2, coats, { transfer, overrun });
}

interface Lost {
  readonly transfer: number;
  readonly overrun: number;
}

/** The same over an area, with what runs past its edges as a factor. */
export function usageOver(
  product: Product,
  areaM2: number,
  coats: number,
  { transfer, overrun }: Lost,
): Usage {
  const filmMl = areaM2 * product.filmUmPerCoat * coats;
  const contentsMl = filmMl / product.solidsFrac;
  const onPartMl = contentsMl / transfer;
  const sprayMl = onPartMl * overrun;
  return {
    sprayMl,
    filmMl,
    carrierMl: contentsMl - filmMl,
    oversprayMl: onPartMl - contentsMl,
    overrunMl: sprayMl - onPartMl,
    areaM2,
    overrun,
    transferFrac: transfer,
  };
}

/** What one coat is of. */
export interface CoatOf {
  readonly job: Job;
  readonly product: Product;
  readonly layer: PlanLayer;
}

/** All of a part; of a mend that is only on the place, that alone. */
const coatedM2 = ({ mend }: PlanLayer, part: Part): number =>
  Math.min(mend?.placeM2 ?? Infinity, partAreaM2(part));

/** One coat on one part, own use left out; on a spot that fades out it runs on into the paint around. */
export function coatUsage({ job, product, layer }: CoatOf, part: Part, coat: number, weight: number): Usage {
  // What runs past a spot's edge is the fade; at the part's own edge it is the usual overrun.
  const overrun = Math.max(partOverrun(part), fadeOf(job, layer, part, coat));
  return usageOver(product, coatedM2(layer, part), weight, { transfer: transferFrac(job, product), overrun });
}

export interface CoatUse {
  readonly layerId: string;
  readonly coat: number;
  readonly partId: string;
  readonly weight: number;
  readonly done: boolean;
  /** As reckoned, own use left out. */
  readonly reckoned: Usage;
  readonly sprayMl: number;
  /** Of it on edges and hidden returns. */
  readonly edgeMl: number;
}

/** Every coat of a product on every part, in the order it is sprayed. */
export function coatUses(job: Job, product: Product, layers: readonly PlanLayer[]): CoatUse[] {
  const isOn = settledCoats(job);
  const parts = new Map(job.parts.map((p) => [p.id, p]));
  const hand = handOf(job);
  const useOf = (layer: PlanLayer, coat: number, weight: number, part: Part): CoatUse => {
    const reckoned = coatUsage({ job, product, layer }, part, coat, weight);
    const sprayMl = reckoned.sprayMl * (job.habit?.factor ?? 1);
    const edgeMl = sprayMl * (part.hiddenEdgePct / (100 + part.hiddenEdgePct));
    const done = isOn(layer.id, coat, part.id);
    return { layerId: layer.id, coat, partId: part.id, weight, done, reckoned, sprayMl, edgeMl };
  };
  const mine = layers.filter((l) => l.productId === product.id);
  return mine.flatMap((l) => {
    const painted = (ids: readonly string[]): Part[] => ids.flatMap((id) => parts.get(id) ?? []);
    const usual = coatWeights(product, l.coats, hand).flatMap((weight, i) =>
      painted(l.partIds).map((part) => useOf(l, i + 1, weight, part)),
    );
    const oneMore = painted(l.oneMore ?? []).map((part) => useOf(l, l.coats + 1, 1, part));
    return [...usual, ...oneMore];
  });
}
