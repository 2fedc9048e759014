/** What is poured in each session of a job that mixes, and what the job uses up beside paint. */
import type { Job } from '@/model/job';
import type { PlanLayer, Seam } from '@/model/plan';
import type { Product } from '@/model/product';
import { splitAtSeams } from '../coating/sessions';
import { consumablesFor, type Consumable } from './consumables';
import { coatUses, FLOW_ML_S, NOZZLE_ML, PURGE_ML, TRIGGER_SHARE } from './consumption';
import { potLifeAt, pours, type CoatToPour, type Pour } from './mixing';

/** Cup of a gun where nothing else is said, ml. Common practice: 600 ml by gravity. */
export const CUP_ML = 600;

export interface SessionPours {
  readonly session: number;
  readonly product: Product;
  readonly pours: readonly Pour[];
}

/** Pours of every gun product, session by session; coats already on are left out. @param tempC of the air and the paint, for the pot life */
export function sessionPours(
  job: Job,
  layers: readonly PlanLayer[],
  seams: readonly Seam[],
  products: ReadonlyMap<string, Product>,
  tempC: number,
): SessionPours[] {
  return splitAtSeams(layers, seams).flatMap((group, session) =>
    [...new Set(group.map((l) => `${l.productId} ${l.hex ?? ''}`))].flatMap((key): SessionPours[] => {
      const of = group.filter((l) => `${l.productId} ${l.hex ?? ''}` === key);
      const product = products.get(of[0]!.productId)!;
      if (product.carrier !== 'gun') return [];
      const uses = coatUses(job, product, of).filter((u) => !u.done);
      const keys = [...new Set(uses.map((u) => `${u.layerId}.c${u.coat}`))];
      if (keys.length === 0) return [];
      // The test card and what stays in the gun are mixed with the first coat.
      const coats = keys.map((key, i): CoatToPour => {
        const ml = uses.filter((u) => `${u.layerId}.c${u.coat}` === key).reduce((a, u) => a + u.sprayMl, 0);
        return {
          id: key,
          ml: ml + (i === 0 ? NOZZLE_ML.gun + PURGE_ML.gun : 0),
          minutes: Math.max(2, Math.ceil(ml / FLOW_ML_S.gun / 60 / TRIGGER_SHARE)),
          waitMin: i === 0 ? 0 : product.flashMin,
        };
      });
      return [
        {
          session,
          product,
          pours: pours(
            coats,
            job.equipment.cupMl ?? CUP_ML,
            product.potLifeMin === undefined ? null : potLifeAt(product.potLifeMin, product.refTempC, tempC),
          ),
        },
      ];
    }),
  );
}

/** What a job still uses up beside paint. Once a coat is on it has been bought. @param job with its zones as parts */
export function jobConsumables(
  job: Job,
  layers: readonly PlanLayer[],
  seams: readonly Seam[],
  products: ReadonlyMap<string, Product>,
): Consumable[] {
  if (layers.length === 0 || (job.state?.coats.length ?? 0) > 0) return [];
  const list = sessionPours(job, layers, seams, products, 20);
  return consumablesFor(job, {
    seams,
    products: [...new Set(layers.map((l) => l.productId))].map((id) => products.get(id)!),
    sessions: splitAtSeams(layers, seams).length,
    pours: list.reduce((a, s) => a + s.pours.length, 0),
    cleans: list.length,
  });
}
