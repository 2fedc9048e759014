/** The checklist: a task ticked off with its actual time goes into the job's state, and can be taken back. */
import type { Job } from '@/model/job';
import type { JobState } from '@/model/state';
import type { Task } from '@/model/plan';
import { HOUR, isoOf, msOf } from '../../time/instant';

const EMPTY: JobState = { coats: [], tasks: [], activations: [] };
type Coat = JobState['coats'][number];
type TickedTask = NonNullable<JobState['tasks']>[number];

export interface Tick {
  readonly task: Pick<Task, 'id' | 'kind' | 'layerId' | 'coat'> & Partial<Pick<Task, 'partIds' | 'leftMin'>>;
  readonly atMs: number;
  readonly productId: string | null;
  readonly cans: number;
  /** What the task took, minutes: counts where some of it is left for another day. */
  readonly minutes?: number;
  /** Of a cup, ml. */
  readonly ml?: number;
}

/** A tick of a task that opens nothing and lays nothing. */
export const plainTick = (id: string, kind: Task['kind'], atMs: number): Tick => ({
  task: { id, kind, layerId: null, coat: null },
  atMs,
  productId: null,
  cans: 0,
});

/** A piece of a task is named after the whole: s-base.sand~2 is of s-base.sand. A lot's own mark, ~a, stays. */
export const wholeOf = (taskId: string): string => taskId.replace(/~\d+$/, '');

/** Hands have begun on a task; null: they have not, after all. */
export function withStart(job: Job, taskId: string | null, atMs: number): Job {
  const { started: _was, ...state } = job.state ?? EMPTY;
  if (taskId === null) return { ...job, state };
  return { ...job, state: { ...state, started: { taskId, at: isoOf(atMs, job.place.tz) } } };
}

type Ended = Pick<TickedTask, 'endedAt' | 'startedAt' | 'planned'>;

/** Where its begin was pressed: since when, and how long it was to take. */
function begun(
  { started }: JobState,
  { task, minutes, atMs }: Tick,
  tz: string,
): Pick<Ended, 'startedAt' | 'planned'> {
  if (started?.taskId !== task.id || msOf(started.at, tz) > atMs) return {};
  const { kind } = task;
  return { startedAt: started.at, ...(minutes !== undefined && { planned: { kind, minutes } }) };
}

function tickedTasks(tasks: readonly TickedTask[], tick: Tick, ended: Ended): TickedTask[] {
  const { id, leftMin = 0, kind } = tick.task;
  // A round that was broken off for a cup, and each cup, stand in the list by themselves.
  const taskId = kind === 'coat' || kind === 'activate' ? id : wholeOf(id);
  const before = tasks.find((t) => t.taskId === taskId);
  const others = tasks.filter((t) => t.taskId !== taskId);
  if (leftMin <= 0 || tick.minutes === undefined) return [...others, { taskId, ...ended }];
  const minutes = (before?.minutes ?? 0) + Math.max(1, Math.round(tick.minutes));
  return [...others, { taskId, ...ended, minutes }];
}

/** A piece of a round, or a part by itself, counts for its own parts; the end of a round for those that are left. */
function tickedCoats(coats: readonly Coat[], { task }: Tick, endedAt: string): Coat[] {
  const { layerId, coat, partIds = [] } = task;
  if (task.kind !== 'coat' || layerId === null || coat === null) return [...coats];
  const isThis = (c: Coat): boolean => c.layerId === layerId && c.coat === coat;
  if (isPiece(task.id)) return [...coats, { layerId, coat, endedAt, partIds: [...partIds] }];
  const pieces = coats.filter((c) => isThis(c) && c.partIds !== undefined);
  const on = new Set(pieces.flatMap((c) => c.partIds ?? []));
  const left = partIds.filter((p) => !on.has(p));
  const others = coats.filter((c) => !isThis(c));
  if (pieces.length === 0 || left.length === 0) return [...others, { layerId, coat, endedAt }];
  return [...others, ...pieces, { layerId, coat, endedAt, partIds: left }];
}

/** A piece of a round, or a part by itself: it names its own parts. */
export const isPiece = (id: string): boolean => id.includes('~') || id.includes('@');

/** A part by itself on the checklist: base.c1@door. */
export const partTaskId = (coatId: string, partId: string): string => `${coatId}@${partId}`;

/**
 * The job with one more task done. A flash or drying that is ticked is only noted; coats and activations move
 * the plan.
 */
export function withTick(job: Job, tick: Tick): Job {
  const at = isoOf(tick.atMs, job.place.tz);
  const { started: _was, ...s } = job.state ?? EMPTY;
  const { id, kind } = tick.task;
  const ended: Ended = { endedAt: at, ...begun(job.state ?? EMPTY, tick, job.place.tz) };
  const activations =
    kind === 'activate' && tick.productId !== null
      ? [
          ...s.activations.filter((a) => !isActivation(a, id, tick.productId)),
          {
            productId: tick.productId,
            at,
            cans: Math.max(1, tick.cans),
            taskId: id,
            ...(tick.ml !== undefined && tick.ml > 0 && { ml: tick.ml }),
          },
        ]
      : s.activations;
  const tasks = tickedTasks(s.tasks ?? [], tick, ended);
  return { ...job, state: { ...s, tasks, coats: tickedCoats(s.coats, tick, at), activations } };
}

/** The activation of a task; one that was noted before tasks were named with it goes by its product. */
const isActivation = (
  a: JobState['activations'][number],
  taskId: string,
  productId: string | null,
): boolean => (a.taskId === undefined ? a.productId === productId : a.taskId === taskId);

const coatTaskOf = (c: Coat): string => `${c.layerId}.c${c.coat}`;

/** Entries of one coat that lie further apart are of lots of their own, ms. */
const ONE_ROUND_MS = 12 * HOUR;

/** The job with the tick of one task taken back; of a coat, on all the parts of the round that came last. */
export function withoutTick(job: Job, taskId: string, productId: string | null): Job {
  const s = job.state;
  if (!s) return job;
  const ms = (iso: string): number => msOf(iso, job.place.tz);
  const coats = s.coats.filter((c) => coatTaskOf(c) === taskId);
  const fromMs = Math.max(-Infinity, ...coats.map((c) => ms(c.endedAt))) - ONE_ROUND_MS;
  const isBack = (c: Coat): boolean => coatTaskOf(c) === taskId && ms(c.endedAt) >= fromMs;
  const isBackTask = (t: TickedTask): boolean =>
    t.taskId === taskId || (coats.length > 0 && ofCoat(t.taskId) === taskId && ms(t.endedAt) >= fromMs);
  return {
    ...job,
    state: {
      ...s,
      tasks: (s.tasks ?? []).filter((t) => !isBackTask(t)),
      coats: s.coats.filter((c) => !isBack(c)),
      activations:
        productId === null ? s.activations : s.activations.filter((a) => !isActivation(a, taskId, productId)),
    },
  };
}

const ofCoat = (taskId: string): string => taskId.split(/[~@]/)[0]!;

/** The task that an id on the checklist stands for, as far as a tick needs it. */
export function tickIdOf(id: string): Tick['task'] {
  const coat = /^(.+)\.c(\d+)$/.exec(id);
  return coat
    ? { id, kind: 'coat', layerId: coat[1]!, coat: Number(coat[2]) }
    : { id, kind: id.includes('.activate-') ? 'activate' : 'clean', layerId: null, coat: null };
}

/** The product that a task of the checklist activates or mixes; null for any other task. */
export const activatedBy = (taskId: string): string | null =>
  taskId.split('.activate-')[1]?.split('~')[0] ?? null;
