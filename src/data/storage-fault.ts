/** Why the disk did not take a write, in a sentence that says what to do. Null for what is no fault of the disk. */

export interface StorageFault {
  /** HTTP status: 503 and 507 may pass by themselves, 500 does not. */
  readonly status: 500 | 503 | 507;
  readonly error: string;
}

const FULL: StorageFault = { status: 507, error: 'Nothing was saved: the disk is full. Make room on it.' };
const BUSY: StorageFault = {
  status: 503,
  error:
    'Nothing was saved: another program holds the workshop’s file. Close it, a backup or a viewer perhaps.',
};
const LOCKED: StorageFault = {
  status: 503,
  error:
    'Nothing was saved: the workshop’s folder may not be written. Give this program the right to write there.',
};
const GONE: StorageFault = {
  status: 503,
  error:
    'Nothing was saved: the workshop’s folder was moved, replaced or taken away. Put it back, or start again on the one that is there.',
};
const DAMAGED: StorageFault = {
  status: 500,
  error: 'The workshop’s file is damaged. Stop the server and bring back the last good copy.',
};

/** By the beginning of the code that the driver or the file system gives. */
const BY_CODE: readonly (readonly [begins: string, fault: StorageFault])[] = [
  ['PELLUCID_FOLDER_GONE', GONE],
  ['SQLITE_FULL', FULL],
  ['ENOSPC', FULL],
  ['EDQUOT', FULL],
  ['SQLITE_BUSY', BUSY],
  ['SQLITE_LOCKED', BUSY],
  ['SQLITE_READONLY_DBMOVED', GONE],
  ['SQLITE_READONLY', LOCKED],
  ['SQLITE_PERM', LOCKED],
  ['SQLITE_AUTH', LOCKED],
  ['EROFS', LOCKED],
  ['EACCES', LOCKED],
  ['EPERM', LOCKED],
  ['SQLITE_CANTOPEN', GONE],
  ['SQLITE_IOERR', GONE],
  ['ENOENT', GONE],
  ['SQLITE_CORRUPT', DAMAGED],
  ['SQLITE_NOTADB', DAMAGED],
];

/**
 * A fault is told by its code and not by its class: the server's bundles may hold a class more than once.
 */
export const codeOf = (e: unknown): string => (e instanceof Error && 'code' in e ? String(e.code) : '');

export function storageFault(e: unknown): StorageFault | null {
  const code = codeOf(e);
  if (code === 'PELLUCID_BROKEN_ROW') return { status: 500, error: (e as Error).message };
  return BY_CODE.find(([begins]) => code.startsWith(begins))?.[1] ?? null;
}
