/**
 * Opens the workshop's SQLite file, brings it up to date, and refuses one that is newer than the
 * program. Migrations are numbered files, applied once each in a transaction; before the first of
 * them a copy of the file is kept beside it.
 */
import { existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';

export type Db = Database.Database;

export class DatabaseTooNew extends Error {
  constructor(
    readonly found: number,
    readonly known: number,
  ) {
    super(
      `This workshop was saved by a newer Pellucid (format ${found}; this program knows ${known}). Update the program, or point PELLUCID_DATA at another folder.`,
    );
  }
}

interface Migration {
  readonly number: number;
  readonly sql: string;
}

export function migrationsIn(folder: string): Migration[] {
  return readdirSync(folder)
    .filter((f) => /^\d{3}-.*\.sql$/.test(f))
    .sort()
    .map((f) => ({ number: Number(f.slice(0, 3)), sql: readFileSync(join(folder, f), 'utf8') }));
}

/** @param file path of the database, or ':memory:' @throws DatabaseTooNew */
export function openDatabase(file: string, migrations: readonly Migration[]): Db {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  // FULL: an acknowledged edit is on the disk, whatever kills the server next.
  db.pragma('synchronous = FULL');
  db.pragma('foreign_keys = ON');
  db.pragma('busy_timeout = 4000');
  const at = db.pragma('user_version', { simple: true }) as number;
  const known = migrations.at(-1)?.number ?? 0;
  if (at > known) {
    db.close();
    throw new DatabaseTooNew(at, known);
  }
  if (at > 0 && at < known && file !== ':memory:')
    keepCopy(db, `${file}.before-${String(known).padStart(3, '0')}`);
  for (const migration of migrations) {
    if (migration.number <= at) continue;
    db.transaction(() => {
      db.exec(migration.sql);
      db.pragma(`user_version = ${migration.number}`);
    })();
  }
  return db;
}

/** A whole copy, WAL included; a copy that is already there is from an earlier try and is older, so it stays. */
function keepCopy(db: Db, copy: string): void {
  if (!existsSync(copy)) db.prepare('VACUUM INTO ?').run(copy);
}
