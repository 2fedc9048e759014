/** A job begun once more from another: what it is and how it is built, without what was done on the first. */
import { asAnother } from '@/core/edits/anew';
import type { Job } from '@/model/job';
import { freeName, namesOf } from './free-name';
import type { JobStore } from './ports';

const MOST_LETTERS = 120;

/** "X", then "X, again", "X, again 2" …, each within its length. */
function nthName(name: string, n: number): string {
  if (n === 1) return name;
  const after = n === 2 ? ', again' : `, again ${n - 1}`;
  return name.slice(0, MOST_LETTERS - after.length) + after;
}

/** Without its day, what was sprayed on it, and decisions. @param taken names that there are */
export function begunAnew(job: Job, taken: ReadonlySet<string>): Job {
  const { state: _state, overrides: _overrides, ...rest } = asAnother(job);
  return { ...rest, name: freeName(taken, (n) => nthName(job.name, n)) };
}

/** @returns false where there is no such job */
export function copyJob(
  store: JobStore,
  ids: { readonly from: string; readonly to: string },
  nowMs: number,
): boolean {
  const stored = store.load(ids.from);
  if (!stored) return false;
  store.insert(ids.to, begunAnew(stored.job, namesOf(store)), nowMs);
  return true;
}
