/** The places of the workshop: which jobs use them, and what a change of one means to those. */
import { isClosed, type Job } from '@/model/job';
import type { JobStore, KeptPlace, PlaceStore } from './ports';

export interface PlaceRow extends KeptPlace {
  /** Jobs that spray or dry in it. */
  readonly usedBy: readonly { readonly id: string; readonly name: string }[];
}

const uses = (job: Job, id: string): boolean =>
  job.placeId === id || (job.dryIn?.kind === 'elsewhere' && job.dryIn.placeId === id);

export function placeRows(places: PlaceStore, jobs: JobStore): PlaceRow[] {
  const open = jobs.list().filter((s) => !isClosed(s.job));
  return places
    .list()
    .map((kept) => ({
      ...kept,
      usedBy: open.filter((s) => uses(s.job, kept.id)).map((s) => ({ id: s.id, name: s.job.name })),
    }));
}

/** A job with the place as it is now, wherever it takes it from there. */
export function withPlace(job: Job, { id, place }: KeptPlace): Job {
  const sprays = job.placeId === id ? { ...job, place } : job;
  const { dryIn } = sprays;
  if (dryIn?.kind !== 'elsewhere' || dryIn.placeId !== id) return sprays;
  return { ...sprays, dryIn: { ...dryIn, place } };
}

/**
 * A place is described anew, and every open job that takes it from there has it so: each as a step of its own that
 * can be taken back. @returns how many jobs; null where there is no such place
 */
export function changePlace(
  { places, jobs }: { readonly places: PlaceStore; readonly jobs: JobStore },
  { id, place }: KeptPlace,
  nowMs: number,
): number | null {
  if (!places.change(id, place)) return null;
  const using = jobs.list().filter((s) => !isClosed(s.job) && uses(s.job, id));
  for (const { id: jobId, version, job } of using)
    jobs.update(jobId, version, withPlace(job, { id, place }), nowMs);
  return using.length;
}
