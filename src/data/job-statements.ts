/** The SQL of jobs and their steps, prepared once. */
import type { JobRow, StepRow } from './job-rows';
import type { Db } from './db';

const top = (side: 'undo' | 'redo'): string =>
  `(SELECT what FROM job_steps WHERE job_id = jobs.id AND side = '${side}' ORDER BY seq DESC LIMIT 1) AS ${side}`;
const COLUMNS = `id, version, doc, created_ms, updated_ms, deleted_ms, ${top('undo')}, ${top('redo')}`;

const CLOSED_AT = "json_extract(doc, '$.log.closedAt')";
const TURN = "json_extract(doc, '$.turn')";
/** The newest of those taken off; the others come back by a copy. */
const MOST_REMOVED = 50;

interface Head {
  readonly id: string;
  readonly name: string;
}
interface Removed extends Head {
  readonly deleted_ms: number;
}

export function jobStatements(db: Db) {
  return {
    open: db.prepare<[], JobRow>(
      `SELECT ${COLUMNS} FROM jobs WHERE deleted_ms IS NULL ORDER BY created_ms, id`,
    ),
    atWork: db.prepare<[number, number], JobRow>(
      `SELECT ${COLUMNS} FROM jobs WHERE deleted_ms IS NULL AND ${CLOSED_AT} IS NULL
       ORDER BY updated_ms DESC, id LIMIT ? OFFSET ?`,
    ),
    closed: db.prepare<[number, number], JobRow>(
      `SELECT ${COLUMNS} FROM jobs WHERE deleted_ms IS NULL AND ${CLOSED_AT} IS NOT NULL
       ORDER BY julianday(${CLOSED_AT}) DESC, id LIMIT ? OFFSET ?`,
    ),
    inTurn: db.prepare<[number], JobRow>(
      `SELECT ${COLUMNS} FROM jobs WHERE deleted_ms IS NULL AND ${CLOSED_AT} IS NULL AND ${TURN} IS NOT NULL
       ORDER BY ${TURN}, created_ms, id LIMIT ?`,
    ),
    totals: db.prepare<[], { at_work: number; closed: number }>(
      `SELECT count(*) FILTER (WHERE ${CLOSED_AT} IS NULL) AS at_work,
              count(*) FILTER (WHERE ${CLOSED_AT} IS NOT NULL) AS closed FROM jobs WHERE deleted_ms IS NULL`,
    ),
    heads: db.prepare<[], Head>(
      `SELECT id, coalesce(json_extract(doc, '$.name'), id) AS name FROM jobs
       WHERE deleted_ms IS NULL ORDER BY created_ms, id`,
    ),
    newest: db.prepare<[], JobRow>(
      `SELECT ${COLUMNS} FROM jobs WHERE deleted_ms IS NULL ORDER BY created_ms DESC, id DESC LIMIT 1`,
    ),
    oldest: db.prepare<[], JobRow>(
      `SELECT ${COLUMNS} FROM jobs WHERE deleted_ms IS NULL ORDER BY created_ms, id LIMIT 1`,
    ),
    one: db.prepare<[string], JobRow>(`SELECT ${COLUMNS} FROM jobs WHERE id = ? AND deleted_ms IS NULL`),
    removed: db.prepare<[], Removed>(
      `SELECT id, coalesce(json_extract(doc, '$.name'), id) AS name, deleted_ms FROM jobs
       WHERE deleted_ms IS NOT NULL ORDER BY deleted_ms DESC, id LIMIT ${MOST_REMOVED}`,
    ),
    count: db.prepare<[], { n: number }>('SELECT count(*) AS n FROM jobs'),
    insert: db.prepare('INSERT INTO jobs (id, version, doc, created_ms, updated_ms) VALUES (?, 1, ?, ?, ?)'),
    write: db.prepare(
      `UPDATE jobs SET doc = ?, version = version + 1, updated_ms = ?
       WHERE id = ? AND version = ? AND deleted_ms IS NULL`,
    ),
    mark: db.prepare('UPDATE jobs SET deleted_ms = ? WHERE id = ?'),
  };
}
export type JobStatements = ReturnType<typeof jobStatements>;

export function stepStatements(db: Db) {
  return {
    top: db.prepare<[string, string], StepRow>(
      'SELECT seq, what, doc, at_ms FROM job_steps WHERE job_id = ? AND side = ? ORDER BY seq DESC LIMIT 1',
    ),
    push: db.prepare('INSERT INTO job_steps (job_id, side, seq, what, doc, at_ms) VALUES (?, ?, ?, ?, ?, ?)'),
    touch: db.prepare('UPDATE job_steps SET at_ms = ? WHERE job_id = ? AND side = ? AND seq = ?'),
    pop: db.prepare('DELETE FROM job_steps WHERE job_id = ? AND side = ? AND seq = ?'),
    clear: db.prepare('DELETE FROM job_steps WHERE job_id = ? AND side = ?'),
    trim: db.prepare('DELETE FROM job_steps WHERE job_id = ? AND side = ? AND seq <= ?'),
  };
}
