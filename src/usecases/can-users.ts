/** Which other jobs at the bench could use a can that is activated for one: those that still spray that paint. */
import { systemFor } from '@/core/coating/system';
import { coatUses } from '@/core/material/coat-uses';
import { diesActivated } from '@/core/material/ingredients';
import { productIn } from '@/core/seams/seam';
import { withZones } from '@/core/surface/zones';
import { isClosed, type Job } from '@/model/job';
import type { StoredJob } from './ports';

export interface CanUser {
  readonly id: string;
  readonly name: string;
  readonly productIds: readonly string[];
}

/** Paints that die once activated and of which a coat is still to be sprayed. */
function stillSprayed(job: Job): string[] {
  const { layers, products } = systemFor(job);
  const ids = [...new Set(layers.map((l) => l.productId))];
  return ids.filter((id) => {
    const product = productIn(products, id);
    return diesActivated(product) && coatUses(withZones(job), product, layers).some((u) => !u.done);
  });
}

/** @param all jobs that are planned together */
export function canUsersOf(stored: Pick<StoredJob, 'id' | 'job'>, all: readonly StoredJob[]): CanUser[] {
  const mine = new Set(stillSprayed(stored.job));
  if (mine.size === 0) return [];
  return all
    .filter((s) => s.id !== stored.id && !isClosed(s.job))
    .map(({ id, job }) => ({ id, name: job.name, productIds: stillSprayed(job).filter((p) => mine.has(p)) }))
    .filter((u) => u.productIds.length > 0);
}
