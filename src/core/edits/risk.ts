/** What the owner stakes and fears: how sure, what an hour is worth, what leaving it undone costs. */
import type { Job } from '@/model/job';

export type RiskField = 'least' | 'hourValue' | 'delayPerDay' | 'latePerDay' | 'unfinished';

/** A figure of one's own; null takes what is usual. */
export function setRisk(job: Job, field: RiskField, value: number | null): Job {
  const { [field]: _was, ...others } = job.risk;
  return { ...job, risk: value === null ? others : { ...others, [field]: value } };
}

export const setRushSafe = (job: Job, rushSafe: number): Job => ({ ...job, risk: { ...job.risk, rushSafe } });
