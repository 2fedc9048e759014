/** The coats of a layer as steps: how long a round takes and what leaves the nozzle. */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { isTwoPart } from '../../chemistry/cards';
import { coatWeights } from '../../coating/character';
import { schoolOf } from '../../coating/schools';
import { FLOW_ML_S, HEEL_FRAC, transferFrac, TRIGGER_SHARE, usage } from '../../material/coat-uses';
import type { CoatStep } from './draft';

/** Minutes to step to the next part. From memory. */
const STEP_MIN = 0.5;

type Coat = Omit<CoatStep, 'activateCans' | 'firstOfLayer'>;

/** Every coat of one layer. @throws RangeError never for a job that was accepted */
export function coatsOf(
  job: Job,
  layer: PlanLayer,
  product: Product,
  parts: ReadonlyMap<string, Part>,
): Coat[] {
  const transfer = transferFrac(job, product);
  const habit = job.habit?.factor ?? 1;
  const firstClear = schoolOf(job, 'firstClear');
  const on = layer.partIds.map((id) => parts.get(id)!);
  const mlOf = (of: readonly Part[], weight: number): number =>
    usage(product, of, weight, transfer).sprayMl * habit;
  const roundMin = (ml: number, count: number): number =>
    ml / FLOW_ML_S[product.carrier] / 60 / TRIGGER_SHARE + STEP_MIN * count;
  return coatWeights(product, layer.coats, firstClear).map((weight, i): Coat => {
    const ml = mlOf(on, weight);
    const firstMl = on[0] ? mlOf([on[0]], weight) : 0;
    const minutes = Math.max(2, Math.ceil(roundMin(ml, on.length)));
    return {
      id: `${layer.id}.c${i + 1}`,
      layerId: layer.id,
      product,
      coat: i + 1,
      coats: layer.coats,
      minutes,
      firstPartMin: Math.min(minutes, roundMin(firstMl, 1)),
      ml,
      partIds: layer.partIds,
      firstClear,
    };
  });
}

/** Cans that the expected use of a session empties. */
function cansFor(product: Product, ml: number): number {
  return Math.max(1, Math.ceil(ml / (product.packs[0]!.sizeMl * (1 - HEEL_FRAC)) - 1e-9));
}

/** Coats with the activation before the first of each product that dies, unless one is open already. */
export function withActivations(coats: readonly Coat[], open: ReadonlySet<string>): CoatStep[] {
  const opened = new Set(open);
  return coats.map((coat): CoatStep => {
    const { id } = coat.product;
    const activates = isTwoPart(coat.product) && coat.product.potLifeMin !== undefined && !opened.has(id);
    if (activates) opened.add(id);
    const ml = coats.filter((x) => x.product.id === id).reduce((a, x) => a + x.ml, 0);
    return {
      ...coat,
      firstOfLayer: coat.coat === 1,
      activateCans: activates ? cansFor(coat.product, ml) : 0,
    };
  });
}
