/** How long a task takes these hands: as the owner set it, else the usual by what was learned of his pace. */
import type { Job } from '@/model/job';
import { isHandKind } from '@/model/task-kinds';
import type { PrepStep } from './draft';

/** What was learned of a kind of work; 1 where nothing is. */
export const paceOf = ({ handsOwn }: Pick<Job, 'handsOwn'>, kind: PrepStep['kind']): number =>
  (isHandKind(kind) ? handsOwn?.[kind] : undefined) ?? 1;

const atPace = (minutes: number, pace: number): number =>
  pace === 1 ? minutes : Math.max(1, Math.round(minutes * pace));

export const inOwnTime = (job: Pick<Job, 'minutes' | 'handsOwn'>, steps: readonly PrepStep[]): PrepStep[] =>
  steps.map((s) => ({ ...s, minutes: job.minutes?.[s.id] ?? atPace(s.minutes, paceOf(job, s.kind)) }));
