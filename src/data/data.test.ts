import { fork } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { BrokenRow } from './job-rows';
import { jobStore } from './job-store';
import { MOST_PHOTOS, photoStore } from './photo-store';
import { DatabaseTooNew, migrationsIn, openDatabase } from './open';

const folder = mkdtempSync(join(tmpdir(), 'pellucid-data-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const MIGRATIONS = migrationsIn('src/data/migrations');
const job = DEMO_JOBS[0]!.job;
const memory = () => jobStore(openDatabase(':memory:', MIGRATIONS));

describe('the workshop’s database', () => {
  it('keeps a job to the letter, and counts its versions', () => {
    const s = memory();
    s.insert('a', job, 5);
    expect(s.load('a')).toEqual({
      id: 'a',
      version: 1,
      job,
      createdMs: 5,
      updatedMs: 5,
      steps: { undo: null, redo: null },
    });
    expect(s.update('a', 1, { ...job, name: 'Second' }, 9)).toMatchObject({ kind: 'saved', version: 2 });
    expect(s.load('a')!.job.name).toBe('Second');
  });
  it('an edit that starts from an old version is refused and changes nothing', () => {
    const s = memory();
    s.insert('a', job, 1);
    s.update('a', 1, { ...job, name: 'Mine' }, 2);
    expect(s.update('a', 1, { ...job, name: 'Theirs' }, 3)).toEqual({
      kind: 'stale',
      version: 2,
      job: { ...job, name: 'Mine' },
    });
    expect(s.load('a')!.job.name).toBe('Mine');
    expect(s.update('gone', 1, job, 3)).toEqual({ kind: 'missing' });
  });
  it('jobs at work come the last changed first, closed ones the last closed first, some at a time', () => {
    const s = memory();
    const closed = (at: string): typeof job => ({
      ...job,
      log: { used: [], outcomes: [], note: '', closedAt: at },
    });
    for (let n = 0; n < 5; n++) s.insert(`w${n}`, { ...job, name: `Work ${n}` }, 10 + n);
    s.update('w1', 1, { ...job, name: 'Changed' }, 100);
    // 22:00 at +05:00 is 17:00 UTC, before 18:00 UTC.
    s.insert('late', closed('2026-05-10T18:00:00Z'), 1);
    s.insert('early', closed('2026-05-10T22:00:00+05:00'), 2);
    s.insert('gone', job, 200);
    s.remove('gone', 201);
    const ids = (page: { rows: readonly { id: string }[] }): string[] => page.rows.map((r) => r.id);
    expect(ids(s.atWork({ skip: 0, most: 3 }))).toEqual(['w1', 'w4', 'w3']);
    expect(ids(s.atWork({ skip: 3, most: 3 }))).toEqual(['w2', 'w0']);
    expect(s.atWork({ skip: 9, most: 3 })).toEqual({ rows: [], total: 5 });
    expect([ids(s.closed({ skip: 0, most: 9 })), s.closed({ skip: 0, most: 1 }).total]).toEqual([
      ['late', 'early'],
      2,
    ]);
    expect(s.heads().map((h) => h.name)).toEqual([
      job.name,
      job.name,
      'Work 0',
      'Changed',
      'Work 2',
      'Work 3',
      'Work 4',
    ]);
    expect([s.newest()!.id, s.oldest()!.id]).toEqual(['w4', 'late']);
    expect([memory().newest(), memory().oldest()]).toEqual([null, null]);
  });
  it('of the jobs taken off the newest fifty are named', () => {
    const s = memory();
    for (let n = 0; n < 55; n++) {
      s.insert(`j${n}`, job, n);
      s.remove(`j${n}`, 1000 + n);
    }
    expect(s.removed().map((r) => r.id)).toEqual(Array.from({ length: 50 }, (_, i) => `j${54 - i}`));
  });
  it('what was written is not parsed again to be read; what lies there otherwise is', () => {
    const s = memory();
    const changed = { ...job, name: 'Changed' };
    s.insert('a', job, 1);
    expect(s.load('a')!.job).toBe(job);
    s.update('a', 1, changed, 2);
    expect(s.load('a')!.job).toBe(changed);
    s.step('a', 2, 'undo', 3);
    const back = s.load('a')!.job;
    expect(back).toEqual(job);
    expect(back).not.toBe(job);
  });
  it('a job taken off the bench can be put back', () => {
    const s = memory();
    s.insert('a', job, 1);
    expect(s.remove('a', 2)).toBe(true);
    expect([s.load('a'), s.list().length]).toEqual([null, 0]);
    expect(s.isEmpty()).toBe(false);
    expect(s.removed()).toEqual([{ id: 'a', name: job.name, removedMs: 2 }]);
    s.restore('a');
    expect(s.load('a')!.job).toEqual(job);
  });
  it('every edit can be taken back and done again, across versions; a new edit ends what could be done again', () => {
    const s = memory();
    s.insert('a', job, 0);
    s.update('a', 1, { ...job, name: 'One' }, 10_000);
    s.update('a', 2, { ...job, name: 'One', budget: { ...job.budget, amount: 5 } }, 20_000);
    expect(s.load('a')!.steps).toEqual({ undo: 'budget.amount', redo: null });
    expect(s.step('a', 3, 'undo', 21_000)).toMatchObject({
      kind: 'saved',
      version: 4,
      job: { name: 'One', budget: job.budget },
      steps: { undo: 'name', redo: 'budget.amount' },
    });
    expect(s.step('a', 4, 'undo', 22_000)).toMatchObject({
      version: 5,
      job: { name: job.name },
      steps: { undo: null, redo: 'name' },
    });
    expect(s.step('a', 5, 'undo', 23_000)).toEqual({ kind: 'nothing' });
    expect(s.step('a', 5, 'redo', 24_000)).toMatchObject({ version: 6, job: { name: 'One' } });
    expect(s.step('a', 2, 'redo', 24_000)).toMatchObject({ kind: 'stale', version: 6 });
    s.update('a', 6, { ...job, name: 'Else' }, 25_000);
    expect(s.load('a')!.steps).toEqual({ undo: 'name', redo: null });
  });
  it('a name typed in bursts is one step; the sixty newest steps are kept', () => {
    const s = memory();
    s.insert('a', job, 0);
    'Lids'
      .split('')
      .forEach((_c, i) => s.update('a', i + 1, { ...job, name: 'Lids'.slice(0, i + 1) }, 1000 * i));
    expect(s.step('a', 5, 'undo', 9000)).toMatchObject({ job: { name: job.name }, steps: { undo: null } });
    for (let i = 0; i < 70; i++) s.update('a', 6 + i, { ...job, name: `n${i}` }, 20_000 + 10_000 * i);
    let version = 76;
    let back = 0;
    for (;;) {
      const r = s.step('a', version, 'undo', 1e9);
      if (r.kind !== 'saved') break;
      version = r.version;
      back++;
    }
    expect(back).toBe(60);
  });
  it('opens again at the same place, and refuses a database from a newer program politely', () => {
    const file = join(folder, 'again.sqlite');
    const db = openDatabase(file, MIGRATIONS);
    jobStore(db).insert('a', job, 1);
    db.close();
    const again = openDatabase(file, MIGRATIONS);
    expect(jobStore(again).list()).toHaveLength(1);
    again.pragma('user_version = 99');
    again.close();
    expect(() => openDatabase(file, MIGRATIONS)).toThrow(DatabaseTooNew);
  });
  it('a migration that fails leaves the database as it was', () => {
    const file = join(folder, 'broken.sqlite');
    openDatabase(file, MIGRATIONS).close();
    expect(() =>
      openDatabase(file, [
        ...MIGRATIONS,
        { number: MIGRATIONS.at(-1)!.number + 1, sql: 'CREATE TABLE x (a); THIS IS NOT SQL;' },
      ]),
    ).toThrow();
    const db = openDatabase(file, MIGRATIONS);
    expect(db.pragma('user_version', { simple: true })).toBe(MIGRATIONS.at(-1)!.number);
    expect(db.prepare("SELECT count(*) AS n FROM sqlite_master WHERE name = 'x'").get()).toEqual({ n: 0 });
  });
  it('a row that is no job is reported by its id, never passed on', () => {
    const db = openDatabase(':memory:', MIGRATIONS);
    db.prepare(
      "INSERT INTO jobs (id, version, doc, created_ms, updated_ms) VALUES ('odd', 1, '{\"name\":3}', 1, 1)",
    ).run();
    expect(() => jobStore(db).load('odd')).toThrow(BrokenRow);
  });
});

describe('photographs', () => {
  it('lie beside the database, are listed by job, taken out and limited; a picture is found by its row alone', () => {
    const db = openDatabase(':memory:', MIGRATIONS);
    jobStore(db).insert('a', job, 1);
    const store = photoStore(db, join(folder, 'photos'));
    const picture = Uint8Array.from([0xff, 0xd8, 0xff, 0xd9]);
    expect(store.add('a', { id: 'one', partId: 'bonnet', moment: 'before' }, picture, 5)).toBe('kept');
    expect(store.list('a')).toEqual([
      { id: 'one', partId: 'bonnet', moment: 'before', bytes: 4, createdMs: 5, note: '', step: '' },
    ]);
    expect([
      store.note('one', 'chip by the hinge'),
      store.list('a')[0]!.note,
      store.note('none', 'x'),
    ]).toEqual([true, 'chip by the hinge', false]);
    expect(Uint8Array.from(store.read('one')!)).toEqual(picture);
    expect(store.read('../photos/one')).toBeNull();
    expect([
      store.remove('one', 9),
      store.remove('one', 9),
      store.list('a').length,
      store.read('one'),
    ]).toEqual([true, false, 0, null]);
    for (let i = 0; i < MOST_PHOTOS; i++)
      store.add('a', { id: `p${i}`, partId: 'bonnet', moment: 'after' }, picture, i);
    expect(store.add('a', { id: 'more', partId: 'bonnet', moment: 'after' }, picture, 99)).toBe('too-many');
  });
});

describe('killed while writing', () => {
  it('every acknowledged version survives kill −9, eight times over', async () => {
    const file = join(folder, 'killed.sqlite');
    const db = openDatabase(file, MIGRATIONS);
    jobStore(db).insert('a', job, 1);
    db.close();
    // A writer of its own that acknowledges each version only after the commit.
    const writer = join(folder, 'writer.cjs');
    writeFileSync(
      writer,
      `
      const Database = require(${JSON.stringify(join(process.cwd(), 'node_modules', 'better-sqlite3'))});
      const db = new Database(${JSON.stringify(file)});
      db.pragma('journal_mode = WAL'); db.pragma('synchronous = FULL');
      const up = db.prepare("UPDATE jobs SET version = version + 1, doc = json_set(doc, '$.name', 'v' || (version + 1)) WHERE id = 'a'");
      const at = db.prepare("SELECT version FROM jobs WHERE id = 'a'");
      setInterval(() => { for (let i = 0; i < 5; i++) { up.run(); process.send(at.get().version); } }, 0);
    `,
    );
    let acknowledged = 1;
    for (let round = 0; round < 8; round++) {
      const child = fork(writer, { stdio: 'ignore' });
      await new Promise<void>((done) => {
        child.on('message', (v) => {
          acknowledged = v as number;
        });
        // Counted from its first acknowledgement: however long it takes to start, it dies while it writes.
        child.once('message', () => setTimeout(() => child.kill('SIGKILL'), 20 + round * 13));
        child.on('exit', () => done());
      });
      const again = openDatabase(file, MIGRATIONS);
      const stored = jobStore(again).load('a')!;
      again.close();
      expect(stored.version).toBeGreaterThanOrEqual(acknowledged);
      if (stored.version > 1) expect(stored.job.name).toBe(`v${stored.version}`);
    }
    expect(acknowledged).toBeGreaterThan(8);
  });
});
