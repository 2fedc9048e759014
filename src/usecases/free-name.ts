/** A name that no job has yet. */
import type { JobStore } from './ports';

export const namesOf = (store: Pick<JobStore, 'heads'>): ReadonlySet<string> =>
  new Set(store.heads().map((j) => j.name));

/** The first that is free. @param named the nth name to try, from 1 */
export function freeName(taken: ReadonlySet<string>, named: (n: number) => string): string {
  let n = 1;
  while (taken.has(named(n))) n++;
  return named(n);
}
