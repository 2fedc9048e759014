/** What lies about in the folder of photographs and nothing stands for any more. */
import { existsSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { DAY } from '@/core/time/instant';
import { PART } from './durable';
import { photoIds, pictureName, POOL, sweepPool } from './pictures';
import type { Db } from './db';
import { writing } from './write';

/** A photograph that was taken out can be put back for so long. */
export const UNDO_DAYS = 30;

/** Rows of photographs taken out long ago go, then every file without a row, and what was never whole. @returns files taken away */
export function sweepPhotos(db: Db, folder: string, nowMs: number): number {
  const forget = db.prepare('DELETE FROM photos WHERE deleted_ms IS NOT NULL AND deleted_ms < ?');
  writing(db, () => forget.run(nowMs - UNDO_DAYS * DAY))();
  if (!existsSync(folder)) return 0;
  const known = new Set(photoIds(db).map(pictureName));
  const isLost = (name: string): boolean => name !== POOL && (name.endsWith(PART) || !known.has(name));
  const lost = readdirSync(folder).filter(isLost);
  for (const name of lost) rmSync(join(folder, name), { force: true });
  return lost.length + sweepPool(folder);
}
