/** What tables alone do not hold: documents that are jobs and packs, names that can be names, pictures that are pictures. */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { jpegFault } from '@/formats/jpeg';
import { parseJob } from '@/formats/job-file';
import { stockDraftSchema } from '@/model/stock';
import type { Db } from '../db';
import { MOST_TOLD, SentRefused, type SentFault } from './refusal';

const ID = /^[A-Za-z0-9][A-Za-z0-9_-]{0,59}$/;
const PHOTO_ID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const MOST_NOTE = 300;
const MOST_KEY = 200;

interface Doc {
  readonly id: string;
  readonly doc: string;
}
interface PhotoRow {
  readonly id: string;
  readonly note: string;
  readonly bytes: number;
}

/** Faults told one by one up to a number, the rest counted. */
class Faults {
  private readonly told: SentFault[] = [];
  private all = 0;

  add(path: string, expected: string): void {
    this.all++;
    if (this.told.length < MOST_TOLD) this.told.push({ path, expected });
  }
  done(): void {
    if (this.all === 0) return;
    const more = this.all - this.told.length;
    const rest = more > 0 ? [{ path: '(and more)', expected: `${more} faults more were found` }] : [];
    throw new SentRefused('This copy cannot be read. Nothing was changed.', [...this.told, ...rest]);
  }
}

function checkJobs(db: Db, table: string, idColumn: string, faults: Faults): void {
  for (const { id, doc } of db.prepare<[], Doc>(`SELECT ${idColumn} AS id, doc FROM ${table}`).iterate()) {
    if (!ID.test(id)) faults.add(`${table} “${id.slice(0, 60)}”`, 'an id of letters, figures, - and _');
    const parsed = parseJob(JSON.parse(doc));
    if (!parsed.ok) for (const f of parsed.faults) faults.add(`${table} “${id}”: ${f.path}`, f.expected);
  }
}

function checkStock(db: Db, faults: Faults): void {
  for (const { id, doc } of db.prepare<[], Doc>('SELECT id, doc FROM stock').iterate()) {
    if (!ID.test(id)) faults.add(`stock “${id.slice(0, 60)}”`, 'an id of letters, figures, - and _');
    const parsed = stockDraftSchema.safeParse(JSON.parse(doc));
    if (!parsed.success)
      faults.add(`stock “${id}”: ${parsed.error.issues[0]?.path.join('.')}`, 'a pack on the shelf');
  }
}

/** @returns ids of photographs whose picture is not in the copy */
function checkPhotos(db: Db, folder: string, faults: Faults): string[] {
  const without: string[] = [];
  for (const { id, note, bytes } of db
    .prepare<[], PhotoRow>('SELECT id, note, bytes FROM photos')
    .iterate()) {
    const file = join(folder, `${id}.jpg`);
    if (!PHOTO_ID.test(id)) faults.add(`photos “${id.slice(0, 60)}”`, 'the id of a photograph');
    else if (!existsSync(file)) without.push(id);
    else {
      const picture = readFileSync(file);
      const fault = picture.byteLength === bytes ? jpegFault(picture) : 'a picture of the size its row says';
      if (fault) faults.add(`photos/${id}.jpg`, fault);
    }
    if (note.length > MOST_NOTE) faults.add(`photos “${id}”: note`, `at most ${MOST_NOTE} letters`);
  }
  return without;
}

/** @returns ids of photographs whose picture is not in the copy @throws SentRefused */
export function checkRows(db: Db, photosFolder: string): string[] {
  const faults = new Faults();
  checkJobs(db, 'jobs', 'id', faults);
  checkJobs(db, 'job_steps', 'job_id', faults);
  checkStock(db, faults);
  const without = checkPhotos(db, photosFolder, faults);
  for (const { key } of db.prepare<[], { key: string }>('SELECT key FROM shopping_ticks').iterate())
    if (key.length > MOST_KEY) faults.add('shopping_ticks', `at most ${MOST_KEY} letters`);
  faults.done();
  return without;
}
