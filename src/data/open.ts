/**
 * Opens the workshop's SQLite file, brings it up to date, and refuses one that is damaged or newer than
 * the program. Migrations are numbered files; all that are pending are applied in one transaction, and a
 * copy is kept before them.
 */
import { mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import type { Db } from './db';
import { rememberFile } from './write';

export class DatabaseTooNew extends Error {
  readonly code = 'PELLUCID_TOO_NEW';
  constructor(
    readonly found: number,
    readonly known: number,
  ) {
    super(
      `This workshop was saved by a newer Pellucid (format ${found}; this program knows ${known}). Update the program, or point PELLUCID_DATA at another folder.`,
    );
  }
}

export interface Migration {
  readonly number: number;
  readonly sql: string;
}

export function migrationsIn(folder: string): Migration[] {
  return readdirSync(folder)
    .filter((f) => /^\d{3}-.*\.sql$/.test(f))
    .sort()
    .map((f) => ({ number: Number(f.slice(0, 3)), sql: readFileSync(join(folder, f), 'utf8') }));
}

export class DatabaseDamaged extends Error {
  constructor(readonly file: string) {
    super(`The workshop’s file is damaged: ${file}`);
  }
}

/** All that is pending in one transaction: an upgrade that fails leaves the file as it was. */
function upgrade(db: Db, migrations: readonly Migration[], at: number): void {
  const pending = migrations.filter((m) => m.number > at);
  if (pending.length === 0) return;
  db.transaction(() => {
    for (const migration of pending) {
      db.exec(migration.sql);
      db.pragma(`user_version = ${migration.number}`);
    }
  }).immediate();
}

function assertSound(db: Db): void {
  let verdict: unknown;
  try {
    verdict = db.pragma('quick_check(1)', { simple: true });
  } catch {
    verdict = 'not readable';
  }
  if (verdict === 'ok') return;
  const { name } = db;
  db.close();
  throw new DatabaseDamaged(name);
}

/**
 * @param file path of the database, or ':memory:'
 * @param beforeUpgrade is handed a workshop that has rows before it is brought up to date, to keep a copy
 * @throws DatabaseTooNew, DatabaseDamaged
 */
export function openDatabase(
  file: string,
  migrations: readonly Migration[],
  beforeUpgrade?: (db: Db) => void,
): Db {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
  const db = new Database(file);
  assertSound(db);
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
  if (at > 0 && at < known) beforeUpgrade?.(db);
  upgrade(db, migrations, at);
  rememberFile(db);
  return db;
}
