/** What stands in a workshop's folder, one value a thing, read with the program's own eyes. */
import { join } from 'node:path';
import { jobStore } from '@/data/job-store';
import { migrationsIn, openDatabase } from '@/data/open';
import { photoStore } from '@/data/photo-store';
import { stockStore } from '@/data/stock-store';
import { tickStore } from '@/data/tick-store';
import { pictureOnly } from '@/formats/jpeg';

export const jobKey = (id: string): string => `job ${id}`;
export const stockKey = (id: string): string => `stock ${id}`;
export const tickKey = (id: string): string => `tick ${id}`;
export const photoKey = (id: string): string => `photo ${id}`;
export const GONE = 'gone';
/** What stands for a thing of which nothing stands. */
export const NONE = 'none';

/** @throws when the folder's file is not sound, or a row stands for a picture that is not whole */
export function observe(folder: string): Map<string, string> {
  const db = openDatabase(join(folder, 'workshop.sqlite'), migrationsIn('src/data/migrations'));
  try {
    const photos = photoStore(db, join(folder, 'photos'));
    const standing = new Map<string, string>();
    const jobs = jobStore(db);
    for (const job of jobs.list()) standing.set(jobKey(job.id), job.job.name);
    for (const job of jobs.removed()) standing.set(jobKey(job.id), GONE);
    for (const jobId of jobs
      .heads()
      .concat(jobs.removed())
      .map((head) => head.id)) {
      for (const { id, note } of photos.list(jobId)) {
        if (!pictureOnly(photos.read(id) ?? new Uint8Array()).ok)
          throw new Error(`photograph ${id} has a row and no whole picture`);
        standing.set(photoKey(id), note);
      }
    }
    for (const item of stockStore(db).list()) standing.set(stockKey(item.id), String(item.remainingMl));
    for (const key of tickStore(db).list()) standing.set(tickKey(key), 'on');
    return standing;
  } finally {
    db.close();
  }
}
