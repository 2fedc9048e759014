/** Hands once the coats are on: mends without paint, then finishing, laid into free hours as visits of their own. */
import type { Job } from '@/model/job';
import type { Plan, Visit } from '@/model/plan';
import { finishWork, type FinishWork } from './finishing';
import type { Airs } from './job-air';
import { dirtyGun } from './material/dirty-gun';
import { handsOf, NOTHING_AROUND, type Around } from './schedule/around';
import type { Scheduled } from './schedule/schedule';
import { handHours, placeWork, type HandHours, type Piece } from './schedule/work/hands';
import { RINSE_MIN, type PrepStep } from './schedule/work/draft';
import { inOwnTime } from './schedule/work/own-hands';
import { gunToRinse, rinseStep } from './schedule/work/gun';
import { workOf } from './schedule/work/work';
import { visitsOf } from './schedule/write/visits';
import type { System } from './seams/seam';
import { stillToMend, type OpenMend } from './still-to-mend';
import { freeSpans } from './time/free-hours';
import { DAY, instantOf, isoOf, MINUTE, type Span } from './time/instant';
import { withoutSpans } from './time/spans';

/** Hours are looked for so far ahead, days. */
const AHEAD_DAYS = 42;

export interface AfterWork {
  readonly mends: Plan['mends'];
  readonly finish: Plan['finish'];
  readonly visits: readonly Visit[];
}

interface AfterRequest {
  readonly job: Job;
  readonly system: System;
  readonly airs: Airs | null;
  readonly nowMs: number;
  readonly around?: Around | undefined;
}

/** Hours that nothing has taken; by light where the forecast reaches and there is no lamp. */
function hoursAfter(
  { job, airs, nowMs, around = NOTHING_AROUND }: AfterRequest,
  taken: readonly Span[],
): HandHours {
  const { tz } = job.place;
  const free = withoutSpans(freeSpans(job.freeHours, tz, nowMs, nowMs + AHEAD_DAYS * DAY), [
    ...around.hands,
    ...taken,
  ]);
  if (!airs) return { hands: free, dusty: free, 'warm-dry': free, 'mild-dry': free, shop: free };
  const { air } = airs;
  const gridEndMs = air.startMs + (air.nodes - 0.5) * air.stepMs;
  const beyond = withoutSpans(free, [{ startMs: nowMs, endMs: gridEndMs }]);
  const { hands, dusty } = handHours(air, job.place, { free, wet: around.wet });
  const all = [...hands, ...beyond];
  return { hands: all, dusty: [...dusty, ...beyond], 'warm-dry': all, 'mild-dry': all, shop: all };
}

const withoutPieces = (hours: HandHours, pieces: readonly Piece[]): HandHours => ({
  ...hours,
  hands: withoutSpans(hours.hands, pieces),
  dusty: withoutSpans(hours.dusty, pieces),
});

/** When a task is begun and ended; null where no free hours hold it. */
function hoursOf(
  pieces: readonly Piece[],
  id: string,
  tz: string,
): { startsAt: string | null; endsAt: string | null } {
  const mine = pieces.filter((p) => p.step.id === id);
  const last = mine.at(-1);
  if (!last || last.leftMin > 0) return { startsAt: null, endsAt: null };
  return { startsAt: isoOf(mine[0]!.startMs, tz), endsAt: isoOf(last.endMs, tz) };
}

interface MendsPlaced {
  readonly mends: Plan['mends'];
  readonly visits: readonly Visit[];
  readonly hours: HandHours;
  /** The last of them is done, ms; none: 0. */
  readonly doneMs: number;
}

function placeMends(open: readonly OpenMend[], hours: HandHours, { job, nowMs }: AfterRequest): MendsPlaced {
  const { tz } = job.place;
  return open.reduce<MendsPlaced>(
    (was, { steps, ...mend }) => {
      const fromMs = mend.at === null ? null : Math.max(nowMs, instantOf(mend.at));
      const { pieces } = fromMs === null ? { pieces: [] } : placeWork(steps, was.hours, fromMs);
      const tasks = mend.tasks.map((t) => ({ ...t, ...hoursOf(pieces, t.id, tz) }));
      const visits = visitsOf(mend.id, 'mend', pieces, tz).map((w) => w.visit);
      return {
        mends: [...was.mends, { ...mend, tasks }],
        visits: [...was.visits, ...visits],
        hours: withoutPieces(was.hours, pieces),
        doneMs: Math.max(was.doneMs, ...pieces.map((p) => p.endMs)),
      };
    },
    { mends: [], visits: [], hours, doneMs: 0 },
  );
}

function stepOf(task: FinishWork['tasks'][number]): PrepStep {
  const { id, kind, gritP, pad, passes, minutes, partIds, areaM2, found } = task;
  const grit = gritP === null ? {} : { grit: gritP };
  const code = found === null ? `finish-${kind}` : `finish-place-${kind}`;
  return {
    id,
    kind: 'polish',
    minutes,
    detail: { code, params: { passes, areaM2, pad, ...grit, ...(found !== null && { found }) } },
    partIds,
    needs: 'hands',
    canSplit: true,
  };
}

function placeFinish(
  work: FinishWork | null,
  { hours, doneMs }: Pick<MendsPlaced, 'hours' | 'doneMs'>,
  { nowMs, job }: AfterRequest,
): Pick<AfterWork, 'finish' | 'visits'> {
  if (!work) return { finish: [], visits: [] };
  const { tz } = job.place;
  const { pieces } = placeWork(
    inOwnTime(job, work.tasks.map(stepOf)),
    hours,
    Math.max(nowMs, work.readyMs, doneMs),
  );
  return {
    finish: work.tasks.map((t) => ({ ...t, ...hoursOf(pieces, t.id, tz) })),
    visits: visitsOf('finish', 'finish', pieces, tz).map((w) => w.visit),
  };
}

/** The gun as the last coat left it is rinsed now, whatever the hour. */
function rinsing({ job, system, nowMs }: AfterRequest): Visit[] {
  const gun = dirtyGun(job, system, nowMs) && gunToRinse(workOf(job, system), nowMs);
  if (!gun) return [];
  const piece = { step: rinseStep(job, gun), startMs: nowMs, endMs: nowMs + RINSE_MIN * MINUTE, leftMin: 0 };
  return visitsOf('gun', 'rinse', [piece], job.place.tz).map(({ visit }) => ({
    ...visit,
    tasks: visit.tasks.map((t) => ({ ...t, layerId: gun.layerId })),
  }));
}

/** @param isOpen something is still to be sprayed, or in the way of it: then nothing is finished yet */
export function afterWork(of: AfterRequest, scheduled: Scheduled, isOpen: boolean): AfterWork {
  const { job, system, airs } = of;
  const rinsed = rinsing(of);
  const open = stillToMend(job, system, airs);
  const work = isOpen || !airs ? null : finishWork(job, system, airs);
  if (open.length === 0 && !work) return { mends: [], finish: [], visits: rinsed };
  const hours = hoursAfter(of, handsOf({ ...scheduled, visits: [...scheduled.visits, ...rinsed] }));
  const mended = placeMends(open, hours, of);
  const { finish, visits } = placeFinish(work, mended, of);
  return { mends: mended.mends, finish, visits: [...rinsed, ...mended.visits, ...visits] };
}
