/** What a gloved finger felt at the masking: noted with the dose the film had, and taken back. */
import type { Job } from '@/model/job';
import type { JobState } from '@/model/state';
import type { WaitingFilm } from '@/model/waiting';
import { doseNow } from '../time/film-wait';
import { isoOf } from '../time/instant';

export type Sense = NonNullable<JobState['senses']>[number];
const EMPTY: JobState = { coats: [], activations: [] };
const MOST_KEPT = 60;

/** The job with what was felt; as it was where the film's clock is not known. */
export function noteSense(job: Job, film: WaitingFilm, felt: Sense['felt'], atMs: number): Job {
  const dose = doseNow(film, atMs);
  if (dose === null) return job;
  const state = job.state ?? EMPTY;
  const { layerId, productId } = film;
  const sense = { layerId, productId, at: isoOf(atMs, job.place.tz), felt, dose: Math.min(20, dose) };
  return { ...job, state: { ...state, senses: [...(state.senses ?? []), sense].slice(-MOST_KEPT) } };
}
