/**
 * The whole workshop as one archive (ZIP): what it is in pellucid.json, every table as lines of JSON or
 * the database itself, and every photograph. Made from a snapshot, so that it is one moment though the
 * server goes on writing; read from the disk while it is sent, so that its size costs no memory.
 */
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import Database from 'better-sqlite3';
import { ZipFile } from 'yazl';
import type { Db } from '../db';
import { photoIds, pictureFile, pictureName } from '../pictures';
import { ARCHIVE_FORMAT, ARCHIVE_KIND } from './archive-format';
import type { CopyWork } from './copy-work';
import { countOf, tablesOf, type TableRow } from './tables';

export type ArchiveAs = 'tables' | 'database';

interface Source {
  readonly db: Db;
  readonly photosFolder: string;
}
interface Saved {
  readonly as: ArchiveAs;
  /** An ISO instant. */
  readonly savedAt: string;
}

/** Rows one at a time, one JSON object a line. */
function* linesOf(db: Db, table: string): Generator<string> {
  for (const row of db.prepare<[], TableRow>(`SELECT * FROM "${table}"`).iterate())
    yield `${JSON.stringify(row)}\n`;
}

function addPhotos(zip: ZipFile, snapshot: Db, folder: string): void {
  for (const id of photoIds(snapshot)) {
    const file = pictureFile(folder, id);
    if (existsSync(file)) zip.addFile(file, `photos/${pictureName(id)}`, { compress: false });
  }
}

function addTables(zip: ZipFile, snapshot: Db): void {
  for (const { name } of tablesOf(snapshot))
    zip.addReadStreamLazy(`tables/${name}.ndjson`, (done) =>
      done(null, Readable.from(linesOf(snapshot, name), { objectMode: false })),
    );
}

/** @returns the bytes of the archive as a stream; what was made for it on the disk goes with its end */
export async function archiveOf(
  { db, photosFolder }: Source,
  { as, savedAt }: Saved,
  takeSnapshot: CopyWork['snapshot'],
): Promise<Readable> {
  const folder = mkdtempSync(join(tmpdir(), 'pellucid-archive-'));
  const file = join(folder, 'workshop.sqlite');
  await takeSnapshot(db.name, file);
  const snapshot = new Database(file, { readonly: true });
  const head = {
    kind: ARCHIVE_KIND,
    format: ARCHIVE_FORMAT,
    schema: snapshot.pragma('user_version', { simple: true }),
    savedAt,
    as,
    rows: Object.fromEntries(tablesOf(snapshot).map((t) => [t.name, countOf(snapshot, t.name)])),
  };
  const zip = new ZipFile();
  zip.addBuffer(Buffer.from(`${JSON.stringify(head, null, 1)}\n`), 'pellucid.json');
  if (as === 'tables') addTables(zip, snapshot);
  else zip.addFile(file, 'workshop.sqlite');
  addPhotos(zip, snapshot, photosFolder);
  const out = zip.outputStream as Readable;
  zip.on('error', (e: Error) => out.destroy(e));
  zip.end();
  out.once('close', () => {
    snapshot.close();
    rmSync(folder, { recursive: true, force: true });
  });
  return out;
}
