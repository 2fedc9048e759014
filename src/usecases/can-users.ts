/** Which other jobs at the bench could use a can that is activated for one: those that still spray that paint. */
import { systemFor } from '@/core/coating/system';
import { diesActivated } from '@/core/material/ingredients';
import { givenUp } from '@/core/mends/taken';
import { productIn } from '@/core/seams/seam';
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
  const isGivenUp = givenUp(job);
  const coats = job.state?.coats ?? [];
  const isOpen = (layerId: string, coat: number, partId: string): boolean =>
    !isGivenUp(layerId, coat, partId) &&
    !coats.some((c) => c.layerId === layerId && c.coat === coat && (c.partIds?.includes(partId) ?? true));
  const open = layers.filter(
    (l) =>
      diesActivated(productIn(products, l.productId)) &&
      l.partIds.some((id) =>
        Array.from({ length: l.coats }, (_, i) => i + 1).some((c) => isOpen(l.id, c, id)),
      ),
  );
  return [...new Set(open.map((l) => l.productId))];
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
