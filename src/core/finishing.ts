/** Flatting and polishing in the plan: its tasks once all is on, its papers from the day it is wished. */
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { stagesOf } from './aftercare';
import { finishPlan, type PartFinish } from './finish/budget';
import { finishSteps, inFreeHours } from './finish/tasks';
import type { Airs } from './job-air';
import { consumable, type Consumable } from './material/consumables';
import { filmsOn, thickest } from './material/film-on';
import { doneOf } from './schedule/work/done';
import { productIn, type System } from './seams/seam';
import { coatsOn, isOnPart } from './time/coats-on';
import { freeSpans } from './time/free-hours';
import { DAY, instantOf } from './time/instant';

/** Hours are looked for so far ahead, days. */
const AHEAD_DAYS = 42;
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
    const lain = {
      product: productIn(system.products, layer.productId),
      endedMs: Math.max(...on.map((c) => c.endedMs)),
      film: thickest(filmOn, layer, [partId]).layer,
    };
    const reached = stagesOf(job, lain, airs);
    if (allowed.waits === null) return [instantOf(reached('cure').at)];
    return [instantOf(reached('polish').at), instantOf(reached('sand', allowed.waits[0]).at)];
  });
  return Math.max(...readies);
}

/** Empty until every coat is on, and where nothing is wished or may be done. */
export function finishTasks(
  { job, system, airs }: { job: Job; system: System; airs: Airs | null },
  nowMs: number,
): Plan['finish'] {
  if (!job.finish || !airs) return [];
  const parts = finishPlan(job, system, job.finish).filter((p) => p.bars.some((b) => b.steps.length > 0));
  if (parts.length === 0) return [];
  const { tasks } = doneOf(job, system);
  const left = finishSteps(parts).filter((s) => !tasks.has(s.id));
  const fromMs = Math.max(nowMs, readyMs(job, system, parts, airs));
  const { tz } = job.place;
  const free = freeSpans(job.freeHours, tz, fromMs, fromMs + AHEAD_DAYS * DAY);
  return inFreeHours(left, { readyMs: fromMs, free, tz });
}

/** The job as if every coat of its build-up were on, for what is bought before. */
function asIfOn(job: Job, { layers }: System): Job {
  const coats = layers.flatMap((l) =>
    Array.from({ length: l.coats }, (_, i) => ({
      layerId: l.id,
      coat: i + 1,
      endedAt: '2000-01-01T00:00:00+00:00',
    })),
  );
  return { ...job, state: { ...job.state, activations: [], coats } };
}

/** Papers and compound of what is wished. */
export function finishStuff(job: Job, system: System): Consumable[] {
  if (!job.finish || system.layers.length === 0) return [];
  const steps = finishSteps(finishPlan(asIfOn(job, system), system, job.finish));
  const { tasks } = doneOf(job, system);
  const left = steps.filter((s) => !tasks.has(s.id));
  const ml = (kind: 'compound' | 'polish'): number =>
    left.filter((s) => s.kind === kind).reduce((a, s) => a + s.areaM2 * COMPOUND_ML_PER_M2, 0);
  const papers = left.filter((s) => s.kind === 'flat');
  return [
    ...papers.flatMap((s) =>
      consumable(job, {
        id: `paper-p${s.gritP}-wet`,
        kind: 'paper',
        group: 'paper',
        unit: 'piece',
        need: s.sheets,
        params: { grit: s.gritP!, wet: 1 },
      }),
    ),
    ...(['compound', 'polish'] as const).flatMap((kind) =>
      consumable(job, { id: kind, kind: 'compound', group: 'paper', unit: 'ml', need: ml(kind) }),
    ),
  ];
}

/** The same paper for preparing and for finishing is one line. */
export function withFinishStuff(list: readonly Consumable[], more: readonly Consumable[]): Consumable[] {
  const together = (c: Consumable): Consumable => {
    const other = more.find((m) => m.id === c.id);
    if (!other) return c;
    const need = c.need + other.need;
    const packs = Math.ceil(need / c.packSize - 1e-9);
    return { ...c, need, packs, cost: c.have ? 0 : packs * c.price };
  };
  const known = new Set(list.map((c) => c.id));
  return [...list.map(together), ...more.filter((m) => !known.has(m.id))];
}
