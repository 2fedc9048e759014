/**
 * A sent workshop comes in: beside what is here, or in its place. All of it or nothing: pictures are laid
 * down first, the rows follow in one transaction, and where that fails the pictures go again.
 */
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import type { CameIn } from '@/usecases/copies';
import type { Db } from '../db';
import { keepPicture, photoIds, pictureFile, sweepPool } from '../pictures';
import { writing } from '../write';
import { readyToAdd, type Sent } from './merge';
import { countOf, listOf, tablesOf } from './tables';

export type How = 'add' | 'replace';
export interface Live {
  readonly db: Db;
  readonly photosFolder: string;
}
/** What of each table comes in beside what is here; what refers to a row goes in before it. A table without a rule is refused. */
const ADDED: Readonly<Record<string, { readonly only: string; readonly without?: readonly string[] }>> = {
  job_steps: { only: 'job_id NOT IN (SELECT id FROM main.jobs)' },
  air_came: { only: 'job_id NOT IN (SELECT id FROM main.jobs)' },
  photos: { only: 'id NOT IN (SELECT id FROM main.photos)' },
  // Moves are numbered where they stand.
  stock_moves: { only: 'stock_id NOT IN (SELECT id FROM main.stock)', without: ['seq'] },
  stock: { only: 'id NOT IN (SELECT id FROM main.stock)' },
  shopping_ticks: { only: 'key NOT IN (SELECT key FROM main.shopping_ticks)' },
  jobs: { only: 'id NOT IN (SELECT id FROM main.jobs)' },
  weather: { only: 'id NOT IN (SELECT id FROM main.weather)' },
  readings: { only: 'id NOT IN (SELECT id FROM main.readings)' },
  places: { only: 'id NOT IN (SELECT id FROM main.places)' },
};

function addRows(db: Db): void {
  const tables = tablesOf(db);
  const unknown = tables.find((t) => !(t.name in ADDED));
  if (unknown) throw new RangeError(`no rule for bringing in the table ${unknown.name}`);
  for (const [name, { only, without = [] }] of Object.entries(ADDED)) {
    const columns = tables.find((t) => t.name === name)!.columns.filter((c) => !without.includes(c));
    const list = listOf(columns);
    db.exec(`INSERT INTO main."${name}" (${list}) SELECT ${list} FROM sent."${name}" WHERE ${only}`);
  }
}

function replaceRows(db: Db): void {
  const tables = tablesOf(db);
  for (const { name } of [...tables].reverse()) db.exec(`DELETE FROM main."${name}"`);
  for (const { name, columns } of tables) {
    const list = listOf(columns);
    db.exec(`INSERT INTO main."${name}" (${list}) SELECT ${list} FROM sent."${name}"`);
  }
}

/** Lays the sent pictures down; a row without a picture anywhere is left out. @returns files laid down, and how many rows were left out */
function layPictures(live: Live, sent: Sent): { laid: string[]; withoutPicture: number } {
  const laid: string[] = [];
  let withoutPicture = 0;
  for (const id of photoIds(sent.db)) {
    const from = pictureFile(sent.photosFolder, id);
    const here = pictureFile(live.photosFolder, id);
    if (!existsSync(from)) {
      if (existsSync(here)) continue;
      withoutPicture++;
      sent.db.prepare('DELETE FROM photos WHERE id = ?').run(id);
      continue;
    }
    const picture = readFileSync(from);
    if (existsSync(here) && readFileSync(here).equals(picture)) continue;
    // A name that stands for another picture here is left to it.
    const name = existsSync(here) ? randomUUID() : id;
    if (name !== id) sent.db.prepare('UPDATE photos SET id = ? WHERE id = ?').run(name, id);
    laid.push(pictureFile(live.photosFolder, name));
    keepPicture(live.photosFolder, name, picture);
  }
  return { laid, withoutPicture };
}

/** @param sent a database of its own, at this program's version and checked; it is used up */
export function bringIn(live: Live, sent: Sent, how: How): CameIn {
  const { db } = live;
  const before = { jobs: countOf(db, 'jobs'), photos: countOf(db, 'photos'), stock: countOf(db, 'stock') };
  const same = how === 'add' ? readyToAdd(db, sent) : 0;
  const { laid, withoutPicture } = layPictures(live, sent);
  const rows = writing(db, () => {
    db.pragma('defer_foreign_keys = ON');
    if (how === 'add') addRows(db);
    else replaceRows(db);
  });
  db.prepare('ATTACH DATABASE ? AS sent').run(sent.db.name);
  try {
    rows();
  } catch (e) {
    for (const file of laid) rmSync(file, { force: true });
    sweepPool(live.photosFolder);
    throw e;
  } finally {
    db.exec('DETACH DATABASE sent');
  }
  const came = (table: 'jobs' | 'photos' | 'stock'): number =>
    countOf(db, table) - (how === 'add' ? before[table] : 0);
  return { jobs: came('jobs'), same, photos: came('photos'), withoutPicture, stock: came('stock') };
}
