/** Photographs: rows in the database, pictures as files beside it. A row is written only after its picture is on the disk. */
import { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Db } from './open';

export const MOMENTS = ['before', 'after'] as const;
export type Moment = (typeof MOMENTS)[number];
export interface Photo {
  readonly id: string;
  readonly partId: string;
  readonly moment: Moment;
  readonly bytes: number;
  readonly createdMs: number;
  readonly note: string;
}
/** A photograph with its picture, as a copy of the workshop carries it. */
export interface PhotoCopy extends Omit<Photo, 'bytes'> {
  readonly jobId: string;
  readonly picture: Uint8Array;
}
interface Row {
  id: string;
  job_id: string;
  part_id: string;
  moment: string;
  bytes: number;
  created_ms: number;
  note: string;
}
/** Most photographs of one job. */
export const MOST_PHOTOS = 60;

export interface PhotoStore {
  list(jobId: string): Photo[];
  add(
    jobId: string,
    photo: { id: string; partId: string; moment: Moment },
    picture: Uint8Array,
    nowMs: number,
  ): 'kept' | 'too-many';
  read(id: string): Buffer | null;
  remove(id: string, nowMs: number): boolean;
  note(id: string, text: string): boolean;
  /** Every photograph that is kept, with its picture, one at a time. */
  everything(): Iterable<PhotoCopy>;
  /** Brings one of a copy in; false when one of that id is here already. */
  bringIn(photo: PhotoCopy): boolean;
}

export function photoStore(db: Db, folder: string): PhotoStore {
  const all = db.prepare<[string], Row>(
    'SELECT * FROM photos WHERE job_id = ? AND deleted_ms IS NULL ORDER BY created_ms, id',
  );
  const one = db.prepare<[string], Row>('SELECT * FROM photos WHERE id = ? AND deleted_ms IS NULL');
  const every = db.prepare<[], Row>('SELECT * FROM photos WHERE deleted_ms IS NULL ORDER BY created_ms, id');
  const known = db.prepare<[string], { n: number }>('SELECT count(*) AS n FROM photos WHERE id = ?');
  const insert = db.prepare(
    'INSERT INTO photos (id, job_id, part_id, moment, bytes, created_ms, note) VALUES (?, ?, ?, ?, ?, ?, ?)',
  );
  const write = db.prepare('UPDATE photos SET note = ? WHERE id = ? AND deleted_ms IS NULL');
  const mark = db.prepare('UPDATE photos SET deleted_ms = ? WHERE id = ? AND deleted_ms IS NULL');
  const file = (id: string): string => join(folder, `${id}.jpg`);
  const momentOf = (r: Row): Moment => (r.moment === 'after' ? 'after' : 'before');
  /** Written beside, then named: a row never stands for half a picture. */
  const keep = (id: string, picture: Uint8Array): void => {
    mkdirSync(folder, { recursive: true });
    writeFileSync(`${file(id)}.part`, picture);
    renameSync(`${file(id)}.part`, file(id));
  };
  return {
    list: (jobId) =>
      all
        .all(jobId)
        .map((r) => ({
          id: r.id,
          partId: r.part_id,
          moment: momentOf(r),
          bytes: r.bytes,
          createdMs: r.created_ms,
          note: r.note,
        })),
    add: (jobId, p, picture, nowMs) => {
      if (all.all(jobId).length >= MOST_PHOTOS) return 'too-many';
      keep(p.id, picture);
      insert.run(p.id, jobId, p.partId, p.moment, picture.byteLength, nowMs, '');
      return 'kept';
    },
    // The name of a file comes from the row, never from the request.
    read: (id) => {
      const row = one.get(id);
      return row && existsSync(file(row.id)) ? readFileSync(file(row.id)) : null;
    },
    remove: (id, nowMs) => mark.run(nowMs, id).changes === 1,
    note: (id, text) => write.run(text, id).changes === 1,
    *everything() {
      for (const r of every.all())
        if (existsSync(file(r.id)))
          yield {
            id: r.id,
            jobId: r.job_id,
            partId: r.part_id,
            moment: momentOf(r),
            createdMs: r.created_ms,
            note: r.note,
            picture: readFileSync(file(r.id)),
          };
    },
    bringIn: (p) => {
      if (known.get(p.id)!.n > 0) return false;
      keep(p.id, p.picture);
      insert.run(p.id, p.jobId, p.partId, p.moment, p.picture.byteLength, p.createdMs, p.note);
      return true;
    },
  };
}
