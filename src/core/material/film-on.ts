/** How thick the film on a part is over the sheet's: by the character of its coats, and by what was weighed. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { coatWeights } from '../coating/character';
import { handOf } from '../coating/schools';
import type { Stage } from '../drying/rate';
import { productIn, spotsUnder, type System } from '../seams/seam';
import { coatsOn, isOnPart, lastOf, type CoatOn } from '../time/coats-on';
import { overOf } from './weighed';

/** Film over the sheet's: of its last coat, and of the layer so far over the sheet's usual coats. */
export interface FilmOver {
  readonly coat: number;
  readonly layer: number;
}
export const AS_SHEET: FilmOver = { coat: 1, layer: 1 };

/** What counts for a stage: the coat while it flashes, the whole layer for what comes after. */
export const filmAt = (film: FilmOver, stage: Stage): number => (stage === 'flash' ? film.coat : film.layer);

/** What is on a part of a layer; as the sheet has it where nothing is. */
export type FilmOn = (layer: PlanLayer, partId: string) => FilmOver;

/** The thickest over some parts of a layer. */
export function thickest(filmOn: FilmOn, layer: PlanLayer, partIds: readonly string[]): FilmOver {
  const films = partIds.map((id) => filmOn(layer, id));
  const most = (of: (f: FilmOver) => number): number => (films.length > 0 ? Math.max(...films.map(of)) : 1);
  return { coat: most((f) => f.coat), layer: most((f) => f.layer) };
}

/** A coat on a part over the sheet's: by its character, and by the scale. */
export type CoatOver = (
  layer: PlanLayer,
  coat: number,
  partId: string,
) => { readonly times: number; readonly isWeighed: boolean };
type Built = Pick<System, 'layers' | 'seams' | 'products'>;

export function coatsOver(job: Job, system: Built): CoatOver {
  const over = overOf(job, system);
  const hand = handOf(job);
  return (layer, coat, partId) => {
    const weight = coatWeights(productIn(system.products, layer.productId), layer.coats, hand)[coat - 1] ?? 1;
    const weighed = over(layer.id, coat, partId);
    return { times: weight * (weighed ?? 1), isWeighed: weighed !== null };
  };
}

export function filmsOn(job: Job, system: Built): FilmOn {
  const on = coatsOn(job);
  if (on.length === 0) return () => AS_SHEET;
  const over = overOf(job, system);
  const coatOver = coatsOver(job, system);
  const coatsOf = (layerId: string, partId: string): CoatOn[] =>
    on.filter((c) => c.layerId === layerId && isOnPart(c, partId));
  /** Coats as reckoned: a light one that came out as light as it was meant to counts as one. */
  const grownOf = (layerId: string, partId: string): number =>
    coatsOf(layerId, partId).reduce((a, c) => a + (over(layerId, c.coat, partId) ?? 1), 0);
  return (layer, partId) => {
    const last = lastOf(coatsOf(layer.id, partId));
    if (!last) return AS_SHEET;
    const coat = coatOver(layer, last.coat, partId).times;
    const stacked = [layer.id, ...spotsUnder(system.seams, layer.id)];
    const grown = stacked.reduce((a, id) => a + grownOf(id, partId), 0);
    return { coat, layer: Math.max(coat, grown / productIn(system.products, layer.productId).coats) };
  };
}
