/** The painter's own use, from the logs of closed jobs. */
import { systemFor } from '@/core/coating/system';
import { habitOf, type Habit } from '@/core/material/habit';
import { expectedUse, usedMl } from '@/core/material/used';
import type { Job } from '@/model/job';
import type { JobStore } from './ports';

function totalsOf(job: Job): { usedMl: number; expectedMl: number } {
  const { habit: _own, ...reckoned } = job;
  const systemResult = systemFor(reckoned);
  const sum = { usedMl: 0, expectedMl: 0 };
  for (const u of job.log?.used ?? []) {
    const product = systemResult.products.get(u.productId);
    if (!product || !systemResult.layers.some((l) => l.productId === product.id)) continue;
    const ml = usedMl(u, product);
    if (ml > 0) {
      sum.usedMl += ml;
      sum.expectedMl += expectedUse(reckoned, product, systemResult).takenMl;
    }
  }
  return sum;
}

/** A habit is what one does of late; older logs say little of it. */
const LATEST_JOBS = 60;

export interface OwnUse {
  /** null before the first job that tells something */
  readonly habit: Habit | null;
  /** The closed jobs it rests on, the last closed first. */
  readonly jobs: readonly string[];
}

export function ownUse(store: JobStore): OwnUse {
  const { rows } = store.closed({ skip: 0, most: LATEST_JOBS });
  const told = rows
    .map(({ job }) => ({ name: job.name, ...totalsOf(job) }))
    .filter((t) => t.usedMl > 0 && t.expectedMl > 0);
  return { habit: habitOf([...told].reverse()), jobs: told.map((t) => t.name) };
}
