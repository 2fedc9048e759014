/** The places of the workshop: which jobs use them, and what a change of one means to those. */
import { isClosed, type Job } from '@/model/job';
import { asUsual } from '@/core/sheltering';
import { closedJobs } from './learned-item';
import { ownShelters, placeKey, withOwn } from './own-shelter';
import type { Place } from '@/model/place';
import type { JobStore, KeptPlace, PlaceStore, StoredJob } from './ports';

export interface PlaceRow extends KeptPlace {
  /** Jobs that spray or dry in it. */
  readonly usedBy: readonly { readonly id: string; readonly name: string }[];
}

const uses = (job: Job, id: string): boolean =>
  job.placeId === id || (job.dryIn?.kind === 'elsewhere' && job.dryIn.placeId === id);

/** The places of the workshop, each with what readings taught of it. */
export function placesWithOwn(places: PlaceStore, jobs: JobStore): KeptPlace[] {
  const own = ownShelters(closedJobs(jobs));
  return places.list().map(({ id, place }) => ({ id, place: withOwn(place, own.get(id)) }));
}

export function placeRows(places: PlaceStore, jobs: JobStore): PlaceRow[] {
  const open = jobs.list().filter((s) => !isClosed(s.job));
  return placesWithOwn(places, jobs).map((kept) => ({
    ...kept,
    usedBy: open.filter((s) => uses(s.job, kept.id)).map((s) => ({ id: s.id, name: s.job.name })),
  }));
}

/** As it is told now; what a job knows of its own stays while it is of the same kind. */
const keeping = (told: Place, { shelter, own }: Place): Place => withOwn(told, own && { shelter, own });

/** A job with the place as it is now, wherever it takes it from there; what it knows of its own stays. */
export function withPlace(job: Job, { id, place: told }: KeptPlace): Job {
  const sprays = job.placeId === id ? { ...job, place: keeping(told, job.place) } : job;
  const { dryIn } = sprays;
  if (dryIn?.kind !== 'elsewhere' || dryIn.placeId !== id) return sprays;
  return { ...sprays, dryIn: { ...dryIn, place: keeping(told, dryIn.place) } };
}

/** A job that begins, in its places as readings taught them. */
export function inOwnPlaces<J extends Pick<Job, 'place' | 'placeId' | 'dryIn'>>(
  job: J,
  closed: readonly StoredJob[],
): J {
  const own = ownShelters(closed);
  const { dryIn } = job;
  const placed = { ...job, place: withOwn(job.place, own.get(placeKey(job))) };
  if (dryIn?.kind !== 'elsewhere') return placed;
  const there = own.get(placeKey(dryIn));
  return { ...placed, dryIn: { ...dryIn, place: withOwn(dryIn.place, there) } };
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
  // What was learned rests on the logs, not on what is written of it.
  const kept = asUsual(place);
  if (!places.change(id, kept)) return null;
  const using = jobs.list().filter((s) => !isClosed(s.job) && uses(s.job, id));
  for (const { id: jobId, version, job } of using)
    jobs.update(jobId, version, withPlace(job, { id, place: kept }), nowMs);
  return using.length;
}
