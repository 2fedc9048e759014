/**
 * A memory beside the workshop, one row a job: the newest so many. It is no part of any copy; what cannot be read or
 * kept costs time, nothing else, and a file that cannot be read is thrown away.
 */
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import type { Db } from './db';

export interface Memory {
  /** What was kept under this key; null where it is not there, or cannot be read. */
  get(jobId: string, key: string): unknown;
  keep(jobId: string, key: string, value: object): void;
}
const NO_MEMORY: Memory = { get: () => null, keep: () => undefined };

type Table = 'plans' | 'agreed_plans';

function opened(file: string, table: Table): Db {
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = OFF');
  db.exec(
    `CREATE TABLE IF NOT EXISTS ${table} (
       job_id TEXT PRIMARY KEY, key TEXT NOT NULL, doc TEXT NOT NULL, at INTEGER NOT NULL
     ) STRICT; CREATE INDEX IF NOT EXISTS ${table}_at ON ${table} (at)`,
  );
  return db;
}

/** Opened, or made anew when it is damaged; null when the disk takes none. */
function openIn(folder: string, table: Table): Db | null {
  const file = join(folder, 'plans.sqlite');
  try {
    return opened(file, table);
  } catch {
    // Below.
  }
  try {
    for (const end of ['', '-wal', '-shm']) rmSync(`${file}${end}`, { force: true });
    return opened(file, table);
  } catch {
    return null;
  }
}

/** @param most rows that are kept */
export function memoryIn(folder: string, table: Table, most: number): Memory {
  const db = openIn(folder, table);
  if (!db) return NO_MEMORY;
  const one = db.prepare<[string, string], { doc: string }>(
    `SELECT doc FROM ${table} WHERE job_id = ? AND key = ?`,
  );
  const put = db.prepare(
    `INSERT INTO ${table} (job_id, key, doc, at) VALUES (?, ?, ?, (SELECT coalesce(max(at), 0) + 1 FROM ${table}))
     ON CONFLICT (job_id) DO UPDATE SET key = excluded.key, doc = excluded.doc, at = excluded.at`,
  );
  const trim = db.prepare(`DELETE FROM ${table} WHERE at <= (SELECT max(at) FROM ${table}) - ${most}`);
  return {
    get: (jobId, key) => {
      try {
        const row = one.get(jobId, key);
        return row ? (JSON.parse(row.doc) as unknown) : null;
      } catch {
        return null;
      }
    },
    keep: (jobId, key, value) => {
      try {
        put.run(jobId, key, JSON.stringify(value));
        trim.run();
      } catch {
        // It is made again when it is asked for.
      }
    },
  };
}
