/** What is still to come once the last coat is on: by the film's own clock over the expected air. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { lastNodeMs } from './air/grid';
import { Clocks } from './drying/clocks';
import { stageOf, type Stage } from './drying/rate';
import type { Airs } from './job-air';
import { elsewhereOf } from './schedule/shared';
import { dryingSince, reachedOver } from './schedule/judge/elsewhere';
import { productIn, type System } from './seams/seam';
import { freeSpans } from './time/free-hours';
import { isoOf, MINUTE, msOf } from './time/instant';

/** In the order they come. Wax waits for what the film gives off for weeks: for its cure. */
const TO_COME: readonly { readonly what: Plan['toCome'][number]['what']; readonly stage: Stage }[] = [
  { what: 'dust-free', stage: 'dustFree' },
  { what: 'untape', stage: 'tape' },
  { what: 'handle', stage: 'handle' },
  { what: 'polish', stage: 'polish' },
  { what: 'cured', stage: 'cure' },
];

/** The coat that went on last. */
function lastCoat(job: Job): { readonly layerId: string; readonly endedMs: number } | null {
  const coats = (job.state?.coats ?? []).map((c) => ({
    layerId: c.layerId,
    endedMs: msOf(c.endedAt, job.place.tz),
  }));
  return coats.sort((a, b) => b.endedMs - a.endedMs)[0] ?? null;
}

/** Empty while there is something to spray. A coat from before the forecast is reckoned by its sheet. */
export function stillToCome(job: Job, system: System, { air, cureAir }: Airs): Plan['toCome'] {
  const last = lastCoat(job);
  const layer = system.layers.find((l) => l.id === last?.layerId);
  if (!last || !layer) return [];
  const product = productIn(system.products, layer.productId);
  const here = new Clocks(air, job.schools?.drying ?? 'energy').of(product);
  const free = freeSpans(job.freeHours, job.place.tz, last.endedMs, lastNodeMs(air));
  const elsewhere = elsewhereOf({ job, cureAir }, free);
  const there = elsewhere?.clocks.of(product) ?? here;
  const drying = dryingSince(elsewhere, here, { row: air.rows - 1, endedMs: last.endedMs });
  const isSeen = last.endedMs >= air.startMs;
  return TO_COME.map(({ what, stage }) => {
    const reachedMs = isSeen ? reachedOver(here.stage(stage), there.stage(stage), drying) : Infinity;
    // Outside the forecast the sheet's own figure stands, at its own temperature.
    const bySheet = !Number.isFinite(reachedMs);
    const at = bySheet ? last.endedMs + stageOf(product, stage).minutes * MINUTE : reachedMs;
    return { what, productId: product.id, at: isoOf(at, job.place.tz), bySheet };
  });
}
