/**
 * Plans kept beside the workshop, one a job, so that a server that starts anew need not make them all again.
 * The file is a memory only: it is no part of any copy, and one that cannot be read is thrown away.
 */
import { createHash } from 'node:crypto';
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import type { PlanKey, PlanShelf } from '@/usecases/plans';
import type { Db } from './db';

const MOST_PLANS = 1000;
const NO_SHELF: PlanShelf = { get: () => null, keep: () => undefined };

/** What a plan follows from, and the program that made it; reckoned once for the asking and the keeping. */
class Hashes {
  private readonly known = new WeakMap<PlanKey, string>();

  constructor(private readonly program: string) {}

  of(key: PlanKey): string {
    const known = this.known.get(key);
    if (known !== undefined) return known;
    const { job, issuedMs, readings, around, sinceMs } = key;
    const text = JSON.stringify([this.program, job, issuedMs, readings, around, sinceMs]);
    const hash = createHash('sha256').update(text).digest('hex');
    this.known.set(key, hash);
    return hash;
  }
}

function opened(file: string): Db {
  const db = new Database(file);
  db.pragma('journal_mode = WAL');
  db.pragma('synchronous = OFF');
  db.exec(
    `CREATE TABLE IF NOT EXISTS plans (
       job_id TEXT PRIMARY KEY, key TEXT NOT NULL, doc TEXT NOT NULL, at INTEGER NOT NULL
     ) STRICT; CREATE INDEX IF NOT EXISTS plans_at ON plans (at)`,
  );
  return db;
}

/** Opened, or made anew when it is damaged; null when the disk takes none. */
export function openMemory(folder: string): Db | null {
  const file = join(folder, 'plans.sqlite');
  try {
    return opened(file);
  } catch {
    // Below.
  }
  try {
    for (const end of ['', '-wal', '-shm']) rmSync(`${file}${end}`, { force: true });
    return opened(file);
  } catch {
    return null;
  }
}

/** @param program mark of the build: another one makes other plans */
export function planShelf(folder: string, program: string): PlanShelf {
  const db = openMemory(folder);
  if (!db) return NO_SHELF;
  const hashes = new Hashes(program);
  const one = db.prepare<[string, string], { doc: string }>(
    'SELECT doc FROM plans WHERE job_id = ? AND key = ?',
  );
  const put = db.prepare(
    `INSERT INTO plans (job_id, key, doc, at) VALUES (?, ?, ?, (SELECT coalesce(max(at), 0) + 1 FROM plans))
     ON CONFLICT (job_id) DO UPDATE SET key = excluded.key, doc = excluded.doc, at = excluded.at`,
  );
  const trim = db.prepare(`DELETE FROM plans WHERE at <= (SELECT max(at) FROM plans) - ${MOST_PLANS}`);
  return {
    get: (key) => {
      try {
        const row = one.get(key.jobId, hashes.of(key));
        return row ? (JSON.parse(row.doc) as ReturnType<PlanShelf['get']>) : null;
      } catch {
        return null;
      }
    },
    keep: (key, answer) => {
      try {
        put.run(key.jobId, hashes.of(key), JSON.stringify(answer));
        trim.run();
      } catch {
        // A memory that does not take a plan costs time, nothing else.
      }
    },
  };
}
