/** Flatting and polishing of a job: its tasks once all is on, its papers from the day it is wished. */
import type { Job } from '@/model/job';
import { lainOn, stagesOf } from './aftercare';
import { finishPlan, type PartFinish } from './finish/budget';
import { branchesOf, type Branch } from './finish/found';
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

/** What is worked of a job, and what was found on it. */
interface Worked {
  readonly parts: readonly PartFinish[];
  readonly branches: readonly Branch[];
}

function workedOf(job: Job, system: System): Worked {
  const parts = job.finish ? finishPlan(job, system, job.finish) : [];
  return { parts, branches: branchesOf(job, parts) };
}

/** So many times its wait before sanding, the longest of what is done to a part. */
function waitsOn({ branches }: Worked, { partId, allowed }: PartFinish): number {
  const found = branches.filter((b) => b.way === 'dress' && b.found.partId === partId);
  return Math.max(allowed.waits![0], ...found.map((b) => b.waits ?? 0));
}

/** When the films of these parts take paper or pad, ms. */
function readyMs(job: Job, system: System, worked: Worked, airs: Airs): number {
  const filmOn = filmsOn(job, system);
  const isWorked = (p: PartFinish): boolean =>
    p.bars.some((b) => b.steps.length > 0) ||
    worked.branches.some((b) => b.way === 'dress' && b.found.partId === p.partId);
  const parts = worked.parts.filter(isWorked);
  const readies = parts.flatMap((part) => {
    const { partId, allowed, film } = part;
    const on = coatsOn(job).filter((c) => isOnPart(c, partId));
    const layer = system.layers.findLast(
      (l) => l.partIds.includes(partId) && l.productId === film.product.id,
    );
    if (!layer || on.length === 0) return [];
    const endedMs = Math.max(...on.map((c) => c.endedMs));
    const reached = stagesOf(job, lainOn({ filmOn, system }, layer, { partIds: [partId], endedMs }), airs);
    if (allowed.waits === null) return [instantOf(reached('cure').at)];
    return [instantOf(reached('polish').at), instantOf(reached('sand', waitsOn(worked, part)).at)];
  });
  return Math.max(...readies);
}

/** What is not ticked yet; of a step that was broken off, the rest of it. */
function stepsLeft(job: Job, system: System, { parts, branches }: Worked): ReturnType<typeof finishSteps> {
  const { tasks } = doneOf(job, system);
  return finishSteps(parts, branches)
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
  const worked = workedOf(job, system);
  const tasks = stepsLeft(job, system, worked);
  return tasks.length === 0 ? null : { tasks, readyMs: readyMs(job, system, worked, airs) };
}

/** The job as if every coat of its build-up were on, for what is bought before. */
function asIfOn(job: Job, { layers }: System): Job {
  const coats = everyCoat(layers).map((c) => ({ ...c, endedAt: '2000-01-01T00:00:00+00:00' }));
  return { ...job, state: { ...job.state, activations: [], coats } };
}

/** Papers and compound of what is wished. */
function finishWanted(job: Job, system: System): Wanted[] {
  if (!job.finish || system.layers.length === 0) return [];
  const left = stepsLeft(job, system, workedOf(asIfOn(job, system), system));
  return [...left.flatMap(stuffOf), ...padsOf(left)];
}

type Step = ReturnType<typeof finishSteps>[number];

/** Paper, compound or polish of one step. */
function stuffOf({ kind, gritP, sheets, areaM2 }: Step): Wanted[] {
  if (kind === 'compound' || kind === 'polish') {
    const need = areaM2 * COMPOUND_ML_PER_M2;
    return [{ id: kind, kind: 'compound', group: 'paper', unit: 'ml', need }];
  }
  if (gritP === null) return [];
  const params = { grit: gritP, wet: 1 };
  return [{ id: `paper-p${gritP}-wet`, kind: 'paper', group: 'paper', unit: 'piece', need: sheets, params }];
}

/** Pads that are bought, and are there for the next job as well. */
const BOUGHT_PADS = ['foam-pad', 'cutting-pad', 'polishing-pad'] as const;
const padsOf = (steps: readonly Step[]): Wanted[] =>
  BOUGHT_PADS.filter((pad) => steps.some((s) => s.pad === pad)).map((pad) => ({
    id: pad,
    kind: 'pad',
    group: 'paper',
    unit: 'piece',
    need: 1,
  }));

/** New clips and gaskets, one a fitting that goes back with them. */
const refitWanted = ({ fittingsNew = [] }: Job): Wanted[] => [
  { id: 'refit-new', kind: 'refit', group: 'mask', unit: 'piece', need: fittingsNew.length },
];

/** All that a job still uses up beside paint, finishing and refit with it. @param job with its zones as parts */
export const jobStuff = (job: Job, system: System): Consumable[] =>
  jobConsumables(job, system, [...finishWanted(job, system), ...refitWanted(job)]);
