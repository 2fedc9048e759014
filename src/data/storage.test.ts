/** What happens when the disk, the folder or another program stands in the way of a write. */
import { fork, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterAll, describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { BrokenRow } from './job-rows';
import { jobStore } from './job-store';
import { lockFolder, WorkshopInUse } from './lock';
import type { Db } from './db';
import { migrationsIn, openDatabase } from './open';
import { photoStore } from './photo-store';
import { stockStore } from './stock-store';
import { storageFault } from './storage-fault';
import { tickStore } from './tick-store';
import { FolderGone } from './write';

const root = mkdtempSync(join(tmpdir(), 'pellucid-storage-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));
const MIGRATIONS = migrationsIn('src/data/migrations');
const job = DEMO_JOBS[0]!.job;
let n = 0;
const freshFolder = (): string => join(root, `w${n++}`);
const opened = (folder: string): Db => openDatabase(join(folder, 'workshop.sqlite'), MIGRATIONS);
const thrownBy = (work: () => unknown): unknown => {
  try {
    work();
  } catch (e) {
    return e;
  }
  return null;
};

describe('one server at a time', () => {
  /** A process of its own that takes the lock and keeps it. */
  async function holder(folder: string): Promise<ChildProcess> {
    const file = join(root, `hold-${n++}.mjs`);
    writeFileSync(
      file,
      `import { createRequire } from 'node:module';
       const Database = createRequire(${JSON.stringify(join(process.cwd(), 'package.json'))})('better-sqlite3');
       const db = new Database(process.argv[2]);
       db.exec('BEGIN EXCLUSIVE');
       process.send('held');
       setInterval(() => db.name, 1000);`,
    );
    const child = fork(file, [join(folder, 'lock.sqlite')]);
    await new Promise((done) => child.once('message', done));
    return child;
  }
  it('the second is refused with a sentence; a killed one leaves nothing behind', async () => {
    const folder = freshFolder();
    mkdirSync(folder);
    const child = await holder(folder);
    const refused = thrownBy(() => lockFolder(folder, 50));
    expect(refused).toBeInstanceOf(WorkshopInUse);
    expect((refused as Error).message).toMatch(
      /^Another Pellucid is at work on .* PELLUCID_DATA at another folder\.$/,
    );
    const gone = new Promise((done) => child.once('exit', done));
    child.kill('SIGKILL');
    await gone;
    const letGo = lockFolder(folder, 50);
    letGo();
    lockFolder(folder, 50)();
  });
});

describe('a folder that is moved away or replaced', () => {
  const stores = (folder: string) => {
    const db = opened(folder);
    const store = jobStore(db);
    store.insert('a', job, 1);
    return {
      db,
      store,
      stock: stockStore(db),
      ticks: tickStore(db),
      photos: photoStore(db, join(folder, 'photos')),
    };
  };
  it('takes no write of any kind; once it is back, writes go on', () => {
    const folder = freshFolder();
    const { store, stock, ticks, photos } = stores(folder);
    renameSync(folder, `${folder}-away`);
    const writes: (() => unknown)[] = [
      () => store.update('a', 1, { ...job, name: 'Into nowhere' }, 2),
      () => store.insert('b', job, 2),
      () => store.remove('a', 2),
      () => store.restore('a'),
      () => store.step('a', 1, 'undo', 2),
      () => stock.add('s', { productId: 'x', part: 'base', name: 'x', sizeMl: 1, remainingMl: 1 }, 2),
      () => stock.remove('s', 2),
      () => ticks.set('k', true, 2),
      () => ticks.clear(),
      () => photos.note('p', 'x'),
      () => photos.remove('p', 2),
    ];
    for (const write of writes) expect(thrownBy(write)).toBeInstanceOf(FolderGone);
    expect(storageFault(thrownBy(writes[0]!))).toMatchObject({ status: 503 });
    renameSync(`${folder}-away`, folder);
    expect(store.update('a', 1, { ...job, name: 'Here again' }, 3)).toMatchObject({
      kind: 'saved',
      version: 2,
    });
  });
  it('another file under the same name is not this workshop', () => {
    const folder = freshFolder();
    const { store } = stores(folder);
    renameSync(folder, `${folder}-old`);
    stores(folder);
    expect(thrownBy(() => store.insert('b', job, 2))).toBeInstanceOf(FolderGone);
  });
});

describe('each fault of the disk has a sentence of its own', () => {
  it('a full disk: nothing is written, what stood stands, and it goes on once there is room', () => {
    const db = opened(freshFolder());
    const store = jobStore(db);
    store.insert('a', job, 1);
    // Pages that an upgrade left free would be room.
    db.exec('VACUUM');
    const pages = db.pragma('page_count', { simple: true }) as number;
    db.pragma(`max_page_count = ${pages}`);
    const large = {
      ...job,
      name: 'x'.repeat(80),
      parts: Array.from({ length: 40 }, (_, i) => ({ ...job.parts[0]!, id: `p${i}` })),
    };
    const fault = thrownBy(() => store.update('a', 1, large, 2));
    expect(storageFault(fault)).toEqual({
      status: 507,
      error: 'Nothing was saved: the disk is full. Make room on it.',
    });
    expect(store.load('a')).toMatchObject({ version: 1, job: { name: job.name } });
    db.pragma('max_page_count = 1000000');
    expect(store.update('a', 1, large, 3)).toMatchObject({ kind: 'saved' });
  });
  it('a file that another program holds, one that may not be written, one that is no database', () => {
    const folder = freshFolder();
    const db = opened(folder);
    const store = jobStore(db);
    store.insert('a', job, 1);
    const other = new Database(db.name);
    other.exec('BEGIN IMMEDIATE');
    db.pragma('busy_timeout = 20');
    expect(storageFault(thrownBy(() => store.insert('b', job, 2)))!.error).toMatch(/another program holds/);
    other.exec('ROLLBACK');
    store.insert('b', job, 2);
    const readOnly = new Database(db.name, { readonly: true });
    expect(storageFault(thrownBy(() => readOnly.exec('DELETE FROM jobs')))!.error).toMatch(
      /may not be written/,
    );
    const odd = join(folder, 'odd.sqlite');
    writeFileSync(odd, 'no database at all, but long enough to be looked at '.repeat(40));
    expect(storageFault(thrownBy(() => new Database(odd).exec('SELECT * FROM jobs')))).toMatchObject({
      status: 500,
    });
  });
  it.each([
    ['ENOSPC', 507, /disk is full/],
    ['EDQUOT', 507, /disk is full/],
    ['EROFS', 503, /may not be written/],
    ['EACCES', 503, /may not be written/],
    ['ENOENT', 503, /moved, replaced or taken away/],
    ['SQLITE_IOERR_WRITE', 503, /moved, replaced or taken away/],
    ['SQLITE_READONLY_DBMOVED', 503, /moved, replaced or taken away/],
    ['SQLITE_READONLY_DIRECTORY', 503, /may not be written/],
    ['SQLITE_BUSY_SNAPSHOT', 503, /another program/],
    ['SQLITE_CORRUPT', 500, /damaged/],
  ])('%s', (code, status, words) => {
    const fault = storageFault(Object.assign(new Error('x'), { code }))!;
    expect(fault.status).toBe(status);
    expect(fault.error).toMatch(words);
  });
  it('a row that is no job names itself; what is no fault of the disk is none', () => {
    expect(storageFault(new BrokenRow('a', 'name: expected a text'))!.error).toContain('Job a');
    expect(storageFault(new Error('x'))).toBeNull();
    expect(storageFault('x')).toBeNull();
  });
});
