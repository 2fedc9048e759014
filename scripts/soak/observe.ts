/** What stands in a workshop's folder, one value a thing, read with the program's own eyes. */
import { pictureOnly } from '@/formats/jpeg';
import { storesIn } from './stores';

export const jobKey = (id: string): string => `job ${id}`;
export const stockKey = (id: string): string => `stock ${id}`;
export const tickKey = (id: string): string => `tick ${id}`;
export const photoKey = (id: string): string => `photo ${id}`;
export const GONE = 'gone';
/** What stands for a thing of which nothing stands. */
export const NONE = 'none';

/** @throws when the folder's file is not sound, or a row stands for a picture that is not whole */
export function observe(folder: string): Map<string, string> {
  const { db, jobs, stock, ticks, photos } = storesIn(folder);
  try {
    const standing = new Map<string, string>();
    for (const job of jobs.list()) standing.set(jobKey(job.id), job.job.name);
    for (const job of jobs.removed()) standing.set(jobKey(job.id), GONE);
    for (const { id: jobId } of [...jobs.heads(), ...jobs.removed()]) {
      for (const { id, note } of photos.list(jobId)) {
        if (!pictureOnly(photos.read(id) ?? new Uint8Array()).ok)
          throw new Error(`photograph ${id} has a row and no whole picture`);
        standing.set(photoKey(id), note);
      }
    }
    for (const item of stock.list()) standing.set(stockKey(item.id), String(item.remainingMl));
    for (const key of ticks.list()) standing.set(tickKey(key), 'on');
    return standing;
  } finally {
    db.close();
  }
}
