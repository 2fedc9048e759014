/** Pictures of photographs, as files by the id of their row; equal ones are on the disk once. */
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { PART, sameFile, writeWhole } from './durable';
import type { Db } from './db';

export const pictureName = (id: string): string => `${id}.jpg`;
export const pictureFile = (folder: string, id: string): string => join(folder, pictureName(id));

/** Beside the pictures: each by its hash, once, for as long as a name leads to it. */
export const POOL = 'by-hash';

/** Whole on the disk under its hash, then named: a row never stands for half a picture. */
export function keepPicture(folder: string, id: string, bytes: Uint8Array): void {
  const hash = createHash('sha256').update(bytes).digest('hex');
  const pooled = join(folder, POOL, pictureName(hash));
  if (!existsSync(pooled)) writeWhole(pooled, bytes);
  sameFile(pooled, pictureFile(folder, id));
}

/**
 * Of the pictures by hash those that no name leads to any more, here or in a copy; what was never whole too.
 * @returns how many went
 */
export function sweepPool(folder: string): number {
  const pool = join(folder, POOL);
  if (!existsSync(pool)) return 0;
  const lost = readdirSync(pool).filter(
    (name) => name.endsWith(PART) || statSync(join(pool, name)).nlink === 1,
  );
  for (const name of lost) rmSync(join(pool, name), { force: true });
  return lost.length;
}

/** Every photograph there is a row of, taken out or not. */
export const photoIds = (db: Db): string[] =>
  db
    .prepare<[], { id: string }>('SELECT id FROM photos ORDER BY id')
    .all()
    .map((row) => row.id);
