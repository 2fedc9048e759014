/**
 * Photographs: rows in the database, pictures as files beside it. A row is written only after its picture is
 * on the disk.
 */
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

function photoStatements(db: Db) {
  return {
    of: db.prepare<[string], Row>(
      'SELECT * FROM photos WHERE job_id = ? AND deleted_ms IS NULL ORDER BY created_ms, id',
    ),
    one: db.prepare<[string], Row>('SELECT * FROM photos WHERE id = ? AND deleted_ms IS NULL'),
    every: db.prepare<[], Row>('SELECT * FROM photos WHERE deleted_ms IS NULL ORDER BY created_ms, id'),
    known: db.prepare<[string], { n: number }>('SELECT count(*) AS n FROM photos WHERE id = ?'),
    insert: db.prepare(
      'INSERT INTO photos (id, job_id, part_id, moment, bytes, created_ms, note) VALUES (?, ?, ?, ?, ?, ?, ?)',
    ),
    write: db.prepare('UPDATE photos SET note = ? WHERE id = ? AND deleted_ms IS NULL'),
    mark: db.prepare('UPDATE photos SET deleted_ms = ? WHERE id = ? AND deleted_ms IS NULL'),
  };
}

/** The pictures beside the database. The name of a file comes from a row, never from a request. */
class Pictures {
  constructor(private readonly folder: string) {}

  private file(id: string): string {
    return join(this.folder, `${id}.jpg`);
  }

  /** Written beside, then named: a row never stands for half a picture. */
  keep(id: string, picture: Uint8Array): void {
    mkdirSync(this.folder, { recursive: true });
    writeFileSync(`${this.file(id)}.part`, picture);
    renameSync(`${this.file(id)}.part`, this.file(id));
  }

  read(id: string): Buffer | null {
    return existsSync(this.file(id)) ? readFileSync(this.file(id)) : null;
  }
}

const photoOf = (row: Row): Photo => ({
  id: row.id,
  partId: row.part_id,
  moment: row.moment === 'after' ? 'after' : 'before',
  bytes: row.bytes,
  createdMs: row.created_ms,
  note: row.note,
});

export function photoStore(db: Db, folder: string): PhotoStore {
  const sql = photoStatements(db);
  const pictures = new Pictures(folder);
  return {
    list: (jobId) => sql.of.all(jobId).map(photoOf),
    add: (jobId, p, picture, nowMs) => {
      if (sql.of.all(jobId).length >= MOST_PHOTOS) return 'too-many';
      pictures.keep(p.id, picture);
      sql.insert.run(p.id, jobId, p.partId, p.moment, picture.byteLength, nowMs, '');
      return 'kept';
    },
    read: (id) => {
      const row = sql.one.get(id);
      return row ? pictures.read(row.id) : null;
    },
    remove: (id, nowMs) => sql.mark.run(nowMs, id).changes === 1,
    note: (id, text) => sql.write.run(text, id).changes === 1,
    *everything() {
      for (const row of sql.every.all()) {
        const picture = pictures.read(row.id);
        const { bytes: _bytes, ...photo } = photoOf(row);
        if (picture) yield { ...photo, jobId: row.job_id, picture };
      }
    },
    bringIn: (p) => {
      if (sql.known.get(p.id)!.n > 0) return false;
      pictures.keep(p.id, p.picture);
      sql.insert.run(p.id, p.jobId, p.partId, p.moment, p.picture.byteLength, p.createdMs, p.note);
      return true;
    },
  };
}
