/** What is poured in each session of a job that mixes, and what the job uses up beside paint. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { splitAtSeams } from '../coating/sessions';
import { consumablesFor, type Consumable, type Wanted } from './consumables';
import { productIn, type System } from '../seams/seam';
import { coatUses, FLOW_ML_S, TRIGGER_SHARE } from './coat-uses';
import { NOZZLE_ML, PURGE_ML } from './material-line';
import { isReducerRinsed } from './rinse';
import { potLifeAt, pours, type CoatToPour, type Pour } from './mixing';

/** Cup of a gun where nothing else is said, ml. Common practice: 600 ml by gravity. */
export const CUP_ML = 600;

/** The cup of a job's gun, ml. */
export const cupOf = ({ equipment }: Pick<Job, 'equipment'>): number => equipment.cupMl ?? CUP_ML;

export interface SessionPours {
  readonly session: number;
  readonly product: Product;
  readonly pours: readonly Pour[];
}

/** What is mixed with the first coat beside it: the test card and what stays in the gun, ml. */
export const BESIDE_FIRST_ML = NOZZLE_ML.gun + PURGE_ML.gun;

function coatsToPour(job: Job, product: Product, layers: readonly PlanLayer[]): CoatToPour[] {
  const byCoat = new Map<string, number>();
  for (const u of coatUses(job, product, layers))
    if (!u.done) {
      const id = `${u.layerId}.c${u.coat}`;
      byCoat.set(id, (byCoat.get(id) ?? 0) + u.sprayMl);
    }
  return [...byCoat].map(([id, ml], i) => ({
    id,
    ml: ml + (i === 0 ? BESIDE_FIRST_ML : 0),
    minutes: Math.max(2, Math.ceil(ml / FLOW_ML_S.gun / 60 / TRIGGER_SHARE)),
    waitMin: i === 0 ? 0 : product.flashMin,
  }));
}

/**
 * Pours of every gun product, session by session; coats already on are left out.
 * @param tempC of the air and the paint, for the pot life
 */
export function sessionPours(job: Job, system: System, tempC: number): SessionPours[] {
  const tinted = (l: PlanLayer): string => `${l.productId} ${l.hex ?? ''}`;
  const potMin = (p: Product): number | null =>
    p.potLifeMin === undefined ? null : potLifeAt(p.potLifeMin, p.refTempC, tempC);
  const poursOf = (session: number, layers: readonly PlanLayer[]): SessionPours[] => {
    const product = productIn(system.products, layers[0]!.productId);
    if (product.carrier !== 'gun') return [];
    const coats = coatsToPour(job, product, layers);
    if (coats.length === 0) return [];
    return [{ session, product, pours: pours(coats, cupOf(job), potMin(product)) }];
  };
  return splitAtSeams(system).flatMap((group, session) => {
    const keys = [...new Set(group.map(tinted))];
    return keys.flatMap((key) =>
      poursOf(
        session,
        group.filter((l) => tinted(l) === key),
      ),
    );
  });
}

/**
 * What a job still uses up beside paint. Once a coat is on, what prepares and sprays has been bought.
 * @param job with its zones as parts @param more what is wanted beside that
 */
export function jobConsumables(job: Job, system: System, more: readonly Wanted[] = []): Consumable[] {
  if (system.layers.length === 0 || (job.state?.coats.length ?? 0) > 0)
    return consumablesFor(job, null, more);
  const list = sessionPours(job, system, 20);
  const context = {
    seams: system.seams,
    products: [...new Set(system.layers.map((l) => l.productId))].map((id) => productIn(system.products, id)),
    sessions: splitAtSeams(system).length,
    pours: list.reduce((a, s) => a + s.pours.length, 0),
    cleans: list.filter((s) => !isReducerRinsed(job, s.product)).length,
  };
  return consumablesFor(job, context, more);
}
