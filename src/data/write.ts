/**
 * Every write is one transaction that begins at once, so that two of them wait for one another instead
 * of failing half way; and it counts only when the file it went to is still the one in the workshop's
 * folder. A folder that was moved away or replaced would otherwise take edits into nowhere.
 */
import { statSync } from 'node:fs';
import type { Db } from './db';

export class FolderGone extends Error {
  readonly code = 'PELLUCID_FOLDER_GONE';
  constructor(readonly file: string) {
    super(`The workshop’s file is not in its folder any more: ${file}`);
  }
}

const opened = new WeakMap<Db, string>();

/** Which file on the disk a name stands for now; null when there is none. */
function fileAt(name: string): string | null {
  const found = statSync(name, { throwIfNoEntry: false, bigint: true });
  return found ? `${found.dev} ${found.ino}` : null;
}

/** Remembers which file on the disk this database is. */
export function rememberFile(db: Db): void {
  const file = db.memory ? null : fileAt(db.name);
  if (file !== null) opened.set(db, file);
}

function assertStillHere(db: Db): void {
  const was = opened.get(db);
  if (was !== undefined && fileAt(db.name) !== was) throw new FolderGone(db.name);
}

/** @returns the work as one write transaction @throws FolderGone before or after the work; then it is not acknowledged */
export function writing<A extends unknown[], R>(db: Db, work: (...args: A) => R): (...args: A) => R {
  const transaction = db.transaction(work);
  return (...args) => {
    assertStillHere(db);
    const result = transaction.immediate(...args);
    assertStillHere(db);
    return result;
  };
}
