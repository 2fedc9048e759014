/** What single jobs want: paint by product and colour, and what is used up beside it. */
import { systemFor } from '@/core/coating/system';
import type { Consumable } from '@/core/material/consumables';
import { materialsOf } from '@/core/material/materials';
import { jobConsumables } from '@/core/material/session-pours';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import type { JobStore, StoredJob } from '../ports';

export interface Want {
  readonly stored: StoredJob;
  readonly job: Job;
  readonly products: ReadonlyMap<string, Product>;
  readonly materials: readonly Material[];
  readonly consumables: readonly Consumable[];
}

/** What was set aside for one job is on the workshop's shelf like the rest; it is taken from there. */
export function wantOf(stored: StoredJob): Want {
  const system = systemFor(stored.job);
  const { shelf: _set, ...job } = withZones(stored.job);
  return {
    stored,
    job: stored.job,
    products: system.products,
    materials: materialsOf(job, system),
    consumables: jobConsumables(job, system),
  };
}

/** Jobs that still have something to buy. */
export function jobsToShopFor(store: JobStore): StoredJob[] {
  return store.list().filter((s) => s.job.log?.closedAt === undefined);
}
