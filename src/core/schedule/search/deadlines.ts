/** A deadline has an hour, may differ by part, and costs what is late: it weighs in the choice. */
import type { Job } from '@/model/job';
import { DAY, dayStart, msOf, nextDay } from '../../time/instant';
import type { Draft } from '../work/draft';

/** A day past the deadline costs so many days of waiting where the owner says nothing. From memory. */
const LATE_FACTOR = 5;

export const latePerDay = ({ risk }: Pick<Job, 'risk'>, delayPerDay: number): number =>
  risk.latePerDay ?? LATE_FACTOR * delayPerDay;

/** Midnight at the start of a day, ms; null for a day of no calendar (30 February), which was let in once. */
function midnightOf(day: string, tz: string): number | null {
  try {
    return dayStart(msOf(`${day}T12:00`, tz), tz);
  } catch {
    return null;
  }
}

/** The end of a day, or an hour of it, ms; null where it is no day: it binds nobody. */
function endOf(day: string, hour: string | undefined, tz: string): number | null {
  const midnightMs = midnightOf(day, tz);
  if (midnightMs === null) return null;
  const isEnd = hour === undefined || hour === '24:00';
  return isEnd ? nextDay(midnightMs, tz) : msOf(`${day}T${hour}`, tz);
}

interface Due {
  readonly byMs: number;
  /** The last session that sprays it. */
  readonly session: number;
}

function duesOf(job: Job, sessions: readonly Draft[]): Due[] {
  const { deadline, deadlineHour } = job.purpose;
  const { tz } = job.place;
  return job.parts.flatMap((part): Due[] => {
    const day = part.deadline ?? deadline;
    const session = sessions.findLastIndex((d) => d.steps.some((s) => s.partIds.includes(part.id)));
    if (day === undefined || session < 0) return [];
    const byMs = endOf(day, part.deadline ? undefined : deadlineHour, tz);
    return byMs === null ? [] : [{ byMs, session }];
  });
}

/** Days that the latest part of session k is late when that is handle-dry then, ms; 0 without a deadline. */
export type LateBy = (session: number, handleMs: number) => number;

export function lateBy(job: Job, sessions: readonly Draft[]): LateBy {
  const firstDue = sessions.map(() => Infinity);
  for (const { byMs, session } of duesOf(job, sessions))
    firstDue[session] = Math.min(firstDue[session]!, byMs);
  return (session, handleMs) => Math.max(0, (handleMs - firstDue[session]!) / DAY);
}

/** Days that the latest part of all is late, by when each session is handle-dry, ms. */
export function lateDaysOf(late: LateBy): (handlesMs: readonly number[]) => number {
  return (handlesMs) => handlesMs.reduce((worst, ms, k) => Math.max(worst, late(k, ms)), 0);
}

/** From when the parts of a session are here, ms; −Infinity for now. */
export function hereFrom(job: Job, draft: Draft): number {
  const mine = job.parts.filter((p) => draft.partIds.includes(p.id));
  const days = mine.flatMap((p) => (p.readyFrom ? (midnightOf(p.readyFrom, job.place.tz) ?? []) : []));
  return Math.max(-Infinity, ...days);
}
