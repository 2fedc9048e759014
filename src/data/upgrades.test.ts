/**
 * Every version of the database that ever landed is brought up to date with data in every table. The
 * fixtures are as those versions wrote them: they are never changed, only followed by others.
 */
import {
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  writeFileSync,
  readdirSync,
  statSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { KeptCopies } from './copies/kept';
import { countOf, tablesOf } from './copies/tables';
import type { Db } from './db';
import { jobStore } from './job-store';
import { DatabaseDamaged, migrationsIn, openDatabase } from './open';
import { photoStore } from './photo-store';
import { placeStore } from './place-store';
import { cameStore } from './came-store';
import { readingStore } from './reading-store';
import { stockStore } from './stock-store';
import { POOL } from './pictures';
import { sweepPhotos, UNDO_DAYS } from './sweep';
import { weatherStore } from './weather-store';

const root = mkdtempSync(join(tmpdir(), 'pellucid-upgrades-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));
const MIGRATIONS = migrationsIn('src/data/migrations');
const fixture = (version: number): string =>
  readFileSync(`src/data/fixtures/${String(version).padStart(3, '0')}.sql`, 'utf8');
const PHOTO = '00000000-0000-4000-8000-000000000001';

/** A workshop of a version in a folder of its own, as it was left. */
function oldWorkshop(version: number): { folder: string; file: string } {
  const folder = mkdtempSync(join(root, `v${version}-`));
  const file = join(folder, 'workshop.sqlite');
  const db = openDatabase(
    file,
    MIGRATIONS.filter((m) => m.number <= version),
  );
  for (let v = 1; v <= version; v++) db.exec(fixture(v));
  for (const { name } of tablesOf(db)) expect([name, countOf(db, name)]).not.toEqual([name, 0]);
  db.close();
  mkdirSync(join(folder, 'photos'));
  writeFileSync(join(folder, 'photos', `${PHOTO}.jpg`), 'four');
  return { folder, file };
}
const kept = (folder: string): KeptCopies => new KeptCopies(folder, join(folder, 'photos'));

describe('upgrades', () => {
  it.each(MIGRATIONS.map((m) => m.number))(
    'from version %i: nothing is lost, and a copy was kept before',
    (version) => {
      const { folder, file } = oldWorkshop(version);
      const db = openDatabase(file, MIGRATIONS, (old) => kept(folder).keep(old, 'upgrade', 5_000));
      const jobs = jobStore(db);
      expect(jobs.load('mixer')).toMatchObject({ version: 3, job: { name: 'Stand-mixer shell' } });
      expect(jobs.removed().map((r) => r.id)).toEqual(['off']);
      if (version >= 2) expect(jobs.load('mixer')!.steps.undo).toBe('name');
      const photos = photoStore(db, join(folder, 'photos')).list('mixer');
      expect(photos.map((p) => [p.id, p.note])).toEqual(
        version >= 3 ? [[PHOTO, version >= 4 ? 'by the hinge' : '']] : [],
      );
      if (version >= 3)
        expect(photos[0]).toMatchObject(
          version >= 9 ? { moment: 'during', step: 'Clear, coat 2' } : { moment: 'before', step: '' },
        );
      if (version >= 5) expect(stockStore(db).list()).toMatchObject([{ id: 'half-can', remainingMl: 180 }]);
      if (version >= 6)
        expect(weatherStore(db).near({ lat: 52.4, lon: -3.1 }, 0.1)).toMatchObject([{ id: 'told-1' }]);
      if (version >= 7)
        expect(placeStore(db).list()).toMatchObject([{ id: 'yard', place: { shelter: 'open' } }]);
      if (version >= 8)
        expect(readingStore(db).of({ of: 'place', id: 'yard' }, 0, 5)).toMatchObject([
          { airC: 14.5, rhPct: 62 },
        ]);
      if (version >= 10)
        expect(cameStore(db).of('mixer')).toEqual([
          { ms: 3_600_000, panelC: 14.5, gapK: 6.2, rhPct: 61, windMs: 0.5, cureC: 15.5 },
        ]);
      const copies = kept(folder).list();
      expect(copies.map((c) => c.why)).toEqual(version < MIGRATIONS.at(-1)!.number ? ['upgrade'] : []);
      const picture = join(folder, 'copies', copies[0]?.name ?? '-', 'photos', `${PHOTO}.jpg`);
      expect(existsSync(picture)).toBe(copies.length > 0 && version >= 3);
    },
  );
  it('of several upgrades that are pending, one that fails leaves the file at the version it had', () => {
    const { file } = oldWorkshop(2);
    const broken = [...MIGRATIONS, { number: 99, sql: 'CREATE TABLE x (a); THIS IS NOT SQL;' }];
    expect(() => openDatabase(file, broken)).toThrow();
    const asItWas = openDatabase(file, MIGRATIONS.slice(0, 2));
    expect(tablesOf(asItWas).map((t) => t.name)).toEqual(['jobs', 'job_steps']);
    asItWas.close();
    expect(jobStore(openDatabase(file, MIGRATIONS)).load('mixer')!.version).toBe(3);
  });
  it('a damaged file is said to be one and is not written to', () => {
    const { file } = oldWorkshop(5);
    const bytes = readFileSync(file);
    bytes.fill(0x5a, 4096, bytes.length - 100);
    writeFileSync(file, bytes);
    expect(() => openDatabase(file, MIGRATIONS)).toThrow(DatabaseDamaged);
    expect(readFileSync(file).equals(bytes)).toBe(true);
    writeFileSync(file, 'no database at all'.repeat(300));
    expect(() => openDatabase(file, MIGRATIONS)).toThrow(DatabaseDamaged);
  });
});

describe('the sweep at the start', () => {
  const DAY = 86_400_000;
  const workshop = (): { db: Db; folder: string; has: (name: string) => boolean } => {
    const folder = mkdtempSync(join(root, 'sweep-'));
    const db = openDatabase(':memory:', MIGRATIONS);
    jobStore(db).insert('a', DEMO_JOBS[0]!.job, 1);
    return { db, folder, has: (name) => existsSync(join(folder, name)) };
  };
  it('a photograph taken out goes from the disk after the time in which it can be put back, not before', () => {
    const { db, folder, has } = workshop();
    const photos = photoStore(db, folder);
    for (const id of ['stays', 'lately', 'long-ago'])
      photos.add('a', { id, partId: 'bonnet', moment: 'before' }, Uint8Array.from([1]), 1);
    const now = 100 * DAY;
    photos.remove('long-ago', now - UNDO_DAYS * DAY - 1);
    photos.remove('lately', now - UNDO_DAYS * DAY);
    expect(sweepPhotos(db, folder, now)).toBe(1);
    expect(['stays.jpg', 'lately.jpg', 'long-ago.jpg'].map(has)).toEqual([true, true, false]);
    expect(countOf(db, 'photos')).toBe(2);
  });
  it('equal pictures are on the disk once, whatever they are called, and gone with the last of their names', () => {
    const { db, folder, has } = workshop();
    const photos = photoStore(db, folder);
    const add = (id: string, byte: number) =>
      photos.add('a', { id, partId: 'bonnet', moment: 'before' }, Uint8Array.from([byte]), 1);
    add('one', 7);
    add('two', 7);
    add('other', 8);
    const inode = (id: string): number => statSync(join(folder, `${id}.jpg`)).ino;
    expect(inode('one')).toBe(inode('two'));
    expect(inode('one')).not.toBe(inode('other'));
    const pooled = (): number => readdirSync(join(folder, POOL)).length;
    expect(pooled()).toBe(2);
    photos.remove('one', 1);
    photos.remove('other', 1);
    expect(sweepPhotos(db, folder, 100 * DAY)).toBe(3);
    expect(['one.jpg', 'two.jpg', 'other.jpg'].map(has)).toEqual([false, true, false]);
    expect(pooled()).toBe(1);
    expect(photos.read('two')).toEqual(Buffer.from([7]));
  });
  it('what was never whole and what no row stands for is swept away', () => {
    const { db, folder, has } = workshop();
    photoStore(db, folder).add(
      'a',
      { id: 'one', partId: 'bonnet', moment: 'before' },
      Uint8Array.from([1]),
      1,
    );
    writeFileSync(join(folder, 'one.jpg.part'), 'ha');
    writeFileSync(join(folder, 'orphan.jpg'), 'x');
    expect(sweepPhotos(db, folder, 1)).toBe(2);
    expect(['one.jpg', 'one.jpg.part', 'orphan.jpg'].map(has)).toEqual([true, false, false]);
    expect(sweepPhotos(db, join(folder, 'none'), 1)).toBe(0);
  });
});
