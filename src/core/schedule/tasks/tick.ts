/** The checklist: a task ticked off with its actual time goes into the job's state, and can be taken back. */
import type { Job, JobState } from '@/model/job';
import type { Task } from '@/model/plan';
import { isoOf } from '../../time/instant';

const EMPTY: JobState = { coats: [], tasks: [], activations: [] };

export interface Tick {
  readonly task: Pick<Task, 'id' | 'kind' | 'layerId' | 'coat'>;
  readonly atMs: number;
  readonly productId: string | null;
  readonly cans: number;
}

/**
 * The job with one more task done. A flash or drying that is ticked is only noted; coats and activations move
 * the plan.
 */
export function withTick(job: Job, tick: Tick): Job {
  const at = isoOf(tick.atMs, job.place.tz);
  const s = job.state ?? EMPTY;
  const tasks = [
    ...(s.tasks ?? []).filter((t) => t.taskId !== tick.task.id),
    { taskId: tick.task.id, endedAt: at },
  ];
  const { layerId, coat } = tick.task;
  const coats =
    tick.task.kind === 'coat' && layerId !== null && coat !== null
      ? [
          ...s.coats.filter((c) => !(c.layerId === layerId && c.coat === coat)),
          { layerId, coat, endedAt: at },
        ]
      : s.coats;
  const activations =
    tick.task.kind === 'activate' && tick.productId !== null
      ? [
          ...s.activations.filter((a) => a.productId !== tick.productId),
          { productId: tick.productId, at, cans: Math.max(1, tick.cans) },
        ]
      : s.activations;
  return { ...job, state: { ...s, tasks, coats, activations } };
}

/** The job with the tick of one task taken back. */
export function withoutTick(job: Job, taskId: string, productId: string | null): Job {
  const s = job.state;
  if (!s) return job;
  return {
    ...job,
    state: {
      ...s,
      tasks: (s.tasks ?? []).filter((t) => t.taskId !== taskId),
      coats: s.coats.filter((c) => `${c.layerId}.c${c.coat}` !== taskId),
      activations:
        productId === null ? s.activations : s.activations.filter((a) => a.productId !== productId),
    },
  };
}

/** The task that an id on the checklist stands for, as far as a tick needs it. */
export function tickIdOf(id: string): Tick['task'] {
  const coat = /^(.+)\.c(\d+)$/.exec(id);
  return coat
    ? { id, kind: 'coat', layerId: coat[1]!, coat: Number(coat[2]) }
    : { id, kind: id.includes('.activate-') ? 'activate' : 'clean', layerId: null, coat: null };
}
