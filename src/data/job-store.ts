/** Jobs in SQLite: fulfils the port of the use cases. */
import { changedPath, type Json } from '@/core/records/three-way';
import type { Job } from '@/model/job';
import type { JobStore, SaveResult, StepSide, StoredJob } from '@/usecases/ports';
import { jobOf, rememberJob, storedOf, type JobRow } from './job-rows';
import { jobStatements, type JobStatements } from './job-statements';
import { JobSteps } from './job-steps';
import type { Db } from './db';
import { writing } from './write';

/** The row when its version is the one asked for, else the answer that refuses. */
function rowAt(sql: JobStatements, id: string, version: number): JobRow | SaveResult {
  const row = sql.one.get(id);
  if (!row) return { kind: 'missing' };
  return row.version === version ? row : { kind: 'stale', version: row.version, job: jobOf(id, row.doc) };
}

/** What a write came to, read back. */
function savedAs(sql: JobStatements, id: string): SaveResult {
  const { version, job, steps } = storedOf(sql.one.get(id)!);
  return { kind: 'saved', version, job, steps };
}

function editing(db: Db, sql: JobStatements): Pick<JobStore, 'update' | 'step'> {
  const steps = new JobSteps(db);
  return {
    update: writing(db, (id: string, version: number, job: Job, nowMs: number): SaveResult => {
      const row = rowAt(sql, id, version);
      if ('kind' in row) return row;
      const doc = JSON.stringify(job);
      const what = changedPath(JSON.parse(row.doc) as Json, JSON.parse(doc) as Json);
      if (doc !== row.doc) steps.record(id, { what, doc: row.doc, atMs: nowMs });
      sql.write.run(doc, nowMs, id, version);
      rememberJob(id, doc, job);
      return savedAs(sql, id);
    }),
    step: writing(db, (id: string, version: number, side: StepSide, nowMs: number): SaveResult => {
      const row = rowAt(sql, id, version);
      if ('kind' in row) return row;
      const last = steps.top(id, side);
      if (!last) return { kind: 'nothing' };
      const other = side === 'undo' ? 'redo' : 'undo';
      steps.push(id, other, { what: last.what, doc: row.doc, atMs: 0 });
      steps.pop(id, side, last.seq);
      sql.write.run(last.doc, nowMs, id, version);
      return savedAs(sql, id);
    }),
  };
}

type Pages = Pick<JobStore, 'atWork' | 'inTurn' | 'closed' | 'heads' | 'newest' | 'oldest'>;

function paging(sql: JobStatements): Pages {
  const stored = (row: JobRow | undefined): StoredJob | null => (row ? storedOf(row) : null);
  return {
    atWork: ({ skip, most }) => ({
      rows: sql.atWork.all(most, skip).map(storedOf),
      total: sql.totals.get()!.at_work,
    }),
    closed: ({ skip, most }) => ({
      rows: sql.closed.all(most, skip).map(storedOf),
      total: sql.totals.get()!.closed,
    }),
    inTurn: (most) => sql.inTurn.all(most).map(storedOf),
    heads: () => sql.heads.all(),
    newest: () => stored(sql.newest.get()),
    oldest: () => stored(sql.oldest.get()),
  };
}

export function jobStore(db: Db): JobStore {
  const sql = jobStatements(db);
  return {
    list: () => sql.open.all().map(storedOf),
    ...paging(sql),
    load: (id) => {
      const row = sql.one.get(id);
      return row ? storedOf(row) : null;
    },
    insert: writing(db, (id: string, job: Job, nowMs: number) => {
      const doc = JSON.stringify(job);
      sql.insert.run(id, doc, nowMs, nowMs);
      rememberJob(id, doc, job);
    }),
    ...editing(db, sql),
    remove: writing(db, (id: string, nowMs: number) => sql.mark.run(nowMs, id).changes === 1),
    restore: writing(db, (id: string) => sql.mark.run(null, id).changes === 1),
    removed: () => sql.removed.all().map((r) => ({ id: r.id, name: r.name, removedMs: r.deleted_ms })),
    isEmpty: () => sql.count.get()!.n === 0,
  };
}
