/** A job begun once more from another: what it is and how it is built, without what was done on the first. */
import type { Job } from '@/model/job';
import type { JobStore } from './ports';

const MOST_LETTERS = 120;

/** The first of "X, again", "X, again 2" … that no job has. */
function againName(name: string, taken: ReadonlySet<string>): string {
  const named = (n: number): string => {
    const after = n === 1 ? ', again' : `, again ${n}`;
    return name.slice(0, MOST_LETTERS - after.length) + after;
  };
  let n = 1;
  while (taken.has(named(n))) n++;
  return named(n);
}

/**
 * Without state, log, set starts, what was set aside, decisions and dates; and air-fed protection is asked anew.
 * @param taken names that there are
 */
export function begunAnew(job: Job, taken: ReadonlySet<string>): Job {
  const { state: _state, log: _log, starts: _starts, shelf: _shelf, overrides: _overrides, ...rest } = job;
  const { deadline: _deadline, deadlineHour: _hour, ...purpose } = job.purpose;
  return {
    ...rest,
    name: taken.has(job.name) ? againName(job.name, taken) : job.name,
    purpose,
    equipment: { ...job.equipment, suppliedAir: false },
    parts: job.parts.map(({ readyFrom: _from, deadline: _due, ...part }) => part),
  };
}

/** @returns false where there is no such job */
export function copyJob(
  store: JobStore,
  ids: { readonly from: string; readonly to: string },
  nowMs: number,
): boolean {
  const stored = store.load(ids.from);
  if (!stored) return false;
  store.insert(ids.to, begunAnew(stored.job, new Set(store.heads().map((j) => j.name))), nowMs);
  return true;
}
