/** Jobs planned together, from the database to the plan and the shopping list. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { agreedOf } from '@/core/agreed';
import { planAndAir } from '@/core/plan';
import { handsOf, NOTHING_AROUND } from '@/core/schedule/around';
import { agreedShelf } from '@/data/agreed-shelf';
import { jobStore } from '@/data/job-store';
import { migrationsIn, openDatabase } from '@/data/open';
import { demo, NOW } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import { NO_READINGS } from '@/model/reading';
import { packSolver } from '@/solver/pack-solver';
import { simulatedForecast } from '@/standins/weather';
import { begunAnew } from './copy-job';
import { Plans, type Planning } from './plans';
import type { JobStore } from './ports';
import { shoppingFor } from './shopping/shopping';
import { askedTogether, togetherFor } from './together';
import { keepTurns, MOST_IN_TURN, sharedCans } from './turns';
import { viewJob } from './view-job';

const folder = mkdtempSync(join(tmpdir(), 'pellucid-turns-'));
const migrations = migrationsIn(join(process.cwd(), 'src', 'data', 'migrations'));
afterAll(() => rmSync(folder, { recursive: true }));

let store: JobStore;
let planning: Planning;
let nth = 0;
beforeEach(() => {
  store = jobStore(openDatabase(join(folder, `w${nth++}.sqlite`), migrations));
  planning = {
    weather: {
      forecastFor: async (place, nowMs) => ({
        ...simulatedForecast(place, nowMs),
        source: { kind: 'standin' },
      }),
    },
    plans: new Plans(async (request) => planAndAir(request), { get: () => null, keep: () => undefined }),
    inTurn: () => store.inTurn(MOST_IN_TURN),
    agreed: { get: () => null, keep: () => undefined },
    came: { of: () => [], keep: () => undefined },
    readingsFor: () => NO_READINGS,
  };
});
const add = (id: string, job: Job): void => store.insert(id, job, nth);
const asked = { nowMs: NOW };
const planned = async (job: Job) =>
  planAndAir({ job, ...simulatedForecast(job.place, NOW), nowMs: NOW }).plan;
const viewOf = async (id: string) => (await viewJob(store, planning, id, asked))!;

describe('jobs in turn', () => {
  it('are kept in their order; who is left out is planned for itself, who is closed or taken off has no turn', () => {
    for (const id of ['a', 'b', 'c', 'd']) add(id, demo('cargo-bike'));
    expect(keepTurns(store, ['c', 'a', 'b'], NOW)).toBe(3);
    expect(store.inTurn(9).map((s) => s.id)).toEqual(['c', 'a', 'b']);
    expect(keepTurns(store, ['b', 'c', 'gone'], NOW)).toBe(2);
    expect(store.inTurn(9).map((s) => s.id)).toEqual(['b', 'c']);
    expect(store.load('a')!.job.turn).toBeUndefined();
    store.remove('b', NOW);
    expect(store.inTurn(9).map((s) => s.id)).toEqual(['c']);
    const c = store.load('c')!;
    store.update(
      'c',
      c.version,
      { ...c.job, log: { closedAt: '2026-05-16T09:00:00+01:00', used: [], outcomes: [], note: '' } },
      NOW,
    );
    expect(store.inTurn(9)).toEqual([]);
  });
  it('a job begun anew from another has no turn', () => {
    expect(begunAnew({ ...demo('cargo-bike'), turn: 2 }, new Set()).turn).toBeUndefined();
  });
  it('what the last has just sprayed is in the way of the first: its film dries, whoever comes first', async () => {
    const [layer] = (await planned(demo('cargo-bike'))).layers;
    const sprayed = {
      coats: [{ layerId: layer!.id, coat: 1, endedAt: '2026-05-16T07:40' }],
      activations: [],
    };
    add('first', demo('cargo-bike'));
    add('last', { ...demo('cargo-bike'), state: sprayed });
    keepTurns(store, ['first', 'last'], NOW);
    const [first, last] = [await viewOf('first'), await viewOf('last')];
    expect(first.around.hands).toEqual([]);
    expect(first.around.wet.length).toBe(1);
    expect(first.around.wet[0]!.startMs).toBe(NOW);
    // Its own film is no other's.
    expect(last.around.wet.every((w) => w.startMs > NOW)).toBe(true);
  });
  it('the second is planned around the first, the first as if it were alone', async () => {
    add('first', demo('cargo-bike'));
    add('second', demo('cargo-bike'));
    const alone = await viewOf('second');
    expect(alone.around).toEqual(NOTHING_AROUND);
    keepTurns(store, ['first', 'second'], NOW);
    const [first, second] = [await viewOf('first'), await viewOf('second')];
    expect(first.around).toEqual(NOTHING_AROUND);
    expect(second.around.hands.length).toBeGreaterThan(0);
    for (const a of handsOf(first.plan))
      for (const b of handsOf(second.plan)) expect(a.startMs < b.endMs && b.startMs < a.endMs).toBe(false);
    expect(second.plan.sessions[0]!.startsAt).not.toBe(alone.plan.sessions[0]!.startsAt);
  });
  it('what the bench is told is what each of their pages shows', async () => {
    const ids = ['stand-mixer', 'tractor-bonnet'];
    for (const id of ids) add(id, demo(id));
    const found = togetherFor({ jobs: await askedTogether(store.list(), planning, NOW), seeks: true });
    keepTurns(
      store,
      found.rows.map((r) => r.id),
      NOW,
    );
    for (const row of found.rows) {
      const { plan } = await viewOf(row.id);
      expect({ startsAt: plan.sessions[0]!.startsAt, chance: plan.chance }).toEqual(row.now);
    }
  });
  it('a can that serves two is on the list once; each for itself buys two', async () => {
    const solve = await packSolver();
    add('one', demo('stand-mixer'));
    add('two', demo('stand-mixer'));
    const clears = async (): Promise<number> => {
      const shared = await sharedCans(planning, asked);
      const s = shoppingFor({ jobs: store.list(), items: [], shared }, { solve, nowMs: NOW });
      if (s.kind !== 'list') throw new Error(s.kind);
      const mine = s.list.lines.filter((l) => l.productId === 'halden-2k-gloss');
      return mine.reduce((a, l) => a + l.count, 0);
    };
    expect(await clears()).toBe(2);
    keepTurns(store, ['one', 'two'], NOW);
    expect(await clears()).toBe(1);
  });
});

describe('the plan that was agreed to', () => {
  it('is there after a new start; what cannot be read is none', async () => {
    add('one', demo('cargo-bike'));
    const { job, plan, issuedMs, readings, around } = await viewOf('one');
    const agreed = agreedOf({ job, plan, issuedMs, readings, around }, NOW);
    agreedShelf(folder).keep('one', agreed);
    expect(agreedShelf(folder).get('one')).toEqual(agreed);
    expect(agreedShelf(folder).get('two')).toBeNull();
    agreedShelf(folder).keep('bad', { ...agreed, coats: -1 });
    expect(agreedShelf(folder).get('bad')).toBeNull();
  });
  it('is forgotten with a damaged file, and kept anew', () => {
    const other = mkdtempSync(join(tmpdir(), 'pellucid-agreed-'));
    writeFileSync(join(other, 'plans.sqlite'), 'no database');
    expect(agreedShelf(other).get('one')).toBeNull();
    rmSync(other, { recursive: true });
  });
});
