/** A price set from the list goes into every job it is bought for. */
import type { JobStore } from '../ports';

/** A job that is being edited elsewhere is tried again so often. */
const TRIES = 4;

export interface OwnPrice {
  readonly key: string;
  readonly price: number;
}

function setIn(store: JobStore, id: string, { key, price }: OwnPrice, nowMs: number): boolean {
  for (let tries = 0; tries < TRIES; tries++) {
    const stored = store.load(id);
    if (!stored) return false;
    const job = { ...stored.job, prices: { ...stored.job.prices, [key]: price } };
    if (store.update(id, stored.version, job, nowMs).kind === 'saved') return true;
  }
  return false;
}

/** @returns in how many jobs it stands now */
export function setPrice(store: JobStore, jobs: readonly string[], own: OwnPrice, nowMs: number): number {
  return jobs.filter((id) => setIn(store, id, own, nowMs)).length;
}
