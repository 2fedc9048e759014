/**
 * One server at a time on one folder. The lock is an exclusive transaction on a small database of its
 * own, held as long as the process lives: the operating system drops it when the process dies, however
 * it dies, so nothing stale is ever left behind.
 */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';

/** Nobody else refers to a lock: one that is forgotten would be collected, and let go. */
const held = new Set<Database.Database>();

/** A server that was just stopped may take a moment to let go. */
const WAIT_MS = 1500;

export class WorkshopInUse extends Error {
  constructor(folder: string) {
    super(
      `Another Pellucid is at work on ${folder}. Use that one, stop it, or point PELLUCID_DATA at another folder.`,
    );
  }
}

/** @returns what lets the folder go again @throws WorkshopInUse */
export function lockFolder(folder: string, waitMs: number = WAIT_MS): () => void {
  mkdirSync(folder, { recursive: true });
  const db = new Database(join(folder, 'lock.sqlite'), { timeout: waitMs });
  try {
    db.exec('BEGIN EXCLUSIVE');
  } catch (e) {
    db.close();
    if (e instanceof Database.SqliteError && e.code.startsWith('SQLITE_BUSY'))
      throw new WorkshopInUse(folder);
    throw e;
  }
  held.add(db);
  return () => {
    held.delete(db);
    db.close();
  };
}
