/** The coats of a layer as steps: how long each part takes and what leaves the nozzle there. */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { isTwoPart } from '../../chemistry/cards';
import { coatWeights } from '../../coating/character';
import { handOf } from '../../coating/schools';
import { coatUsage, FLOW_ML_S, heelFrac, TRIGGER_SHARE } from '../../material/coat-uses';
import { isReducerRinsed } from '../../material/rinse';
import { spotsUnder, type System } from '../../seams/seam';
import { facesOf, sumOverFaces } from '../../surface/shape';
import type { CoatStep, Unit } from './draft';

/** Minutes to step to the next part. From memory. */
const STEP_MIN = 0.5;
/** A round takes this long at least, minutes. */
const LEAST_MIN = 2;

/** More faces of one part are taken together: a rack of forty brackets is no forty decisions. */
const MOST_FACES = 12;

/** It comes out of cups or cans that are opened for it, so it counts between which faces. */
export const isPoured = (p: Product): boolean =>
  p.carrier === 'gun' || (isTwoPart(p) && p.potLifeMin !== undefined);

/** What one cup or can gives, ml. @param cupMl of the gun */
export const packGivesMl = (p: Product, cupMl: number): number =>
  p.carrier === 'gun' ? cupMl : p.packs[0]!.sizeMl * (1 - heelFrac(p));

/** Packs that so much empties. @param ml over 0 */
export const packsFor = (p: Product, ml: number, cupMl: number): number =>
  Math.max(1, Math.ceil(ml / packGivesMl(p, cupMl) - 1e-9));

type Sprays = Pick<CoatStep, 'product' | 'ml'>;

/** Products of a session, each once. */
export const productsOf = (steps: readonly Sprays[]): Product[] => [...new Set(steps.map((s) => s.product))];

/** Those that come out of a can that is activated, and dies. */
export const activatedCans = (steps: readonly Sprays[]): Product[] =>
  productsOf(steps).filter((p) => p.carrier === 'aerosol' && isPoured(p));

/** Of one product in a session. */
export const sprayedMl = (steps: readonly Sprays[], product: Product): number =>
  steps.reduce((a, s) => a + (s.product === product ? s.ml : 0), 0);

/** Faces of a part that are sprayed one by one, its pieces counted. */
function facesSprayed(part: Part): number {
  const ofOne = sumOverFaces(facesOf(part), () => 1);
  return Math.min(MOST_FACES, ofOne * (part.count ?? 1));
}

interface Sprayed {
  readonly part: Part;
  readonly ml: number;
  readonly minutes: number;
}

/** Faces in order; of what keeps, a part in one. @param scale to the round as it is said, in whole minutes */
function unitsOf(product: Product, of: readonly Sprayed[], frame: CoatFrame, scale: number): Unit[] {
  return of.flatMap(({ part, ml, minutes }) => {
    const faces = isPoured(product) ? facesSprayed(part) : 1;
    const one = { part: frame.numbers.get(part.id)!, minutes: (minutes * scale) / faces, ml: ml / faces };
    return Array.from({ length: faces }, () => one);
  });
}

/** What all coats of a session are reckoned with. */
export interface CoatFrame {
  readonly job: Job;
  readonly parts: ReadonlyMap<string, Part>;
  /** Numbers of the session's parts. */
  readonly numbers: ReadonlyMap<string, number>;
  readonly system: System;
}

/**
 * Every coat of one layer, on the parts that still need it.
 * @param needs whether a part still needs a coat
 */
export function coatsOf(
  frame: CoatFrame,
  layer: PlanLayer,
  product: Product,
  needs: (coat: number, partId: string) => boolean,
): CoatStep[] {
  const { job, parts } = frame;
  const habit = job.habit?.factor ?? 1;
  const hand = handOf(job);
  const sprayed = (part: Part, coat: number, weight: number): Sprayed => {
    const ml = coatUsage({ job, product, layer }, part, coat, weight).sprayMl * habit;
    return { part, ml, minutes: ml / FLOW_ML_S[product.carrier] / 60 / TRIGGER_SHARE + STEP_MIN };
  };
  const spots = spotsUnder(frame.system.seams, layer.id);
  const spotCoats = frame.system.layers.reduce((a, l) => a + (spots.includes(l.id) ? l.coats : 0), 0);
  return coatWeights(product, layer.coats, hand).flatMap((weight, i): CoatStep[] => {
    const on = layer.partIds.filter((id) => needs(i + 1, id));
    if (on.length === 0) return [];
    const of = on.map((id) => sprayed(parts.get(id)!, i + 1, weight));
    const spentMin = of.reduce((a, x) => a + x.minutes, 0);
    const minutes = Math.max(LEAST_MIN, Math.ceil(spentMin));
    const step: CoatStep = {
      id: `${layer.id}.c${i + 1}`,
      layerId: layer.id,
      product,
      coat: i + 1,
      coats: layer.coats,
      film: { coat: weight, layer: Math.max(weight, (spotCoats + i + 1) / product.coats) },
      minutes,
      ml: of.reduce((a, x) => a + x.ml, 0),
      partIds: on,
      units: unitsOf(product, of, frame, minutes / spentMin),
      firstOfLayer: i === 0,
      spots,
      hand,
      rinse: isReducerRinsed(job, product) ? 'reducer' : 'wash',
      between: [],
      isOneMore: false,
    };
    return [step];
  });
}
