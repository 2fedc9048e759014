/** Flatting and polishing of a job: its tasks once all is on, its papers from the day it is wished. */
import type { Job } from '@/model/job';
import { lainOn, stagesOf } from './aftercare';
import { finishPlan, type PartFinish } from './finish/budget';
import { finishSteps } from './finish/tasks';
import type { Airs } from './job-air';
import type { Consumable, Wanted } from './material/consumables';
import { filmsOn } from './material/film-on';
import { jobConsumables } from './material/session-pours';
import { doneOf } from './schedule/work/done';
import type { System } from './seams/seam';
import { coatsOn, everyCoat, isOnPart } from './time/coats-on';
import { instantOf } from './time/instant';

/** A square metre takes so much, ml. From memory. */
const COMPOUND_ML_PER_M2 = 20;

/** When the films of these parts take paper or pad, ms. */
function readyMs(job: Job, system: System, parts: readonly PartFinish[], airs: Airs): number {
  const filmOn = filmsOn(job, system);
  const readies = parts.flatMap(({ partId, allowed, film }) => {
    const on = coatsOn(job).filter((c) => isOnPart(c, partId));
    const layer = system.layers.findLast(
      (l) => l.partIds.includes(partId) && l.productId === film.product.id,
    );
    if (!layer || on.length === 0) return [];
    const endedMs = Math.max(...on.map((c) => c.endedMs));
    const reached = stagesOf(job, lainOn({ filmOn, system }, layer, { partIds: [partId], endedMs }), airs);
    if (allowed.waits === null) return [instantOf(reached('cure').at)];
    return [instantOf(reached('polish').at), instantOf(reached('sand', allowed.waits[0]).at)];
  });
  return Math.max(...readies);
}

/** What is not ticked yet; of a step that was broken off, the rest of it. */
function stepsLeft(job: Job, system: System, parts: readonly PartFinish[]): ReturnType<typeof finishSteps> {
  const { tasks } = doneOf(job, system);
  return finishSteps(parts)
    .map((s) => ({ ...s, minutes: s.minutes - (tasks.get(s.id) ?? 0) }))
    .filter((s) => s.minutes > 0);
}

/** What is left of it, and from when the film takes it. */
export interface FinishWork {
  readonly tasks: ReturnType<typeof finishSteps>;
  readonly readyMs: number;
}

/** Once every coat is on; null where nothing is wished or may be done. */
export function finishWork(job: Job, system: System, airs: Airs): FinishWork | null {
  if (!job.finish) return null;
  const parts = finishPlan(job, system, job.finish).filter((p) => p.bars.some((b) => b.steps.length > 0));
  if (parts.length === 0) return null;
  return { tasks: stepsLeft(job, system, parts), readyMs: readyMs(job, system, parts, airs) };
}

/** The job as if every coat of its build-up were on, for what is bought before. */
function asIfOn(job: Job, { layers }: System): Job {
  const coats = everyCoat(layers).map((c) => ({ ...c, endedAt: '2000-01-01T00:00:00+00:00' }));
  return { ...job, state: { ...job.state, activations: [], coats } };
}

/** Papers and compound of what is wished. */
function finishWanted(job: Job, system: System): Wanted[] {
  if (!job.finish || system.layers.length === 0) return [];
  const left = stepsLeft(job, system, finishPlan(asIfOn(job, system), system, job.finish));
  return left.map((s): Wanted => {
    if (s.kind !== 'flat')
      return {
        id: s.kind,
        kind: 'compound',
        group: 'paper',
        unit: 'ml',
        need: s.areaM2 * COMPOUND_ML_PER_M2,
      };
    const params = { grit: s.gritP!, wet: 1 };
    return {
      id: `paper-p${s.gritP}-wet`,
      kind: 'paper',
      group: 'paper',
      unit: 'piece',
      need: s.sheets,
      params,
    };
  });
}

/** New clips and gaskets, one a fitting that goes back with them. */
const refitWanted = ({ fittingsNew = [] }: Job): Wanted[] => [
  { id: 'refit-new', kind: 'refit', group: 'mask', unit: 'piece', need: fittingsNew.length },
];

/** All that a job still uses up beside paint, finishing and refit with it. @param job with its zones as parts */
export const jobStuff = (job: Job, system: System): Consumable[] =>
  jobConsumables(job, system, [...finishWanted(job, system), ...refitWanted(job)]);
