/** Jobs in SQLite: fulfils the port of the use cases. Rows are decoded by the job parser, never cast. */
import { changedPath, sameJson, type Json } from '@/core/records/three-way';
import { parseJob } from '@/formats/job-file';
import type { Job } from '@/model/job';
import type { JobStore, SaveResult, StepSide, StoredJob } from '@/usecases/ports';
import type { Db } from './open';

interface Row {
  id: string;
  version: number;
  doc: string;
  created_ms: number;
  updated_ms: number;
  deleted_ms: number | null;
  undo: string | null;
  redo: string | null;
}
interface StepRow {
  seq: number;
  what: string;
  doc: string;
  at_ms: number;
}

/** Steps kept per job and side; one field typed on within this time is one step. */
const STEPS_KEPT = 60;
const ONE_STEP_MS = 4000;

export class BrokenRow extends Error {
  constructor(
    readonly id: string,
    detail: string,
  ) {
    super(`Job ${id} in the database cannot be read: ${detail}`);
  }
}

function jobOf(id: string, doc: string): Job {
  const parsed = parseJob(JSON.parse(doc));
  if (!parsed.ok)
    throw new BrokenRow(id, parsed.faults.map((f) => `${f.path}: expected ${f.expected}`).join('; '));
  return parsed.value;
}
function decode(row: Row): StoredJob {
  return {
    id: row.id,
    version: row.version,
    job: jobOf(row.id, row.doc),
    createdMs: row.created_ms,
    updatedMs: row.updated_ms,
    steps: { undo: row.undo, redo: row.redo },
  };
}

const TOP = (side: StepSide): string =>
  `(SELECT what FROM job_steps WHERE job_id = jobs.id AND side = '${side}' ORDER BY seq DESC LIMIT 1) AS ${side}`;
const COLUMNS = `id, version, doc, created_ms, updated_ms, deleted_ms, ${TOP('undo')}, ${TOP('redo')}`;

export function jobStore(db: Db): JobStore {
  const all = db.prepare<[], Row>(
    `SELECT ${COLUMNS} FROM jobs WHERE deleted_ms IS NULL ORDER BY created_ms, id`,
  );
  const one = db.prepare<[string], Row>(`SELECT ${COLUMNS} FROM jobs WHERE id = ? AND deleted_ms IS NULL`);
  const gone = db.prepare<[], { id: string; name: string; deleted_ms: number }>(
    "SELECT id, coalesce(json_extract(doc, '$.name'), id) AS name, deleted_ms FROM jobs WHERE deleted_ms IS NOT NULL ORDER BY deleted_ms DESC, id",
  );
  const every = db.prepare<[], Row>('SELECT *, NULL AS undo, NULL AS redo FROM jobs ORDER BY created_ms, id');
  const anyId = db.prepare<[string], { doc: string; deleted_ms: number | null }>(
    'SELECT doc, deleted_ms FROM jobs WHERE id = ?',
  );
  const clearBench = db.prepare('UPDATE jobs SET deleted_ms = ? WHERE deleted_ms IS NULL');
  const insert = db.prepare(
    'INSERT INTO jobs (id, version, doc, created_ms, updated_ms) VALUES (?, 1, ?, ?, ?)',
  );
  const write = db.prepare(
    'UPDATE jobs SET doc = ?, version = version + 1, updated_ms = ? WHERE id = ? AND version = ? AND deleted_ms IS NULL',
  );
  const mark = db.prepare('UPDATE jobs SET deleted_ms = ? WHERE id = ?');
  const count = db.prepare<[], { n: number }>('SELECT count(*) AS n FROM jobs');
  const top = db.prepare<[string, string], StepRow>(
    'SELECT seq, what, doc, at_ms FROM job_steps WHERE job_id = ? AND side = ? ORDER BY seq DESC LIMIT 1',
  );
  const push = db.prepare(
    'INSERT INTO job_steps (job_id, side, seq, what, doc, at_ms) VALUES (?, ?, ?, ?, ?, ?)',
  );
  const touch = db.prepare('UPDATE job_steps SET at_ms = ? WHERE job_id = ? AND side = ? AND seq = ?');
  const pop = db.prepare('DELETE FROM job_steps WHERE job_id = ? AND side = ? AND seq = ?');
  const clear = db.prepare('DELETE FROM job_steps WHERE job_id = ? AND side = ?');
  const trim = db.prepare('DELETE FROM job_steps WHERE job_id = ? AND side = ? AND seq <= ?');

  const add = (id: string, side: StepSide, what: string, doc: string, nowMs: number): void => {
    const seq = (top.get(id, side)?.seq ?? 0) + 1;
    push.run(id, side, seq, what, doc, nowMs);
    trim.run(id, side, seq - STEPS_KEPT);
  };
  const saved = (id: string): SaveResult => {
    const s = decode(one.get(id)!);
    return { kind: 'saved', version: s.version, job: s.job, steps: s.steps };
  };
  /** The row when its version is the one asked for, else the answer that refuses. */
  const at = (id: string, version: number): Row | SaveResult => {
    const row = one.get(id);
    if (!row) return { kind: 'missing' };
    return row.version === version ? row : { kind: 'stale', version: row.version, job: jobOf(id, row.doc) };
  };

  return {
    list: () => all.all().map(decode),
    load: (id) => {
      const row = one.get(id);
      return row ? decode(row) : null;
    },
    insert: (id, job: Job, nowMs) => {
      insert.run(id, JSON.stringify(job), nowMs, nowMs);
    },
    update: db.transaction((id: string, version: number, job: Job, nowMs: number): SaveResult => {
      const row = at(id, version);
      if ('kind' in row) return row;
      const doc = JSON.stringify(job);
      const what = changedPath(JSON.parse(row.doc) as Json, JSON.parse(doc) as Json);
      const last = top.get(id, 'undo');
      if (what !== '' && last?.what === what && nowMs - last.at_ms < ONE_STEP_MS)
        touch.run(nowMs, id, 'undo', last.seq);
      else if (doc !== row.doc) add(id, 'undo', what, row.doc, nowMs);
      if (doc !== row.doc) clear.run(id, 'redo');
      write.run(doc, nowMs, id, version);
      return saved(id);
    }),
    step: db.transaction((id: string, version: number, side: StepSide, nowMs: number): SaveResult => {
      const row = at(id, version);
      if ('kind' in row) return row;
      const last = top.get(id, side);
      if (!last) return { kind: 'nothing' };
      // Age zero: the next edit of the same field is a step of its own, not part of this one.
      add(id, side === 'undo' ? 'redo' : 'undo', last.what, row.doc, 0);
      pop.run(id, side, last.seq);
      write.run(last.doc, nowMs, id, version);
      return saved(id);
    }),
    remove: (id, nowMs) => mark.run(nowMs, id).changes === 1,
    restore: (id) => mark.run(null, id).changes === 1,
    removed: () => gone.all().map((r) => ({ id: r.id, name: r.name, removedMs: r.deleted_ms })),
    everything: () =>
      every
        .all()
        .map((r) => ({
          id: r.id,
          createdMs: r.created_ms,
          removed: r.deleted_ms !== null,
          job: jobOf(r.id, r.doc),
        })),
    bringIn: db.transaction(
      (jobs: ReturnType<JobStore['everything']>, replace: boolean, newId: () => string, nowMs: number) => {
        let added = 0;
        let same = 0;
        const ids: Record<string, string> = {};
        const putAside = replace ? clearBench.run(nowMs).changes : 0;
        for (const j of jobs) {
          const doc = JSON.stringify(j.job);
          const known = anyId.get(j.id);
          if (
            known &&
            !replace &&
            (known.deleted_ms !== null) === j.removed &&
            sameJson(JSON.parse(known.doc) as Json, j.job as unknown as Json)
          ) {
            same++;
            continue;
          }
          const id = known ? newId() : j.id;
          ids[j.id] = id;
          insert.run(id, doc, j.createdMs, nowMs);
          if (j.removed) mark.run(nowMs, id);
          added++;
        }
        return { added, same, putAside, ids };
      },
    ),
    isEmpty: () => count.get()!.n === 0,
  };
}
