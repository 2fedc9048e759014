/** What single jobs want: paint by product and colour, and what is used up beside it. */
import { systemFor } from '@/core/coating/system';
import { jobStuff } from '@/core/finishing';
import type { Consumable } from '@/core/material/consumables';
import { materialsOf } from '@/core/material/materials';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import type { JobStore, PageOf, StoredJob } from '../ports';
import type { SharedCans } from '../turns';

export interface Want {
  readonly stored: StoredJob;
  readonly job: Job;
  readonly products: ReadonlyMap<string, Product>;
  readonly materials: readonly Material[];
  readonly consumables: readonly Consumable[];
  /** Out of a can that another of these jobs activates. */
  readonly shared: SharedCans[string];
}

/** What was set aside for one job is on the workshop's shelf like the rest; it is taken from there. */
export function wantOf(stored: StoredJob, shared: Want['shared'] = []): Want {
  const system = systemFor(stored.job);
  const { shelf: _set, ...job } = withZones(stored.job);
  return {
    stored,
    job: stored.job,
    products: system.products,
    materials: materialsOf(job, system),
    consumables: jobStuff(job, system),
    shared,
  };
}

/** Jobs at work that a list or the shelf looks through: those changed last. */
export const MOST_LOOKED_THROUGH = 40;

/** Jobs that are chosen when nobody has chosen. */
export const MOST_CHOSEN = 12;

/**
 * The jobs of these ids; those gone or closed are left out.
 * @param ids with commas between them; null for those worked on last
 */
export function jobsChosen(
  store: JobStore,
  ids: string | null,
): { readonly jobs: StoredJob[]; readonly offered: PageOf<StoredJob> } {
  const offered = jobsToShopFor(store);
  if (ids !== null) {
    const asked = new Set(ids.split(','));
    return { jobs: offered.rows.filter((j) => asked.has(j.id)), offered };
  }
  const last = new Set([...offered.rows].sort((a, b) => b.updatedMs - a.updatedMs).slice(0, MOST_CHOSEN));
  return { jobs: offered.rows.filter((j) => last.has(j)), offered };
}

/** Jobs that still have something to buy, in the order they were begun, and how many there are in all. */
export function jobsToShopFor(store: JobStore): PageOf<StoredJob> {
  const { rows, total } = store.atWork({ skip: 0, most: MOST_LOOKED_THROUGH });
  return { rows: [...rows].sort((a, b) => a.createdMs - b.createdMs), total };
}
