/** A deadline has an hour, may differ by part, and costs what is late: it weighs in the choice. */
import type { Job } from '@/model/job';
import { DAY, dayStart, msOf } from '../../time/instant';
import type { Draft } from '../work/draft';

/** A day past the deadline costs so many days of waiting where the owner says nothing. From memory. */
const LATE_FACTOR = 5;

export const latePerDay = (job: Job, delayPerDay: number): number =>
  job.risk.latePerDay ?? LATE_FACTOR * delayPerDay;

/** A day of no calendar (30 February) was let in once; it binds nobody. */
function isReal(day: string, tz: string): boolean {
  try {
    return Number.isFinite(msOf(`${day}T12:00`, tz));
  } catch {
    return false;
  }
}

/** The end of a day, or an hour of it, ms. */
function endOf(day: string, hour: string | undefined, tz: string): number {
  if (hour !== undefined && hour !== '24:00') return msOf(`${day}T${hour}`, tz);
  // Thirty hours on lie in the next day, whatever the clocks do.
  return dayStart(dayStart(msOf(`${day}T12:00`, tz), tz) + 30 * 3_600_000, tz);
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
    if (day === undefined || session < 0 || !isReal(day, tz)) return [];
    return [{ byMs: endOf(day, part.deadline ? undefined : deadlineHour, tz), session }];
  });
}

/** Days that the latest part is late, by when each session is handle-dry, ms; 0 without a deadline. */
export function lateDaysOf(job: Job, sessions: readonly Draft[]): (handlesMs: readonly number[]) => number {
  const dues = duesOf(job, sessions);
  return (handlesMs) =>
    dues.reduce((worst, { byMs, session }) => Math.max(worst, (handlesMs[session]! - byMs) / DAY), 0);
}

/** From when the parts of a session are here, ms; −Infinity for now. */
export function hereFrom(job: Job, draft: Draft): number {
  const { tz } = job.place;
  const days = job.parts.flatMap((p) => (p.readyFrom && draft.partIds.includes(p.id) ? [p.readyFrom] : []));
  const real = days.filter((d) => isReal(d, tz));
  return Math.max(-Infinity, ...real.map((d) => dayStart(msOf(`${d}T12:00`, tz), tz)));
}
