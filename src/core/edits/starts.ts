/** Starts set by hand: one for each session, each at its own time; without any they are all chosen. */
import type { Job } from '@/model/job';
import { instantOf, isoOf } from '../time/instant';

type Starts = NonNullable<Job['starts']>;

/** The job with these starts and no others; none means that all are chosen. */
export function withStarts(job: Job, starts: Readonly<Starts> | undefined): Job {
  const { starts: _before, ...rest } = job;
  return starts && starts.length > 0 ? { ...rest, starts: [...starts] } : rest;
}

const others = (job: Job, sessionId: string): Starts =>
  (job.starts ?? []).filter((s) => s.sessionId !== sessionId);

/** One session begun at an instant; the others stay as they are. */
export function pinStart(job: Job, sessionId: string, atMs: number): Job {
  return withStarts(job, [...others(job, sessionId), { sessionId, at: isoOf(atMs, job.place.tz) }]);
}

/**
 * A start moved from where it is set, or from where it was planned: quick presses add up while the plan is
 * still being made.
 */
export function shiftStart(
  job: Job,
  session: { readonly id: string; readonly startsAt: string },
  byMs: number,
): Job {
  const set = job.starts?.find((s) => s.sessionId === session.id)?.at;
  return pinStart(job, session.id, instantOf(set ?? session.startsAt) + byMs);
}

/** One session's start chosen again. */
export function unpinStart(job: Job, sessionId: string): Job {
  return withStarts(job, others(job, sessionId));
}
