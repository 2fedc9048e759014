/** Jobs in SQLite: fulfils the port of the use cases. Rows are decoded by the job parser, never cast. */
import { parseJob } from '@/formats/job-file';
import type { Job } from '@/model/job';
import type { JobStore, StoredJob } from '@/usecases/ports';
import type { Db } from './open';

interface Row { id: string; version: number; doc: string; created_ms: number; updated_ms: number; deleted_ms: number | null }

export class BrokenRow extends Error {
  constructor(readonly id: string, detail: string) { super(`Job ${id} in the database cannot be read: ${detail}`); }
}

function decode(row: Row): StoredJob {
  const parsed = parseJob(JSON.parse(row.doc));
  if (!parsed.ok) throw new BrokenRow(row.id, parsed.faults.map((f) => `${f.path}: expected ${f.expected}`).join('; '));
  return { id: row.id, version: row.version, job: parsed.value, createdMs: row.created_ms, updatedMs: row.updated_ms };
}

export function jobStore(db: Db): JobStore {
  const all = db.prepare<[], Row>('SELECT * FROM jobs WHERE deleted_ms IS NULL ORDER BY created_ms, id');
  const one = db.prepare<[string], Row>('SELECT * FROM jobs WHERE id = ? AND deleted_ms IS NULL');
  const insert = db.prepare('INSERT INTO jobs (id, version, doc, created_ms, updated_ms) VALUES (?, 1, ?, ?, ?)');
  const update = db.prepare('UPDATE jobs SET doc = ?, version = version + 1, updated_ms = ? WHERE id = ? AND version = ? AND deleted_ms IS NULL');
  const mark = db.prepare('UPDATE jobs SET deleted_ms = ? WHERE id = ?');
  const count = db.prepare<[], { n: number }>('SELECT count(*) AS n FROM jobs');
  return {
    list: () => all.all().map(decode),
    load: (id) => { const row = one.get(id); return row ? decode(row) : null; },
    insert: (id, job: Job, nowMs) => { insert.run(id, JSON.stringify(job), nowMs, nowMs); },
    update: (id, version, job, nowMs) => {
      if (update.run(JSON.stringify(job), nowMs, id, version).changes === 1) return { kind: 'saved', version: version + 1 };
      const now = one.get(id);
      return now ? { kind: 'stale', version: now.version } : { kind: 'missing' };
    },
    remove: (id, nowMs) => mark.run(nowMs, id).changes === 1,
    restore: (id) => mark.run(null, id).changes === 1,
    isEmpty: () => count.get()!.n === 0,
  };
}
