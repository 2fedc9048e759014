/** Paint that is left in the gun: what was sprayed last came out of it, and nobody has rinsed it since. */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { coatsOn, lastOf } from '../time/coats-on';
import { HOUR, msOf } from '../time/instant';

/** Nobody is asked about a gun that was put away longer ago than this, hours. From memory. */
const ASKED_H = 12;
/** Ids of rinsing a gun, of the session and by itself; rust and acid are rinsed off too, and are none. */
const IS_RINSE = /(^|\.)rinse\d*($|\.)/;

export interface DirtyGun {
  /** Of the task that rinses it. */
  readonly id: string;
  readonly layerId: string;
  readonly product: Product;
}

/** null where it is clean, where nothing came out of a gun, and on another day. @param nowMs of the plan */
export function dirtyGun(
  job: Job,
  {
    layers,
    products,
  }: { layers: readonly { id: string; productId: string }[]; products: ReadonlyMap<string, Product> },
  nowMs: number,
): DirtyGun | null {
  const last = lastOf(coatsOn(job));
  const product = products.get(layers.find((l) => l.id === last?.layerId)?.productId ?? '');
  if (!last || product?.carrier !== 'gun' || nowMs - last.endedMs > ASKED_H * HOUR) return null;
  const isRinsed = (job.state?.tasks ?? []).some(
    (t) => IS_RINSE.test(t.taskId) && msOf(t.endedAt, job.place.tz) >= last.endedMs,
  );
  return isRinsed ? null : { id: `rinse.${last.layerId}.c${last.coat}`, layerId: last.layerId, product };
}
