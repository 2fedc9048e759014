/** What is asked at one moment of a world, and the starts as they are judged on what was issued by then. */
import { nearestNode } from '@/core/air/grid';
import type { Ensemble } from '@/core/air/ensemble';
import { correctedBy } from '@/core/air/readings';
import { systemFor } from '@/core/coating/system';
import { materialsOf } from '@/core/material/materials';
import { remember } from '@/core/records/remember';
import { NOTHING_AROUND, type Around } from '@/core/schedule/around';
import type { Attempt } from '@/core/schedule/attempt';
import { partedOf, wholeOf } from '@/core/schedule/decided';
import { withCans, workOf } from '@/core/schedule/work/work';
import { withZones } from '@/core/surface/zones';
import { HOUR, type Span } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Reading } from '@/model/reading';
import { airOf, type Sky } from './world';

/** What is asked at one moment. */
export interface Asked {
  readonly job: Job;
  readonly sky: Sky;
  readonly nowMs: number;
  /** Free hours from now, until the next look. */
  readonly free: readonly Span[];
  readonly nextLookMs: number;
  /** What other jobs of the same painter take. */
  readonly around: Around;
  /** The work may be parted: base tonight and clear tomorrow, or in lots. */
  readonly isParted: boolean;
}

/** One job of one painter, in one go. */
export const ALONE: Pick<Asked, 'around' | 'isParted'> = { around: NOTHING_AROUND, isParted: false };

/** Policies that see the same at the same hour judge its starts once. */
const made = new WeakMap<Ensemble, Map<string, Attempt>>();
const KEPT = 40;

/** The starts as they are judged on what is seen. */
export function attemptOn(asked: Asked, ensemble: Ensemble, readings: readonly Reading[] = []): Attempt {
  const known = made.get(ensemble) ?? new Map<string, Attempt>();
  made.set(ensemble, known);
  return remember(known, nameOf(asked, readings), KEPT, () => attempted(asked, ensemble, readings));
}

/** Two questions of one name have one answer. */
function nameOf({ job, nowMs, around, isParted }: Asked, readings: readonly Reading[]): string {
  const { place, parts, freeHours, state, system } = job;
  const coats = state?.coats.map((c) => [c.layerId, c.coat, c.endedAt, c.partIds]);
  return JSON.stringify([
    nowMs,
    place.shelter,
    parts.length,
    system,
    freeHours.weekly,
    coats,
    readings.length,
    around,
    isParted,
  ]);
}

function attempted(asked: Asked, ensemble: Ensemble, readings: readonly Reading[]): Attempt {
  const { job, nowMs, around, isParted } = asked;
  const whole = withZones(job);
  const system = systemFor(whole);
  const told = airOf(ensemble, whole);
  const air = correctedBy(told, readings, nowMs)?.air ?? told;
  const request = { job: whole, system, materials: materialsOf(whole, system), air, nowMs, around };
  const work = withCans(workOf(whole, system), around.cans);
  return isParted ? partedOf(request, work) : wholeOf(request, work);
}

/** What a thermo-hygrometer and an anemometer say at the part: now, and when it was last looked at. */
function readingsAt({ job, sky, nowMs }: Asked): Reading[] {
  const air = airOf(sky.truth(nowMs), job);
  const o = (air.rows - 1) * air.nodes;
  return [nowMs - 3 * HOUR, nowMs].map((ms) => {
    const k = o + nearestNode(air, air.nodes, ms);
    return { ms, airC: air.airC[k]!, rhPct: 100 * air.rhFrac[k]!, windMs: air.windMs[k]! };
  });
}

/** What Pellucid sees at a look: the futures, with what was read at the part. */
export const seenBy = (asked: Asked, reads: boolean): Attempt =>
  attemptOn(asked, asked.sky.futures(asked.nowMs), reads ? readingsAt(asked) : []);
