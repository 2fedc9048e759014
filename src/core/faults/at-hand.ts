/** Which films there are on a job, and how far the newest is: what a fault that is seen now is seen on. */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';
import { PRIMERS } from '../coating/rules/groups';
import { COLOURED } from '../coating/tint';
import { stageOf, type Stage } from '../drying/rate';
import { productIn } from '../seams/seam';
import { coatsOn, lastOf, type CoatOn } from '../time/coats-on';
import { totalAreaM2 } from '../surface/area';
import { MINUTE } from '../time/instant';
import { any, type FilmSeen, type OnFilm } from './card';
import { LOW_SHARE, type Mending, type Reached } from './steps';

export interface OnJob {
  readonly job: Job;
  readonly layers: readonly PlanLayer[];
  readonly products: ReadonlyMap<string, Product>;
  /** The layer that is being sprayed now, not ticked yet; null where none is. */
  readonly spraying: string | null;
  /** The parts that show it; left out: any. */
  readonly only?: readonly string[];
}

const partsOf = ({ job, only }: OnJob, layer: PlanLayer): Part[] =>
  job.parts.filter((p) => layer.partIds.includes(p.id) && (only?.includes(p.id) ?? true));

/** Every film of the build-up on every substrate it goes on. */
export function filmsOf(on: OnJob): FilmSeen[] {
  const { layers, products } = on;
  const films = layers.flatMap((l) =>
    partsOf(on, l).map(({ substrate }) => ({ product: productIn(products, l.productId), substrate })),
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

/** A layer that is on, or going on, at least in part. */
interface Laid {
  readonly layer: PlanLayer;
  readonly endedMs: number;
  /** Coats of it, one that is being sprayed among them. */
  readonly coats: number;
}

/** A coat is on one of the parts that are looked at. */
const isSeen = ({ only }: OnJob, { partIds }: CoatOn): boolean =>
  !only || !partIds || partIds.some((id) => only.includes(id));

/** The newest layer on which something may show; null where nothing of that is on. */
function newestLaid(on: OnJob, nowMs: number, shows: (l: PlanLayer) => boolean): Laid | null {
  const { job, layers, spraying } = on;
  const coats = coatsOn(job).filter((c) => isSeen(on, c));
  const laid = (layer: PlanLayer, endedMs: number, going: number): Laid => ({
    layer,
    endedMs,
    coats: new Set(coats.filter((c) => c.layerId === layer.id).map((c) => c.coat)).size + going,
  });
  const now = layers.find((l) => l.id === spraying && shows(l));
  if (now) return laid(now, nowMs, 1);
  const last = lastOf(coats.filter((c) => layers.some((l) => l.id === c.layerId && shows(l))));
  return (
    last &&
    laid(
      layers.find((l) => l.id === last.layerId)!,
      last.endedMs,
      0,
    )
  );
}

/** What the papers of a mend took of the film below, µm, the high end. From memory. */
const REWORKED_UM = 10;

/** Film that is surely there: the coats of the newest layer, and all of the same paint right under it. */
function lowUmOf(coats: number, upTo: readonly PlanLayer[]): number {
  const top = upTo.at(-1)!;
  let lowUm = LOW_SHARE * coats * top.filmUmPerCoat;
  let over = top;
  for (const under of upTo.slice(0, -1).reverse()) {
    if (under.productId !== top.productId) break;
    lowUm += LOW_SHARE * under.coats * under.filmUmPerCoat;
    if (over.mend && over.mend.tasks.length > 0) lowUm -= REWORKED_UM;
    over = under;
  }
  return lowUm;
}

/** Of its kind, nearest under or over a layer. */
const nearest = (list: readonly Product[], is: (p: Product) => boolean): Product | null =>
  list.find(is) ?? null;

/** Laid by an earlier mend of this very film, still to come: nothing that the build-up lays over it. */
const isOwnMend = (l: PlanLayer, all: readonly PlanLayer[], layerId: string): boolean =>
  l.mend !== undefined && all.some((x) => x.mend?.id === l.mend?.id && x.mend?.film.layerId === layerId);

export interface MendingNow extends Mending {
  /** The newest layer there is: what is mended is on it, or under it. */
  readonly layerId: string;
}

/**
 * What is mended: the newest film of the job on which the fault may show, and what lies over that. null where none of
 * it is on yet.
 * @param nowMs of the press
 */
export function mendingNow(on: OnJob, nowMs: number, shows: OnFilm = any): MendingNow | null {
  const { products } = on;
  const layers = on.layers.filter((l) => partsOf(on, l).length > 0);
  const of = (l: PlanLayer): Product => productIn(products, l.productId);
  const filmsOn = (l: PlanLayer): FilmSeen[] =>
    partsOf(on, l).map(({ substrate }) => ({ product: of(l), substrate }));
  const shown = newestLaid(on, nowMs, (l) => filmsOn(l).some(shows));
  const found = shown && newestLaid(on, nowMs, () => true);
  if (!shown || !found) return null;
  const { layer, endedMs, coats } = found;
  const product = of(layer);
  const at = layers.indexOf(layer);
  const isUnder = layers.indexOf(shown.layer) < at;
  const under = layers.slice(0, at).map(of).reverse();
  const over = layers
    .slice(at + 1)
    .filter((l) => !isOwnMend(l, on.layers, layer.id))
    .map(of);
  const below = under[0];
  return {
    layerId: layer.id,
    film: filmsOn(layer).find(shows) ?? filmsOn(layer)[0]!,
    under: isUnder ? filmsOn(shown.layer).find(shows)! : null,
    reached: reachedBy(product, (nowMs - endedMs) / MINUTE),
    standsReducer: below !== undefined && isTwoPart(below),
    lowUm: lowUmOf(coats, layers.slice(0, at + 1)),
    colour: nearest(under, (p) => COLOURED.has(p.kind)),
    clear: nearest(over, (p) => p.kind === 'clear'),
    primer: nearest([...under, ...over], (p) => PRIMERS.includes(p.kind)),
    areaM2: totalAreaM2(partsOf(on, layer)),
  };
}
