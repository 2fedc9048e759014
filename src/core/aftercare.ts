/** What is still to come once the last coat is on: by the film's own clock over the expected air. */
import type { Job } from '@/model/job';
import type { Plan, PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { lastNodeMs } from './air/grid';
import { Clocks, timesOver, type ProductClock, type StageClock } from './drying/clocks';
import { stageOf, type Stage } from './drying/rate';
import type { Airs } from './job-air';
import { coatsOn, lastOf, type CoatOn } from './time/coats-on';
import { remember } from './records/remember';
import { elsewhereOf } from './schedule/shared';
import { dryingSince, reachedOver } from './schedule/judge/elsewhere';
import { filmsOn, thickest, type FilmOn } from './material/film-on';
import { productIn, type System } from './seams/seam';
import { freeSpans } from './time/free-hours';
import { instantOf, isoOf, MINUTE } from './time/instant';

/** In the order they come. Wax waits for what the film gives off for weeks: for its cure. */
const TO_COME: readonly { readonly what: Plan['toCome'][number]['what']; readonly stage: Stage }[] = [
  { what: 'dust-free', stage: 'dustFree' },
  { what: 'untape', stage: 'tape' },
  { what: 'handle', stage: 'handle' },
  { what: 'polish', stage: 'polish' },
  { what: 'cured', stage: 'cure' },
];

/** The clock of a product in the air where it is sprayed. */
export const clockOf = (job: Job, { air }: Airs, product: Product): ProductClock =>
  new Clocks(air, job.schools?.drying ?? 'energy').of(product);

/** A film as it was laid: when, and how thick its layer is over the sheet's. */
export interface Lain {
  readonly product: Product;
  readonly endedMs: number;
  readonly film: number;
}

/** A layer on some parts as it was laid. */
export const lainOn = (
  { filmOn, system }: { readonly filmOn: FilmOn; readonly system: System },
  layer: PlanLayer,
  { partIds, endedMs }: { readonly partIds: readonly string[]; readonly endedMs: number },
): Lain => ({
  product: productIn(system.products, layer.productId),
  endedMs,
  film: thickest(filmOn, layer, partIds).layer,
});

export interface Reached {
  readonly at: string;
  readonly bySheet: boolean;
}

/**
 * When a film reaches a stage, or several times that, on the central line. A coat from before the forecast is reckoned
 * by its sheet.
 */
export function stagesOf(
  job: Job,
  { product, endedMs, film }: Lain,
  airs: Airs,
): (s: Stage, times?: number) => Reached {
  const here = clockOf(job, airs, product);
  const { air, cureAir } = airs;
  const free = freeSpans(job.freeHours, job.place.tz, endedMs, lastNodeMs(air));
  const elsewhere = elsewhereOf({ job, cureAir }, free);
  const there = elsewhere?.clocks.of(product) ?? here;
  const drying = dryingSince(elsewhere, here, { row: air.rows - 1, endedMs, film });
  const isSeen = endedMs >= air.startMs;
  return (stage, times = 1) => {
    const over = (clock: typeof here): StageClock => timesOver(clock.stage(stage), times);
    const reachedMs = isSeen ? reachedOver(over(here), over(there), drying) : Infinity;
    // Outside the forecast the sheet's own figure stands, at its own temperature.
    const bySheet = !Number.isFinite(reachedMs);
    const at = bySheet ? endedMs + times * stageOf(product, stage).minutes * MINUTE : reachedMs;
    return { at: isoOf(at, job.place.tz), bySheet };
  };
}

/** Empty while there is something to spray. */
export function stillToCome(job: Job, system: System, airs: Airs): Plan['toCome'] {
  const last = lastOf(coatsOn(job));
  const layer = system.layers.find((l) => l.id === last?.layerId);
  if (!last || !layer) return [];
  const of = { partIds: last.partIds ?? layer.partIds, endedMs: last.endedMs };
  const lain = lainOn({ filmOn: filmsOn(job, system), system }, layer, of);
  const reached = stagesOf(job, lain, airs);
  return TO_COME.map(({ what, stage }) => ({ what, productId: lain.product.id, ...reached(stage) }));
}

/** The newest film of each part. */
function newestFilms(job: Job, system: System): Map<string, CoatOn> {
  const newest = new Map<string, CoatOn>();
  for (const coat of coatsOn(job))
    for (const partId of coat.partIds ?? system.layers.find((l) => l.id === coat.layerId)?.partIds ?? [])
      if (coat.endedMs >= (newest.get(partId)?.endedMs ?? -Infinity)) newest.set(partId, coat);
  return newest;
}

/** What was sprayed and may not be handled yet, part by part, whether or not more is to come. */
export function dryingNow(job: Job, system: System, airs: Airs, nowMs: number): Plan['drying'] {
  const reached = new Map<string, (s: Stage) => Reached>();
  const filmOn = filmsOn(job, system);
  return [...newestFilms(job, system)].flatMap(([partId, { layerId, endedMs }]) => {
    const layer = system.layers.find((l) => l.id === layerId);
    if (!layer) return [];
    const lain = lainOn({ filmOn, system }, layer, { partIds: [partId], endedMs });
    const of = remember(reached, `${layerId} ${endedMs} ${lain.film}`, Infinity, () =>
      stagesOf(job, lain, airs),
    );
    const [dustFreeAt, handleAt] = [of('dustFree').at, of('handle').at];
    return instantOf(handleAt) > nowMs ? [{ partId, dustFreeAt, handleAt }] : [];
  });
}
