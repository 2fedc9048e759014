/** A workshop for tests with every table and every field filled, and all that is in it to compare. */
import { existsSync, mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Job } from '@/model/job';
import { jobStore } from '../job-store';
import type { Db } from '../db';
import { migrationsIn, openDatabase } from '../open';
import { MOMENTS } from '@/model/photo';
import { photoStore } from '../photo-store';
import { POOL } from '../pictures';
import { placeStore } from '../place-store';
import { cameStore } from '../came-store';
import { readingStore } from '../reading-store';
import { stockStore } from '../stock-store';
import { tickStore } from '../tick-store';
import { weatherStore } from '../weather-store';
import type { KeptWeather } from '@/model/weather';
import { Copies } from './service';
import { tablesOf } from './tables';

export const MIGRATIONS = migrationsIn('src/data/migrations');
/** The smallest picture that is one: begin, one segment, scan, end. */
export const pictureOf = (mark: number): Uint8Array =>
  Uint8Array.from([0xff, 0xd8, 0xff, 0xdb, 0, 4, mark, mark, 0xff, 0xda, 0, 2, mark, 0xff, 0xd9]);
export const PHOTO_IDS = [1, 2, 3].map((n) => `00000000-0000-4000-8000-00000000000${n}`);

export interface TestWorkshop {
  readonly folder: string;
  readonly db: Db;
  readonly photosFolder: string;
  readonly copies: Copies;
}

export function workshopIn(folder: string): TestWorkshop {
  mkdirSync(folder, { recursive: true });
  const db = openDatabase(join(folder, 'workshop.sqlite'), MIGRATIONS);
  const photosFolder = join(folder, 'photos');
  mkdirSync(photosFolder, { recursive: true });
  return { folder, db, photosFolder, copies: new Copies({ db, photosFolder }, folder, MIGRATIONS) };
}

const TOLD: Omit<KeptWeather, 'id'> = {
  lat: 52.4,
  lon: -3.1,
  tz: 'Europe/London',
  issuedMs: 8,
  told: {
    kind: 'days',
    days: [{ date: '2026-05-16', lowC: 8, highC: 17, windMs: 3, sky: 'clear', rain: { kind: 'none' } }],
  },
};

/** Jobs at work, changed, taken back and taken off; photographs with notes, one taken out; packs with their history; ticks; forecasts, one taken out. */
export function fill({ db, photosFolder }: TestWorkshop, first: Job, second: Job): void {
  const jobs = jobStore(db);
  const stock = stockStore(db);
  const photos = photoStore(db, photosFolder);
  const shelf = [{ productId: 'orrin-base', remainingMl: 120, stockId: 'half-can' }];
  jobs.insert('bonnet', { ...first, shelf }, 10);
  jobs.update('bonnet', 1, { ...first, shelf, name: 'Once' }, 20_000);
  jobs.update('bonnet', 2, { ...first, shelf, name: 'Twice' }, 40_000);
  jobs.step('bonnet', 3, 'undo', 50_000);
  jobs.insert('mixer', { ...second, prices: { 'orrin-base@400': 9.5 } }, 11);
  jobs.insert('off', second, 12);
  jobs.remove('off', 60_000);
  PHOTO_IDS.forEach((id, i) => {
    const moment = MOMENTS[i % MOMENTS.length]!;
    const step = moment === 'during' ? 'Clear, coat 2' : '';
    photos.add('bonnet', { id, partId: first.parts[0]!.id, moment, step }, pictureOf(i), 70_000 + i);
  });
  photos.note(PHOTO_IDS[0]!, 'far edge');
  photos.remove(PHOTO_IDS[2]!, 80_000);
  const pack = {
    productId: 'orrin-base',
    part: 'base' as const,
    name: 'Half can',
    sizeMl: 400,
    remainingMl: 180,
  };
  stock.add(
    'half-can',
    { ...pack, colour: 'Moss green', note: 'behind the door', openedOn: '2026-05-01' },
    5,
  );
  stock.take('half-can', 30, 'bonnet', 6);
  stock.add('gone', { ...pack, name: 'Gone' }, 7);
  stock.remove('gone', 8);
  tickStore(db).set('orrin-base 400', true, 9);
  const weather = weatherStore(db);
  for (const id of ['told-1', 'told-2']) weather.keep({ ...TOLD, id });
  weather.remove('told-2', 90_000);
  const places = placeStore(db);
  for (const id of ['yard', 'shed'])
    places.add(id, { tz: 'Europe/London', lat: 52.4, lon: -3.1, shelter: 'open' }, 7);
  places.remove('shed', 90_000);
  const readings = readingStore(db);
  const figures = { source: 'typed', airC: 14, rhPct: 60, panelC: 15, windMs: 0.5 } as const;
  readings.keep({ of: 'place', id: 'yard' }, [
    { id: 'read-1', ms: 10, ...figures },
    { id: 'read-2', ms: 20, ...figures },
  ]);
  readings.remove('read-2', 90_000);
  const hour = { panelC: 14.5, gapK: 6.2, rhPct: 61, windMs: 0.5, cureC: 15.5 };
  cameStore(db).keep('bonnet', [{ ms: 3_600_000, ...hour }]);
}

/** Every row of every table, and every picture. */
export function everythingIn({ db, photosFolder }: Pick<TestWorkshop, 'db' | 'photosFolder'>) {
  const rows = Object.fromEntries(
    tablesOf(db).map(({ name, columns }) => {
      const order = columns.map((c) => `"${c}"`).join(', ');
      return [name, db.prepare(`SELECT * FROM "${name}" ORDER BY ${order}`).all()];
    }),
  );
  const pictures = existsSync(photosFolder)
    ? Object.fromEntries(
        readdirSync(photosFolder)
          .filter((f) => f !== POOL)
          .sort()
          .map((f) => [f, readFileSync(join(photosFolder, f)).toString('hex')]),
      )
    : {};
  return { rows, pictures };
}
