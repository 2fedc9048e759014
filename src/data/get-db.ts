/** The one open database of the server process, made lazily and kept across reloads. */
import 'server-only';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { migrationsIn, openDatabase, type Db } from './open';

const held = globalThis as typeof globalThis & { pellucidDb?: Db };

export function dataFolder(): string {
  return (
    process.env.PELLUCID_DATA ??
    join(process.cwd(), 'data', process.env.PELLUCID_DEMO === '1' ? 'demo' : 'own')
  );
}

const migrations = (): ReturnType<typeof migrationsIn> =>
  migrationsIn(join(process.cwd(), 'src', 'data', 'migrations'));

export function getDb(): Db {
  held.pellucidDb ??= openDatabase(join(dataFolder(), 'workshop.sqlite'), migrations());
  return held.pellucidDb;
}

/** A whole copy of the database as bytes, consistent while the server goes on writing. */
export function copyOfDb(): Buffer {
  const folder = mkdtempSync(join(tmpdir(), 'pellucid-copy-'));
  try {
    const file = join(folder, 'copy.sqlite');
    getDb().prepare('VACUUM INTO ?').run(file);
    return readFileSync(file);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/**
 * Works on a database that was sent in, in a throw-away place; brought up to date first.
 * @throws DatabaseTooNew, or the driver's error when the bytes are no database of this program
 */
export function withSentDb<T>(bytes: Uint8Array, work: (db: Db) => T): T {
  const folder = mkdtempSync(join(tmpdir(), 'pellucid-sent-'));
  try {
    const file = join(folder, 'sent.sqlite');
    writeFileSync(file, bytes);
    const db = openDatabase(file, migrations());
    try {
      return work(db);
    } finally {
      db.close();
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
