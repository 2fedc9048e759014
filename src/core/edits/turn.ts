/** A job's turn at the bench: whom it gives way to. */
import type { Job } from '@/model/job';

/** @param turn counted from 1; null for a job that is planned for itself */
export function setTurn(job: Job, turn: number | null): Job {
  const { turn: _was, ...others } = job;
  return turn === null ? others : { ...others, turn };
}
