/** Days on which a finished job is looked at again: after one, six and twelve months. Common practice, no source. */
import type { Job } from '@/model/job';
import { civilDate, msOf } from '../time/instant';
import { monthsLater } from '../time/months';

const LOOK_MONTHS = [1, 6, 12] as const;

export interface LookDue {
  readonly months: number;
  /** yyyy-mm-dd */
  readonly due: string;
  readonly isDone: boolean;
}

/** Civil date on which it was closed; null while it is open. */
export const closedOn = ({ log, place }: Pick<Job, 'log' | 'place'>): string | null =>
  log?.closedAt === undefined ? null : civilDate(msOf(log.closedAt, place.tz), place.tz);

/** Empty while it is open. A look counts for every day it was due before. */
export function looksOf(job: Pick<Job, 'log' | 'place'>): LookDue[] {
  const on = closedOn(job);
  if (on === null) return [];
  const looked = (job.log?.looks ?? []).map((l) => l.on);
  return LOOK_MONTHS.map((months) => {
    const due = monthsLater(on, months);
    return { months, due, isDone: looked.some((at) => at >= due) };
  });
}

/** The first that is due and was not done; null where none is. @param today yyyy-mm-dd */
export const overdueLook = (job: Pick<Job, 'log' | 'place'>, today: string): LookDue | null =>
  looksOf(job).findLast((l) => l.due <= today && !l.isDone) ?? null;
