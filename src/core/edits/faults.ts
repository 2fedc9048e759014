/** What went wrong, noted in the job as it was seen; and taken back. */
import type { Job } from '@/model/job';
import type { JobState } from '@/model/state';
import type { NotedCode } from '@/model/fault';
import type { TakenMend } from '@/model/mend';
import { isoOf } from '../time/instant';

export type NotedFault = NonNullable<JobState['faults']>[number];

export interface Noting {
  readonly code: NotedCode;
  readonly atMs: number;
  readonly layerId: string | null;
  readonly note?: string;
  /** How it is mended, where that goes into the plan. */
  readonly mend?: TakenMend | null;
}

/** Notes that are kept; the oldest goes first. */
const MOST_NOTED = 60;
const EMPTY: JobState = { coats: [], activations: [] };

export function noteFault(job: Job, { code, atMs, layerId, note = '', mend }: Noting): Job {
  const state = job.state ?? EMPTY;
  const noted: NotedFault = {
    code,
    at: isoOf(atMs, job.place.tz),
    ...(layerId && { layerId }),
    ...(note.trim() && { note: note.trim() }),
    ...(mend && { mend }),
  };
  return { ...job, state: { ...state, faults: [...(state.faults ?? []), noted].slice(-MOST_NOTED) } };
}

/** @param which as it stands in the job: by what it is and when */
export function withoutFault(job: Job, which: NotedFault): Job {
  const { state } = job;
  if (!state?.faults) return job;
  const left = state.faults.filter((x) => x.code !== which.code || x.at !== which.at);
  const { faults: _all, ...rest } = state;
  return { ...job, state: left.length > 0 ? { ...rest, faults: left } : rest };
}

/** A name for a mend that no other has: m1, m2 … */
export function freshMendId({ state }: Pick<Job, 'state'>): string {
  const used = new Set((state?.faults ?? []).flatMap((x) => x.mend?.id ?? []));
  let n = 1;
  while (used.has(`m${n}`)) n += 1;
  return `m${n}`;
}
