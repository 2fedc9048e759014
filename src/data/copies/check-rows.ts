/** What tables alone do not hold: documents that are jobs and packs, names that can be names, pictures that are pictures. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import type { Fault } from '@/formats/faults';
import { pictureOnly } from '@/formats/jpeg';
import { parseJob } from '@/formats/job-file';
import { ID, MOST_PHOTO_NOTE, MOST_PHOTO_STEP } from '@/model/limits';
import { forecastFaults } from '@/model/forecast';
import { placeSchema } from '@/model/place';
import { spotIdSchema } from '@/model/reading';
import { stockDraftSchema } from '@/model/stock';
import { daysFaults, toldSchema } from '@/model/weather';
import { isZone } from '@/model/zone';
import type { Db } from '../db';
import { pictureFile, pictureName } from '../pictures';
import { SentRefused, UNREADABLE } from './refusal';

const PHOTO_ID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const MOST_KEY = 200;

interface Doc {
  readonly id: string;
  readonly doc: string;
}
interface PhotoRow {
  readonly id: string;
  readonly note: string;
  readonly bytes: number;
  readonly step: string;
}

function checkJobs(db: Db, table: string, idColumn: string, faults: Fault[]): void {
  for (const { id, doc } of db.prepare<[], Doc>(`SELECT ${idColumn} AS id, doc FROM ${table}`).iterate()) {
    if (!ID.test(id))
      faults.push({ path: `${table} “${id.slice(0, 60)}”`, expected: 'an id of letters, figures, - and _' });
    const parsed = parseJob(JSON.parse(doc));
    if (!parsed.ok)
      for (const f of parsed.faults)
        faults.push({ path: `${table} “${id}”: ${f.path}`, expected: f.expected });
  }
}

function checkStock(db: Db, faults: Fault[]): void {
  for (const { id, doc } of db.prepare<[], Doc>('SELECT id, doc FROM stock').iterate()) {
    if (!ID.test(id))
      faults.push({ path: `stock “${id.slice(0, 60)}”`, expected: 'an id of letters, figures, - and _' });
    const parsed = stockDraftSchema.safeParse(JSON.parse(doc));
    if (!parsed.success)
      faults.push({
        path: `stock “${id}”: ${parsed.error.issues[0]?.path.join('.')}`,
        expected: 'a pack on the shelf',
      });
  }
}

function checkWeather(db: Db, faults: Fault[]): void {
  const rows = db.prepare<[], { id: string; tz: string; told: string }>('SELECT id, tz, told FROM weather');
  for (const { id, tz, told } of rows.iterate()) {
    const parsed = toldSchema.safeParse(JSON.parse(told));
    const series = parsed.success && parsed.data.kind === 'file' ? forecastFaults(parsed.data.forecast) : [];
    const days = parsed.success && parsed.data.kind === 'days' ? daysFaults(parsed.data.days) : [];
    if (!parsed.success || series.length + days.length > 0 || !isZone(tz))
      faults.push({ path: `weather “${id.slice(0, 60)}”`, expected: 'a forecast with its zone' });
  }
}

function checkPlaces(db: Db, faults: Fault[]): void {
  for (const { id, doc } of db.prepare<[], Doc>('SELECT id, doc FROM places').iterate()) {
    const place = placeSchema.safeParse(JSON.parse(doc));
    if (!ID.test(id) || !place.success || !isZone(place.data.tz))
      faults.push({ path: `places “${id.slice(0, 60)}”`, expected: 'a place with its zone' });
  }
}

function checkReadings(db: Db, faults: Fault[]): void {
  const rows = db.prepare<[], { id: string; spot_of: string; spot_id: string }>(
    'SELECT id, spot_of, spot_id FROM readings',
  );
  for (const { id, spot_of, spot_id } of rows.iterate())
    if (!ID.test(id) || !spotIdSchema.safeParse({ of: spot_of, id: spot_id }).success)
      faults.push({ path: `readings “${id.slice(0, 60)}”`, expected: 'a reading of a place or a job' });
}

/** A picture that carries more than its picture data is made anew, and its row says the new size. @returns why it cannot be */
function keepPictureOnly(db: Db, file: string, { id, bytes }: Pick<PhotoRow, 'id' | 'bytes'>): string | null {
  const sent = readFileSync(file);
  if (sent.byteLength !== bytes) return 'a picture of the size its row says';
  const picture = pictureOnly(sent);
  if (!picture.ok) return picture.fault;
  if (picture.bytes.byteLength === bytes) return null;
  writeFileSync(file, picture.bytes);
  db.prepare('UPDATE photos SET bytes = ? WHERE id = ?').run(picture.bytes.byteLength, id);
  return null;
}

/** @returns ids of photographs whose picture is not in the copy */
function checkPhotos(db: Db, folder: string, faults: Fault[]): string[] {
  const without: string[] = [];
  for (const { id, note, bytes, step } of db
    .prepare<[], PhotoRow>('SELECT id, note, bytes, step FROM photos')
    .all()) {
    const file = pictureFile(folder, id);
    if (!PHOTO_ID.test(id))
      faults.push({ path: `photos “${id.slice(0, 60)}”`, expected: 'the id of a photograph' });
    else if (!existsSync(file)) without.push(id);
    else {
      const fault = keepPictureOnly(db, file, { id, bytes });
      if (fault !== null) faults.push({ path: `photos/${pictureName(id)}`, expected: fault });
    }
    if (step.length > MOST_PHOTO_STEP)
      faults.push({ path: `photos “${id}”: step`, expected: `at most ${MOST_PHOTO_STEP} letters` });
    if (note.length > MOST_PHOTO_NOTE)
      faults.push({ path: `photos “${id}”: note`, expected: `at most ${MOST_PHOTO_NOTE} letters` });
  }
  return without;
}

/** @returns ids of photographs whose picture is not in the copy @throws SentRefused */
export function checkRows(db: Db, photosFolder: string): string[] {
  const faults: Fault[] = [];
  checkJobs(db, 'jobs', 'id', faults);
  checkJobs(db, 'job_steps', 'job_id', faults);
  checkStock(db, faults);
  checkWeather(db, faults);
  checkPlaces(db, faults);
  checkReadings(db, faults);
  const without = checkPhotos(db, photosFolder, faults);
  for (const { key } of db.prepare<[], { key: string }>('SELECT key FROM shopping_ticks').iterate())
    if (key.length > MOST_KEY)
      faults.push({ path: 'shopping_ticks', expected: `at most ${MOST_KEY} letters` });
  if (faults.length > 0) throw new SentRefused(UNREADABLE, faults);
  return without;
}
