/** A workshop of many years: jobs, shelf changes and photographs by the thousand. */
import { uniform } from '@/core/numerics/random';
import { DAY, isoOf } from '@/core/time/instant';
import { DEMO_JOBS, DEMO_STOCK } from '@/demo/jobs';
import type { Job } from '@/model/job';
import { storesIn } from './stores';

export interface Size {
  readonly jobs: number;
  readonly atWork: number;
  readonly items: number;
  readonly moves: number;
  readonly photos: number;
}
export const LARGE: Size = { jobs: 500, atWork: 60, items: 200, moves: 5000, photos: 2000 };

const PHOTOS_A_JOB = 40;
const PICTURE_BYTES = 20_000;
const NOW = Date.parse('2026-05-16T06:50:00Z');
const uuid = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

function jobOf(n: number, size: Size): Job {
  const { state: _state, ...job } = DEMO_JOBS[n % DEMO_JOBS.length]!.job;
  const named = { ...job, name: `${job.name}, no. ${n + 1}` };
  if (n >= size.jobs - size.atWork) return named;
  const used = (job.system?.layers ?? []).map(
    (l) => ({ by: 'cans', productId: l.productId, cans: 1 }) as const,
  );
  const closedAt = isoOf(NOW - (size.jobs - n) * DAY, job.place.tz);
  return { ...named, log: { used, outcomes: [], note: 'as planned', closedAt } };
}

/** A picture as small as one from a phone's thumbnail. */
function picture(seed: number): Uint8Array {
  const random = uniform(seed);
  return Uint8Array.from({ length: PICTURE_BYTES }, () => Math.floor(random() * 256));
}

export function fillLarge(folder: string, size: Size): void {
  const { db, jobs, stock, photos } = storesIn(folder);
  db.pragma('synchronous = OFF');
  for (let n = 0; n < size.jobs; n++) jobs.insert(`job-${n}`, jobOf(n, size), n);
  for (let n = 0; n < size.items; n++) {
    const { id: _id, ...draft } = DEMO_STOCK[n % DEMO_STOCK.length]!;
    stock.add(`item-${n}`, { ...draft, name: `${draft.name}, no. ${n + 1}` }, n);
  }
  for (let n = size.items; n < size.moves; n++) {
    const item = stock.load(`item-${n % size.items}`)!;
    const { id, ...draft } = item;
    stock.change(id, { ...draft, remainingMl: (n * 7) % 300 }, { kind: 'edited', note: 'weighed' }, n);
  }
  for (let n = 0; n < size.photos; n++) {
    const jobId = `job-${(size.jobs - 1 - Math.floor(n / PHOTOS_A_JOB) + size.jobs) % size.jobs}`;
    photos.add(jobId, { id: uuid(n), partId: 'part', moment: 'before' }, picture(n), n);
  }
  db.close();
}
