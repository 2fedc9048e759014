/** The demo’s year reads as jobs, teaches what it was made with, and its files come in again as they went out. */
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { logbookCsv, logbookJson } from '@/formats/logbook-file';
import { parseJob } from '@/formats/job-file';
import type { JobStore, StoredJob } from '@/usecases/ports';
import { askedIn, queryOf } from '@/formats/logbook-query';
import type { LogbookAsked } from '@/model/logbook-asked';
import { logbook } from '@/usecases/logbook';
import { newJob } from '@/usecases/new-job';
import { closedJobs } from '@/usecases/learned-item';
import { learnedItems, ownUse, unlearn } from '@/usecases/own-use';
import { NOW } from './test-kit';
import { demoFinished, demoYear } from './year';

const steps = { undo: null, redo: null };
/** A store of closed jobs alone, the last closed first. */
function storeOf(jobs = demoYear()): JobStore & { readonly all: Map<string, StoredJob> } {
  const all = new Map<string, StoredJob>(
    jobs.map(({ id, job }, i) => [id, { id, job, version: 1, createdMs: i, updatedMs: i, steps }]),
  );
  const closed = () =>
    [...all.values()]
      .filter((s) => s.job.log?.closedAt)
      .sort((a, b) => b.job.log!.closedAt!.localeCompare(a.job.log!.closedAt!));
  const part = {
    all,
    list: () => [...all.values()],
    heads: () => [],
    newest: () => closed()[0],
    closed: ({ skip, most }: { skip: number; most: number }) => ({
      rows: closed().slice(skip, skip + most),
      total: closed().length,
    }),
    insert: (id: string, job: StoredJob['job']) => {
      all.set(id, { id, job, version: 1, createdMs: 99, updatedMs: 99, steps });
    },
    update: (id: string, version: number, job: StoredJob['job']) => {
      all.set(id, { ...all.get(id)!, job, version: version + 1 });
      return { kind: 'saved' as const, version: version + 1, job, steps };
    },
  };
  return part as unknown as JobStore & { readonly all: Map<string, StoredJob> };
}

describe('a year of finished jobs', () => {
  it('each is a job that Pellucid reads, on a day of its own', () => {
    const year = demoYear();
    expect(year).toHaveLength(11);
    for (const { job } of year) expect(parseJob(JSON.parse(JSON.stringify(job))).ok).toBe(true);
    expect(new Set(year.map((j) => j.job.log!.closedAt)).size).toBe(11);
  });
  it('the lid that was there has the air of its days as well', () => {
    for (const { job } of demoFinished()) {
      expect(job.log!.trace!.length).toBeGreaterThan(24);
      expect(parseJob(JSON.parse(JSON.stringify(job))).ok).toBe(true);
    }
  });
  it('teaches the use it was made with: 0.93, within a twentieth, from its weighed coats', () => {
    const { habit } = ownUse(closedJobs(storeOf()), 'aerosol');
    expect(Math.abs(habit!.factor / 0.93 - 1)).toBeLessThan(0.05);
    expect(habit!.jobs).toBeGreaterThan(60);
    expect(habit!.sdFrac).toBeLessThan(0.03);
  });
  it('changes the next job, and goes back when it is reset, item by item', () => {
    const store = storeOf();
    const before = newJob(store, 'a', NOW);
    expect(before.habit!.factor).toBeLessThan(0.98);
    expect(unlearn(store, 'use:aerosol', true, NOW)).toBe(11);
    expect(newJob(store, 'b', NOW).habit).toBeUndefined();
    expect(learnedItems(store).map((x) => x.item)).not.toContain('use:aerosol');
    unlearn(store, 'use:aerosol', false, NOW);
    expect(newJob(store, 'c', NOW).habit!.factor).toBeCloseTo(before.habit!.factor, 9);
  });
  it('says what one more weighed coat would leave of the doubt: less, and never nothing', () => {
    const [use] = learnedItems(storeOf(demoYear().slice(0, 1)));
    expect(use!.sdFracWithOneMore).toBeLessThan(use!.sdFrac);
    expect(use!.sdFracWithOneMore).toBeGreaterThan(0);
  });
});

describe('the logbook', () => {
  it('finds by paint, fault and note, all words at once, and says how many there are in all', () => {
    const store = storeOf();
    expect(logbook(store, {}, NOW)).toMatchObject({ total: 11 });
    expect(logbook(store, { words: 'RUNS' }, NOW).rows.map((r) => r.id)).toEqual(['y-crate', 'y-shutter']);
    expect(logbook(store, { words: 'enamel' }, NOW).rows).toHaveLength(3);
    expect(logbook(store, { words: 'gnat 2K' }, NOW).rows.map((r) => r.id)).toEqual(['y-trailer']);
    expect(logbook(store, { words: 'nothing-like-it' }, NOW).rows).toEqual([]);
  });
  it('by year, by what it was sprayed with, by whether anything went wrong; together as well', () => {
    const store = storeOf();
    const ids = (asked: LogbookAsked): string[] => logbook(store, asked, NOW).rows.map((r) => r.id);
    expect(ids({ year: '2025' })).toHaveLength(7);
    expect(ids({ year: '2026', faults: 'some' })).toEqual(['y-shutter']);
    expect(ids({ faults: 'none' }).length + ids({ faults: 'some' }).length).toBe(11);
    expect(ids({ sprayer: 'hvlp' })).toEqual([]);
    expect(logbook(store, { year: '2025' }, NOW)).toMatchObject({
      total: 11,
      years: ['2025', '2026'],
      sprayers: ['aerosol'],
    });
  });
  it('what is asked stands in the address and is read from it again; what is none is left', () => {
    const asked: LogbookAsked = { words: 'grau & blau', year: '2025', sprayer: 'hvlp', faults: 'none' };
    expect(askedIn(new URLSearchParams(queryOf(asked)))).toEqual(asked);
    expect(queryOf({})).toBe('');
    expect(askedIn(new URLSearchParams('year=last&faults=many&q=%20'))).toEqual({});
  });
  it('is looked at again after 1, 6 and 12 months; a look in between is that of the month before', () => {
    const [first] = demoYear();
    const closed = {
      ...first!,
      job: { ...first!.job, log: { ...first!.job.log!, closedAt: '2025-08-31T12:00' } },
    };
    const row = logbook(storeOf([closed]), {}, NOW).rows[0]!;
    // The end of a short month is its last day.
    expect(row.looks.map((l) => l.due)).toEqual(['2025-09-30', '2026-02-28', '2026-08-31']);
    const looked = {
      ...closed,
      job: { ...closed.job, log: { ...closed.job.log, looks: [{ on: '2025-10-02', mark: 4 }] } },
    };
    expect(logbook(storeOf([looked]), {}, NOW).rows[0]!.looks.map((l) => l.isDone)).toEqual([
      true,
      false,
      false,
    ]);
  });
  it('goes out as JSON and comes in without loss', () => {
    const { rows } = logbook(storeOf(), {}, NOW);
    const file = JSON.parse(logbookJson(rows)) as { jobs: unknown[] };
    const back = file.jobs.map((raw) => {
      const parsed = parseJob(raw);
      return parsed.ok ? parsed.value : null;
    });
    expect(back).toEqual(rows.map((r) => r.job));
  });
  it('as a table an independent reader finds every record and paint in it', () => {
    const { rows } = logbook(storeOf(), {}, NOW);
    const read = Papa.parse<Record<string, string>>(logbookCsv(rows), { header: true });
    expect(read.errors).toEqual([]);
    expect(new Set(read.data.map((l) => l.job))).toEqual(new Set(rows.map((r) => r.job.name)));
    expect(read.data).toHaveLength(rows.reduce((a, r) => a + r.used.length, 0));
    const gate = read.data.find((l) => l.job === 'Side gate panel' && l.paint === 'Tamsel filler primer')!;
    expect(gate).toMatchObject({ gloss: '3', currency: 'GBP', film_um: '80' });
  });
});
