/**
 * Readies a sent workshop to come in beside what is here: a job or a pack whose id stands for another
 * here gets an id of its own, and everything that refers to it goes along. The sent database is a
 * throw-away one; nothing here is touched.
 */
import { randomUUID } from 'node:crypto';
import { existsSync, renameSync } from 'node:fs';
import { sameJson, type Json } from '@/core/records/three-way';
import type { Db } from '../db';
import { pictureFile } from '../pictures';

interface JobRow {
  readonly id: string;
  readonly doc: string;
  readonly deleted_ms: number | null;
}
interface StockRow extends JobRow {
  readonly remaining_ml: number;
}
export interface Sent {
  readonly db: Db;
  readonly photosFolder: string;
}

const sameDoc = (a: string, b: string): boolean =>
  a === b || sameJson(JSON.parse(a) as Json, JSON.parse(b) as Json);
const sameState = (a: JobRow, b: JobRow): boolean => (a.deleted_ms === null) === (b.deleted_ms === null);

/** A pack set aside for a job is known by its id: the job's own documents name the new one. */
function renameInDocs(sent: Db, table: 'jobs' | 'job_steps', renamed: ReadonlyMap<string, string>): void {
  const rows = sent.prepare<[], { key: number; doc: string }>(`SELECT rowid AS key, doc FROM ${table}`).all();
  const write = sent.prepare(`UPDATE ${table} SET doc = ? WHERE rowid = ?`);
  for (const row of rows) {
    const job = JSON.parse(row.doc) as { shelf?: { stockId?: string }[] };
    const hit = (job.shelf ?? []).filter((s) => s.stockId !== undefined && renamed.has(s.stockId));
    if (hit.length === 0) continue;
    for (const s of hit) s.stockId = renamed.get(s.stockId!)!;
    write.run(JSON.stringify(job), row.key);
  }
}

function renameStock(live: Db, sent: Db): void {
  const here = live.prepare<[string], StockRow>(
    'SELECT id, doc, remaining_ml, deleted_ms FROM stock WHERE id = ?',
  );
  const renamed = new Map<string, string>();
  for (const row of sent.prepare<[], StockRow>('SELECT id, doc, remaining_ml, deleted_ms FROM stock').all()) {
    const known = here.get(row.id);
    if (
      !known ||
      (known.remaining_ml === row.remaining_ml && sameState(known, row) && sameDoc(known.doc, row.doc))
    )
      continue;
    const id = randomUUID().slice(0, 8);
    renamed.set(row.id, id);
    sent.prepare('UPDATE stock SET id = ? WHERE id = ?').run(id, row.id);
    sent.prepare('UPDATE stock_moves SET stock_id = ? WHERE stock_id = ?').run(id, row.id);
  }
  if (renamed.size === 0) return;
  renameInDocs(sent, 'jobs', renamed);
  renameInDocs(sent, 'job_steps', renamed);
}

/** Pictures of a job that came in beside another are pictures of their own. */
function renamePhotos({ db, photosFolder }: Sent, jobId: string): void {
  const ids = db.prepare<[string], { id: string }>('SELECT id FROM photos WHERE job_id = ?').all(jobId);
  for (const { id } of ids) {
    const own = randomUUID();
    db.prepare('UPDATE photos SET id = ? WHERE id = ?').run(own, id);
    const file = pictureFile(photosFolder, id);
    if (existsSync(file)) renameSync(file, pictureFile(photosFolder, own));
  }
}

/** @returns how many of the sent jobs are here already, the same */
function renameJobs(live: Db, sent: Sent): number {
  const here = live.prepare<[string], JobRow>('SELECT id, doc, deleted_ms FROM jobs WHERE id = ?');
  let same = 0;
  for (const row of sent.db.prepare<[], JobRow>('SELECT id, doc, deleted_ms FROM jobs').all()) {
    const known = here.get(row.id);
    if (!known) continue;
    if (sameState(known, row) && sameDoc(known.doc, row.doc)) {
      same++;
      continue;
    }
    const id = randomUUID().slice(0, 8);
    sent.db.prepare('UPDATE jobs SET id = ? WHERE id = ?').run(id, row.id);
    sent.db.prepare('UPDATE job_steps SET job_id = ? WHERE job_id = ?').run(id, row.id);
    sent.db.prepare('UPDATE photos SET job_id = ? WHERE job_id = ?').run(id, row.id);
    sent.db.prepare('UPDATE air_came SET job_id = ? WHERE job_id = ?').run(id, row.id);
    renamePhotos(sent, id);
  }
  return same;
}

/** @returns how many of the sent jobs are here already, the same */
export function readyToAdd(live: Db, sent: Sent): number {
  sent.db.pragma('foreign_keys = OFF');
  return sent.db.transaction(() => {
    renameStock(live, sent.db);
    return renameJobs(live, sent);
  })();
}
