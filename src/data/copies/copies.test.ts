/** A copy is a copy of everything; a foreign file is foreign. */
import { execFileSync } from 'node:child_process';
import { createWriteStream, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import Database from 'better-sqlite3';
import { ZipFile } from 'yazl';
import { afterAll, describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { bundleText } from '@/formats/bundle-file';
import { cameStore } from '../came-store';
import { jobStore } from '../job-store';
import { openDatabase } from '../open';
import type { ArchiveAs } from './archive-out';
import type { How } from './bring-in';
import { dumpForeign } from './foreign';
import { SentRefused } from './refusal';
import {
  everythingIn,
  fill,
  MIGRATIONS,
  PHOTO_IDS,
  pictureOf,
  workshopIn,
  type TestWorkshop,
} from './test-workshop';
import { tablesOf } from './tables';

const root = mkdtempSync(join(tmpdir(), 'pellucid-copies-'));
afterAll(() => rmSync(root, { recursive: true, force: true }));
let n = 0;
const fresh = (): TestWorkshop => workshopIn(join(root, `w${n++}`));
const filled = (): TestWorkshop => {
  const workshop = fresh();
  fill(workshop, DEMO_JOBS[0]!.job, DEMO_JOBS[1]!.job);
  return workshop;
};
async function saved(workshop: TestWorkshop, as: ArchiveAs): Promise<string> {
  const file = join(root, `copy${n++}.zip`);
  await pipeline(await workshop.copies.archive(as, 1_000_000), createWriteStream(file));
  return file;
}
/** Sends a file in, in pieces. */
function sent({ copies }: TestWorkshop, bytes: Uint8Array): string {
  const token = copies.incoming.begin(bytes.byteLength);
  for (let at = 0; at < bytes.byteLength; at += 700)
    copies.incoming.append(token, at, bytes.subarray(at, at + 700));
  return token;
}
const brought = (workshop: TestWorkshop, file: string, how: How) =>
  workshop.copies.bringIn(sent(workshop, readFileSync(file)), how, 2_000_000);
const refusalOf = async (workshop: TestWorkshop, bytes: Uint8Array): Promise<Error> => {
  const before = everythingIn(workshop);
  const token = sent(workshop, bytes);
  const looked = await workshop.copies.look(token).catch((e: Error) => e);
  const came = await workshop.copies.bringIn(token, 'replace', 1).catch((e: Error) => e);
  expect(came).toBeInstanceOf(Error);
  expect(everythingIn(workshop)).toEqual(before);
  return looked as Error;
};
/** An archive as it is wanted. */
async function archive(files: Record<string, string | Uint8Array>): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [name, content] of Object.entries(files)) zip.addBuffer(Buffer.from(content), name);
  zip.end();
  const file = join(root, `made${n++}.zip`);
  await pipeline(zip.outputStream, createWriteStream(file));
  return readFileSync(file);
}

describe('a copy of everything', () => {
  it('the workshop of this test fills every table and every field: a table added later has to be filled here', () => {
    const { db } = filled();
    for (const { name, columns } of tablesOf(db)) {
      const rows = db.prepare(`SELECT * FROM "${name}"`).all() as Record<string, unknown>[];
      for (const column of columns)
        expect([name, column, rows.some((r) => r[column] !== null && r[column] !== '')]).toEqual([
          name,
          column,
          true,
        ]);
    }
  });
  it.each(['tables', 'database'] as const)(
    'as %s it comes back into an empty workshop, row by row and file by file',
    async (as) => {
      const from = filled();
      const file = await saved(from, as);
      for (const how of ['replace', 'add'] as const) {
        const into = fresh();
        const came = await brought(into, file, how);
        expect(came).toMatchObject({ jobs: 3, same: 0, photos: 3, withoutPicture: 0, stock: 2 });
        expect(everythingIn(into)).toEqual(everythingIn(from));
      }
    },
  );
  it('a second time nothing is added; with replace the same stands there', async () => {
    const from = filled();
    const file = await saved(from, 'tables');
    const before = everythingIn(from);
    expect(await brought(from, file, 'add')).toMatchObject({
      jobs: 0,
      same: 3,
      photos: 0,
      stock: 0,
      before: null,
    });
    expect(everythingIn(from)).toEqual(before);
    await brought(from, file, 'replace');
    expect(everythingIn(from)).toEqual(before);
  });
  it('replace puts the copy in the place of all that is here, and what was here is kept to go back to', async () => {
    const file = await saved(filled(), 'tables');
    const other = fresh();
    jobStore(other.db).insert('mine', DEMO_JOBS[2]!.job, 1);
    const mine = everythingIn(other);
    const looked = (await other.copies.look(sent(other, readFileSync(file))))!;
    expect(looked).toMatchObject({
      savedAt: new Date(1_000_000).toISOString(),
      holds: { jobs: 2, removed: 1, photos: 2, stock: 1 },
      here: { jobs: 1, removed: 0, photos: 0, stock: 0, moves: 0 },
    });
    const came = (await brought(other, file, 'replace'))!;
    expect(jobStore(other.db).load('mine')).toBeNull();
    const copied = everythingIn(other);
    const back = (await other.copies.goBack(came.before!, 3_000_000))!;
    expect(everythingIn(other).rows).toEqual(mine.rows);
    // And from there to the copy again.
    await other.copies.goBack(back.before!, 4_000_000);
    expect(everythingIn(other)).toEqual(copied);
    expect(await other.copies.goBack('2026-01-01T00-00-00-daily', 1)).toBeNull();
    expect(await other.copies.goBack('../..', 1)).toBeNull();
  });
  it('beside what is here: an id that stands for another is given anew, and what refers to it goes along', async () => {
    const file = await saved(filled(), 'tables');
    const here = filled();
    const jobs = jobStore(here.db);
    const was = jobs.load('bonnet')!;
    jobs.update('bonnet', was.version, { ...was.job, name: 'Mine by now' }, 99_000);
    here.db.prepare("UPDATE stock SET remaining_ml = 1 WHERE id = 'half-can'").run();
    const came = (await brought(here, file, 'add'))!;
    // The mixer names no pack, and the one taken off neither: those two are the same.
    expect(came).toMatchObject({ jobs: 1, same: 2, photos: 3, stock: 1 });
    const list = jobs.list();
    expect(
      list.map((j) => j.job.name).filter((name) => name === 'Mine by now' || name === 'Once'),
    ).toHaveLength(2);
    const added = list.find((j) => j.job.name === 'Once')!;
    expect(added.id).not.toBe('bonnet');
    expect(added.steps.undo).not.toBeNull();
    const stockId = added.job.shelf![0]!.stockId!;
    expect(stockId).not.toBe('half-can');
    const moves = here.db.prepare('SELECT count(*) AS n FROM stock_moves WHERE stock_id = ?').get(stockId);
    expect(moves).toEqual({ n: 2 });
    const photos = here.db
      .prepare<[string], { id: string }>('SELECT id FROM photos WHERE job_id = ?')
      .all(added.id);
    expect(photos).toHaveLength(3);
    expect(cameStore(here.db).of(added.id)).toHaveLength(1);
    for (const { id } of photos) expect(PHOTO_IDS).not.toContain(id);
    expect(Object.keys(everythingIn(here).pictures)).toHaveLength(6);
  });
  it('a bundle of an earlier version still comes in, photographs in it', async () => {
    const photo = {
      id: PHOTO_IDS[0]!,
      jobId: 'a',
      partId: 'p',
      moment: 'before' as const,
      createdMs: 5,
      note: 'x',
    };
    const jpeg = Buffer.from(pictureOf(7)).toString('base64');
    const job = DEMO_JOBS[0]!.job;
    const text = bundleText([{ id: 'a', createdMs: 4, removed: false, job }], '2026-05-01T00:00:00Z', [
      { ...photo, jpeg },
    ]);
    const into = fresh();
    const token = sent(into, Buffer.from(`\uFEFF${text}`));
    expect(await into.copies.look(token)).toMatchObject({
      savedAt: '2026-05-01T00:00:00Z',
      holds: { jobs: 1, photos: 1 },
    });
    expect(await into.copies.bringIn(token, 'add', 9)).toMatchObject({ jobs: 1, photos: 1 });
    expect(jobStore(into.db).load('a')!.job).toEqual(job);
  });
  it('the database file alone comes in; photographs whose picture is nowhere are left out and counted', async () => {
    const from = filled();
    from.db.pragma('wal_checkpoint(TRUNCATE)');
    const into = fresh();
    const came = await brought(into, from.db.name, 'replace');
    expect(came).toMatchObject({ jobs: 3, photos: 0, withoutPicture: 3, stock: 2 });
  });
  it('where it fails half way, nothing came in and no picture is left behind', async () => {
    const file = await saved(filled(), 'tables');
    const into = fresh();
    into.db.exec(
      "CREATE TRIGGER no_ticks BEFORE INSERT ON shopping_ticks BEGIN SELECT raise(ABORT, 'no'); END",
    );
    const before = everythingIn(into);
    await expect(brought(into, file, 'add')).rejects.toThrow();
    expect(everythingIn(into)).toEqual(before);
  });
});

describe('a foreign file', () => {
  const databaseWith = (sql: string): Buffer => {
    const file = join(root, `foreign${n++}.sqlite`);
    const db = new Database(file);
    db.exec(sql);
    db.close();
    return readFileSync(file);
  };
  const ours = (sql: string): Buffer => {
    const file = join(root, `ours${n++}.sqlite`);
    const db = openDatabase(file, MIGRATIONS);
    db.exec(sql);
    db.pragma('journal_mode = DELETE');
    db.close();
    return readFileSync(file);
  };
  it.each([
    [
      'another program’s database',
      () => databaseWith('CREATE TABLE jobs (id TEXT); CREATE TABLE songs (id TEXT)'),
    ],
    [
      'a view of ours by name',
      () => ours('ALTER TABLE shopping_ticks RENAME TO t; CREATE VIEW shopping_ticks AS SELECT * FROM t'),
    ],
    ['a trigger', () => ours('CREATE TRIGGER t AFTER INSERT ON jobs BEGIN DELETE FROM jobs; END')],
    ['a table more', () => ours('CREATE TABLE more (id TEXT)')],
    ['no database, though it begins like one', () => Buffer.from(`SQLite format 3\0${'x'.repeat(5000)}`)],
    ['nothing known', () => Buffer.from('not json')],
    ['half an archive', () => Buffer.from('PK\u0003\u0004 and then nothing')],
  ])('%s is refused, and nothing is changed', async (_name, bytes) => {
    const refused = await refusalOf(filled(), bytes());
    expect(refused).toBeInstanceOf(SentRefused);
    expect(refused.message).toMatch(/not saved by Pellucid|no copy of a workshop/);
  });
  it('an endless view is never asked; what takes too long is stopped', async () => {
    const endless = `CREATE VIEW jobs AS WITH RECURSIVE r(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM r)
      SELECT n AS id FROM r; PRAGMA user_version = 5`;
    const from = Date.now();
    expect((await refusalOf(fresh(), databaseWith(endless))).message).toMatch(/not saved by Pellucid/);
    expect(Date.now() - from).toBeLessThan(30_000);
    const into = join(root, `slow${n++}`);
    mkdirSync(into);
    const file = join(into, 'x.sqlite');
    writeFileSync(file, ours(''));
    await expect(dumpForeign(file, into, MIGRATIONS, 1)).rejects.toThrow(/took too long/);
  });
  it('a newer one is refused by name, whatever it holds', async () => {
    expect((await refusalOf(fresh(), ours('PRAGMA user_version = 99'))).message).toMatch(/newer Pellucid/);
    const head = { kind: 'pellucid-archive', format: 1, schema: 99, savedAt: '' };
    expect(
      (await refusalOf(fresh(), await archive({ 'pellucid.json': JSON.stringify(head) }))).message,
    ).toMatch(/newer/);
  });
  it.each([
    ['a job that is none', 'UPDATE jobs SET doc = \'{"name":""}\' WHERE id = \'bonnet\'', /jobs “bonnet”/],
    [
      'an id that is a path',
      "PRAGMA foreign_keys = OFF; UPDATE jobs SET id = '../x' WHERE id = 'mixer'",
      /jobs “\.\.\/x”/,
    ],
    ['a pack that is none', "UPDATE stock SET doc = '{}' WHERE id = 'gone'", /stock “gone”/],
    [
      'a photograph with a name that is none',
      "UPDATE photos SET id = '../../x' WHERE note = 'far edge'",
      /photos “/,
    ],
    ['a step that is no job', "UPDATE job_steps SET doc = '[]'", /job_steps “bonnet”/],
    ['a long note', "UPDATE photos SET note = printf('%400s', 'x')", /note/],
  ])('%s is refused where it stands', async (_name, sql, words) => {
    const from = filled();
    from.db.exec(sql);
    const refused = (await refusalOf(fresh(), readFileSync(await saved(from, 'tables')))) as SentRefused;
    expect(refused).toBeInstanceOf(SentRefused);
    expect(refused.faults.map((f) => f.path).join('; ')).toMatch(words);
    expect(refused.faults.length).toBeLessThanOrEqual(21);
  });
  it('lines of a table that are no rows of it are refused by table and line', async () => {
    const file = await saved(filled(), 'tables');
    const unpacked = join(root, `u${n++}`);
    execFileSync(process.execPath, [
      '-e',
      `
      const y = require('yauzl'), fs = require('fs'), p = require('path');
      (async () => { const z = await y.openPromise(process.argv[1]);
        for await (const e of z.eachEntry()) { const f = p.join(process.argv[2], e.fileName); fs.mkdirSync(p.dirname(f), { recursive: true });
          const s = await z.openReadStreamPromise(e); const parts = []; for await (const c of s) parts.push(c); fs.writeFileSync(f, Buffer.concat(parts)); } })();`,
      file,
      unpacked,
    ]);
    const content = (name: string): string => readFileSync(join(unpacked, name), 'utf8');
    const files = Object.fromEntries(
      [
        'pellucid.json',
        ...[
          'jobs',
          'job_steps',
          'photos',
          'stock',
          'stock_moves',
          'shopping_ticks',
          'weather',
          'places',
          'readings',
          'air_came',
        ].map((t) => `tables/${t}.ndjson`),
      ].map((name) => [name, content(name)]),
    );
    const withLine = async (table: string, line: string): Promise<SentRefused> => {
      const name = `tables/${table}.ndjson`;
      return (await refusalOf(
        fresh(),
        await archive({ ...files, [name]: `${files[name]}${line}\n` }),
      )) as SentRefused;
    };
    expect((await withLine('shopping_ticks', '{"key":"x"}')).faults[0]).toEqual({
      path: 'tables/shopping_ticks.ndjson, line 2',
      expected: 'the fields key, at_ms',
    });
    expect((await withLine('shopping_ticks', '{"key":"x","at_ms":"soon"}')).faults[0]!.expected).toMatch(
      /INTEGER|TEXT/,
    );
    expect((await withLine('shopping_ticks', 'x')).faults[0]!.expected).toBe('JSON');
    expect((await withLine('jobs', '[]')).faults[0]!.path).toMatch(/^tables\/jobs\.ndjson, line 4/);
    const { 'tables/stock.ndjson': _stock, ...short } = files;
    for (const odd of [
      short,
      { ...files, 'tables/songs.ndjson': '' },
      { ...files, '../x': '' },
      { ...files, 'photos/x.jpg': '' },
    ])
      expect(await refusalOf(fresh(), await archive(odd).catch(() => Buffer.from('PK')))).toBeInstanceOf(
        SentRefused,
      );
    const picture = { [`photos/${PHOTO_IDS[0]}.jpg`]: 'no picture' };
    expect(
      ((await refusalOf(fresh(), await archive({ ...files, ...picture }))) as SentRefused).faults[0]!.path,
    ).toContain('photos/');
  });
});

describe('on its way in', () => {
  it('pieces follow one another; one for another place is not laid down; a token that is none is none', () => {
    const { copies } = fresh();
    const token = copies.incoming.begin(6);
    expect(copies.incoming.append(token, 0, Buffer.from('abc'))).toBe(3);
    expect(copies.incoming.append(token, 0, Buffer.from('abc'))).toBe(3);
    expect(copies.incoming.append(token, 3, Buffer.from('def'))).toBe(6);
    expect(readFileSync(copies.incoming.of(token)!.file, 'utf8')).toBe('abcdef');
    for (const bad of ['../..', '', '00000000-0000-4000-8000-000000000009']) {
      expect(copies.incoming.append(bad, 0, Buffer.from('x'))).toBeNull();
      copies.incoming.drop(bad);
    }
    copies.incoming.drop(token);
    expect(copies.incoming.of(token)).toBeNull();
    expect(() => copies.incoming.begin(0)).toThrow(/empty/);
    expect(() => copies.incoming.begin(6 * 1024 ** 3)).toThrow(/larger than 5 GB/);
  });
});
