/**
 * Photographs: rows in the database, pictures as files beside it. A row is written only after its picture is
 * on the disk.
 */
import { existsSync, readFileSync } from 'node:fs';
import { MOMENTS, type Photographed } from '@/model/photo';
import { keepPicture, pictureFile } from './pictures';
import type { Db } from './db';
import { writing } from './write';

export interface Photo extends Photographed {
  readonly bytes: number;
}
export type NewPhoto = Pick<Photo, 'id' | 'partId' | 'moment'> & Partial<Pick<Photo, 'step'>>;
interface Row {
  id: string;
  job_id: string;
  part_id: string;
  moment: string;
  bytes: number;
  created_ms: number;
  note: string;
  step: string;
}
/** Most photographs of one job. */
export const MOST_PHOTOS = 60;

export interface PhotoStore {
  list(jobId: string): Photo[];
  add(jobId: string, photo: NewPhoto, picture: Uint8Array, nowMs: number): 'kept' | 'too-many';
  read(id: string): Buffer | null;
  remove(id: string, nowMs: number): boolean;
  note(id: string, text: string): boolean;
}

function photoStatements(db: Db) {
  return {
    of: db.prepare<[string], Row>(
      'SELECT * FROM photos WHERE job_id = ? AND deleted_ms IS NULL ORDER BY created_ms, id',
    ),
    one: db.prepare<[string], Row>('SELECT * FROM photos WHERE id = ? AND deleted_ms IS NULL'),
    insert: db.prepare(
      'INSERT INTO photos (id, job_id, part_id, moment, bytes, created_ms, note, step) VALUES (?, ?, ?, ?, ?, ?, ?, ?)',
    ),
    write: db.prepare('UPDATE photos SET note = ? WHERE id = ? AND deleted_ms IS NULL'),
    mark: db.prepare('UPDATE photos SET deleted_ms = ? WHERE id = ? AND deleted_ms IS NULL'),
  };
}

const photoOf = (row: Row): Photo => ({
  id: row.id,
  partId: row.part_id,
  moment: MOMENTS.find((m) => m === row.moment) ?? 'before',
  bytes: row.bytes,
  createdMs: row.created_ms,
  note: row.note,
  step: row.step,
});

export function photoStore(db: Db, folder: string): PhotoStore {
  const sql = photoStatements(db);
  return {
    list: (jobId) => sql.of.all(jobId).map(photoOf),
    add: writing(db, (jobId: string, p: NewPhoto, picture: Uint8Array, nowMs: number) => {
      if (sql.of.all(jobId).length >= MOST_PHOTOS) return 'too-many';
      keepPicture(folder, p.id, picture);
      sql.insert.run(p.id, jobId, p.partId, p.moment, picture.byteLength, nowMs, '', p.step ?? '');
      return 'kept';
    }),
    read: (id) => {
      // The name of a file comes from a row, never from a request.
      const row = sql.one.get(id);
      const file = row ? pictureFile(folder, row.id) : null;
      return file !== null && existsSync(file) ? readFileSync(file) : null;
    },
    remove: writing(db, (id: string, nowMs: number) => sql.mark.run(nowMs, id).changes === 1),
    note: writing(db, (id: string, text: string) => sql.write.run(text, id).changes === 1),
  };
}
