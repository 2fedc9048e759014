/** Photographs: rows in the database, pictures as files beside it. A row is written only after its picture is on the disk. */
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Db } from './open';

export const MOMENTS = ['before', 'after'] as const;
export type Moment = (typeof MOMENTS)[number];
export interface Photo { readonly id: string; readonly partId: string; readonly moment: Moment; readonly bytes: number; readonly createdMs: number }
interface Row { id: string; job_id: string; part_id: string; moment: string; bytes: number; created_ms: number }
/** Most photographs of one job. */
export const MOST_PHOTOS = 60;

export interface PhotoStore {
  list(jobId: string): Photo[];
  add(jobId: string, photo: { id: string; partId: string; moment: Moment }, picture: Uint8Array, nowMs: number): 'kept' | 'too-many';
  read(id: string): Buffer | null;
  remove(id: string, nowMs: number): boolean;
}

export function photoStore(db: Db, folder: string): PhotoStore {
  const all = db.prepare<[string], Row>('SELECT * FROM photos WHERE job_id = ? AND deleted_ms IS NULL ORDER BY created_ms, id');
  const one = db.prepare<[string], Row>('SELECT * FROM photos WHERE id = ? AND deleted_ms IS NULL');
  const insert = db.prepare('INSERT INTO photos (id, job_id, part_id, moment, bytes, created_ms) VALUES (?, ?, ?, ?, ?, ?)');
  const mark = db.prepare('UPDATE photos SET deleted_ms = ? WHERE id = ? AND deleted_ms IS NULL');
  const file = (id: string): string => join(folder, `${id}.jpg`);
  return {
    list: (jobId) => all.all(jobId).map((r) => ({ id: r.id, partId: r.part_id, moment: r.moment === 'after' ? 'after' : 'before', bytes: r.bytes, createdMs: r.created_ms })),
    add: (jobId, p, picture, nowMs) => {
      if (all.all(jobId).length >= MOST_PHOTOS) return 'too-many';
      mkdirSync(folder, { recursive: true });
      writeFileSync(`${file(p.id)}.part`, picture);
      renameSync(`${file(p.id)}.part`, file(p.id));
      insert.run(p.id, jobId, p.partId, p.moment, picture.byteLength, nowMs);
      return 'kept';
    },
    // The name of a file comes from the row, never from the request.
    read: (id) => { const row = one.get(id); return row && existsSync(file(row.id)) ? readFileSync(file(row.id)) : null; },
    remove: (id, nowMs) => mark.run(nowMs, id).changes === 1,
  };
}
