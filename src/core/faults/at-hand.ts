/** Which films there are on a job, and how far the newest is: what a fault that is seen now is seen on. */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';
import { PRIMERS } from '../coating/rules/groups';
import { COLOURED } from '../coating/tint';
import { stageOf, type Stage } from '../drying/rate';
import { productIn } from '../seams/seam';
import { coatsOn, lastOf } from '../time/coats-on';
import { totalAreaM2 } from '../surface/area';
import { MINUTE } from '../time/instant';
import type { FilmSeen } from './card';
import { LOW_SHARE, type Mending, type Reached } from './steps';

export interface OnJob {
  readonly job: Job;
  readonly layers: readonly PlanLayer[];
  readonly products: ReadonlyMap<string, Product>;
}

const partsOf = (job: Job, layer: PlanLayer): Part[] => job.parts.filter((p) => layer.partIds.includes(p.id));

/** Every film of the build-up on every substrate it goes on. */
export function filmsOf({ job, layers, products }: OnJob): FilmSeen[] {
  const films = layers.flatMap((l) =>
    partsOf(job, l).map(({ substrate }) => ({ product: productIn(products, l.productId), substrate })),
  );
  return [...new Map(films.map((f) => [`${f.product.id} ${f.substrate}`, f])).values()];
}

/** By the sheet at its own temperature. */
function reachedBy(product: Product, sinceMin: number): Reached {
  const done = (stage: Stage): boolean => sinceMin >= stageOf(product, stage).minutes;
  if (!done('flash')) return 'wet';
  if (!done('touchDry')) return 'flashed';
  return done('sand') ? 'hard' : 'dry';
}

/** The layer whose coat went on last, or that comes first; null where there is none. */
function layerNow({ job, layers }: OnJob): { layer: PlanLayer; endedMs: number | null } | null {
  const last = lastOf(coatsOn(job).filter((c) => layers.some((l) => l.id === c.layerId)));
  const layer = layers.find((l) => l.id === last?.layerId) ?? layers[0];
  return layer ? { layer, endedMs: last?.endedMs ?? null } : null;
}

/** Of its kind, nearest under or over a layer. */
const nearest = (list: readonly Product[], is: (p: Product) => boolean): Product | null =>
  list.find(is) ?? null;

/** What is mended when the film on top is at fault. @param nowMs of the press */
export function mendingNow(on: OnJob, nowMs: number): (Mending & { readonly layerId: string }) | null {
  const { job, layers, products } = on;
  const found = layerNow(on);
  const parts = found && partsOf(job, found.layer);
  if (!found || !parts?.[0]) return null;
  const { layer, endedMs } = found;
  const product = productIn(products, layer.productId);
  const at = layers.indexOf(layer);
  const of = (l: PlanLayer): Product => productIn(products, l.productId);
  const under = layers.slice(0, at).map(of).reverse();
  const over = layers.slice(at + 1).map(of);
  const coats = (job.state?.coats ?? []).filter((c) => c.layerId === layer.id).length || layer.coats;
  const below = under[0];
  return {
    layerId: layer.id,
    film: { product, substrate: parts[0].substrate },
    reached: endedMs === null ? 'hard' : reachedBy(product, (nowMs - endedMs) / MINUTE),
    standsReducer: below !== undefined && isTwoPart(below),
    lowUm: LOW_SHARE * coats * layer.filmUmPerCoat,
    colour: nearest(under, (p) => COLOURED.has(p.kind)),
    clear: nearest(over, (p) => p.kind === 'clear'),
    primer: nearest([...under, ...over], (p) => PRIMERS.includes(p.kind)),
    areaM2: totalAreaM2(parts),
  };
}
