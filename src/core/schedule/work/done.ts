/** What the job's state says, by the ids of the plan: coats part by part, tasks, what was opened. */
import type { Job } from '@/model/job';
import { cupOf } from '../../material/session-pours';
import { settledCoats } from '../../mends/taken';
import type { System } from '../../seams/seam';
import { isOnPart } from '../../time/coats-on';
import { msOf } from '../../time/instant';
import { packGivesMl } from './coats';
import type { OpenPot, PrepStep } from './draft';

export interface Done {
  /** Or given up for a mend. */
  isOn(layerId: string, coat: number, partId: string): boolean;
  /** When a coat on a part ended, ms; -Infinity when it is not on. */
  endedMs(layerId: string, coat: number, partId: string): number;
  /** When the coats of a layer on a part ended, in order, ms. */
  endsOf(layerId: string, partId: string): readonly number[];
  /** Minutes done of each task; Infinity for all of it. */
  readonly tasks: ReadonlyMap<string, number>;
  /** When each was ticked, ms. */
  readonly tickedMs: ReadonlyMap<string, number>;
  readonly open: ReadonlyMap<string, OpenPot>;
}

/** What was opened and is still in its cans or its cup: what the coats since took out is gone. */
function openPots(job: Job, system: System): Map<string, OpenPot> {
  const open = new Map<string, OpenPot>();
  for (const a of job.state?.activations ?? []) {
    const product = system.products.get(a.productId);
    if (!product) continue;
    const ml = a.ml ?? a.cans * packGivesMl(product, cupOf(job));
    const atMs = msOf(a.at, job.place.tz);
    const before = open.get(a.productId);
    if (!before || atMs > before.atMs) open.set(a.productId, { atMs, ml });
  }
  return open;
}

export function doneOf(job: Job, system: System): Done {
  const ms = (iso: string): number => msOf(iso, job.place.tz);
  const state = job.state ?? { coats: [], activations: [] };
  const of = (layerId: string, partId: string): typeof state.coats =>
    state.coats.filter((c) => c.layerId === layerId && isOnPart(c, partId));
  return {
    isOn: settledCoats(job),
    endedMs: (layerId, coat, partId) =>
      Math.max(-Infinity, ...of(layerId, partId).flatMap((c) => (c.coat === coat ? [ms(c.endedAt)] : []))),
    endsOf: (layerId, partId) =>
      of(layerId, partId)
        .map((c) => ms(c.endedAt))
        .sort((a, b) => a - b),
    tasks: new Map((state.tasks ?? []).map((t) => [t.taskId, t.minutes ?? Infinity])),
    tickedMs: new Map((state.tasks ?? []).map((t) => [t.taskId, ms(t.endedAt)])),
    open: openPots(job, system),
  };
}

/**
 * What is left of a task, minutes; 0 when it is done. A ladder ticked as one, before its rungs were tasks of
 * their own, counts for all of them.
 */
function leftOf(done: Done, p: Pick<PrepStep, 'id' | 'minutes'>): number {
  const ticked = [p.id, p.id.replace(/-p\d+$/, '')].flatMap((id) => done.tasks.get(id) ?? []);
  return Math.max(0, p.minutes - Math.max(0, ...ticked));
}

const isTooLate = (done: Done, { onlyBefore }: PrepStep): boolean =>
  onlyBefore !== undefined && [...done.tasks.keys()].some((id) => id.startsWith(onlyBefore));

/** What is left of preparation, task by task. */
export const leftToDo = (done: Done, steps: readonly PrepStep[]): PrepStep[] =>
  steps
    .filter((p) => !isTooLate(done, p))
    .map((p) => ({ ...p, minutes: leftOf(done, p) }))
    .filter((p) => p.minutes > 0);
