import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { jobStore } from '@/data/job-store';
import type { Db } from '@/data/db';
import { migrationsIn, openDatabase } from '@/data/open';
import { stockStore } from '@/data/stock-store';
import { tickStore } from '@/data/tick-store';
import { DEMO_JOBS, DEMO_STOCK } from '@/demo/jobs';
import { listCsv, listText } from '@/formats/shopping-file';
import type { Job } from '@/model/job';
import type { ShoppingList } from '@/model/shopping';
import { packSolver, type PackSolver } from '@/solver/pack-solver';
import { formatFor } from '@/words/format';
import { lineName } from '@/words/shopping';
import { setPrice } from './set-price';
import { shoppingFor, type Shopping } from './shopping';
import { jobsChosen } from './wants';
import { shelfView } from '../shelf';

let db: Db;
let solve: PackSolver;
const folder = mkdtempSync(join(tmpdir(), 'pellucid-shop-'));
const NOW = Date.parse('2026-05-16T07:50:00+01:00');
const bare = (id: string): Job => {
  const { state: _s, shelf: _f, ...job } = DEMO_JOBS.find((d) => d.id === id)!.job;
  return job;
};
beforeAll(async () => {
  solve = await packSolver();
  db = openDatabase(
    join(folder, 'shop.sqlite'),
    migrationsIn(join(process.cwd(), 'src', 'data', 'migrations')),
  );
  DEMO_JOBS.slice(0, 3).forEach((d, i) => jobStore(db).insert(d.id, bare(d.id), i));
});
afterAll(() => {
  db.close();
  rmSync(folder, { recursive: true });
});
const shopping = (ids: string[] | null): Shopping => {
  const { jobs } = jobsChosen(jobStore(db), ids === null ? null : ids.join(','));
  return shoppingFor({ jobs, items: stockStore(db).list() }, { solve, nowMs: NOW });
};
const list = (ids: string[] | null = null): ShoppingList => {
  const s = shopping(ids);
  if (s.kind !== 'list') throw new Error('two currencies');
  return s.list;
};

describe('shopping', () => {
  it('several jobs together never cost more paint than one by one, and every line adds up', () => {
    const all = list();
    expect(all.lines.length).toBeGreaterThan(10);
    expect(all.paint).toBeLessThanOrEqual(all.apart + 1e-9);
    for (const l of all.lines) expect(l.cost).toBeCloseTo(l.have ? 0 : l.count * l.price, 9);
    expect(all.lines.reduce((a, l) => a + l.cost, 0)).toBeCloseTo(all.paint + all.prep, 6);
    expect(all.total).toBeCloseTo(all.paint + all.prep + all.tax, 9);
    expect(new Set(all.lines.map((l) => l.key)).size).toBe(all.lines.length);
  });
  it('what is good on the shelf is used first, what is past its time is not', () => {
    const count = (id: string): number =>
      list()
        .lines.filter((l) => l.key.startsWith(`${id}@`))
        .reduce((a, l) => a + l.count * l.packSize, 0);
    const before = count('tamsel-filler');
    const etch = count('tamsel-etch');
    const stock = stockStore(db);
    for (const { id, ...draft } of DEMO_STOCK)
      stock.add(id, id === 'shelf-filler' ? { ...draft, remainingMl: 400 } : draft, NOW);
    expect(count('tamsel-filler')).toBeLessThan(before);
    expect(list().shelf.find((s) => s.ingredientId === 'tamsel-filler')!.ml).toBe(400);
    // The etch on the shelf was opened three years ago.
    expect(count('tamsel-etch')).toBe(etch);
  });
  it('a job that buys in stages: its colour and clear can wait, until another job wants the same now', () => {
    const now = jobsChosen(jobStore(db), 'cargo-bike').jobs[0]!;
    const staged = { ...now, id: 'staged', job: { ...now.job, buying: 'staged' as const } };
    const listOf = (...jobs: (typeof now)[]): ShoppingList => {
      const s = shoppingFor({ jobs, items: [] }, { solve, nowMs: NOW });
      if (s.kind !== 'list') throw new Error('two currencies');
      return s.list;
    };
    const waits = (l: ShoppingList) => l.lines.filter((x) => x.canWait).map((x) => x.productId);
    const alone = listOf(staged);
    expect(waits(alone)).toEqual(['halden-1k-satin', 'orrin-base']);
    expect(alone.lines.filter((l) => l.group === 'paint' && !l.canWait).length).toBeGreaterThan(0);
    const text = listText(alone, formatFor('metric'));
    expect(text.indexOf('Can wait: colour and clear')).toBeGreaterThan(text.indexOf('Protection'));
    expect(listCsv(alone, formatFor('metric')).split('\r\n')[0]).toContain('can wait');
    // The same paint for a job that buys at once.
    expect(waits(listOf(staged, now))).toEqual([]);
  });
  it('what a job says is in hand is not bought', () => {
    const store = jobStore(db);
    const j = store.load('cargo-bike')!;
    const cans = (): number =>
      list(['cargo-bike'])
        .lines.filter((l) => l.productId === 'halden-1k-satin')
        .reduce((a, l) => a + l.count, 0);
    const was = cans();
    store.update(
      'cargo-bike',
      j.version,
      { ...j.job, shelf: [{ productId: 'halden-1k-satin', remainingMl: 800 }] },
      NOW,
    );
    expect(was - cans()).toBe(2);
    store.update('cargo-bike', j.version + 1, j.job, NOW);
  });
  it('cans of two colours are two lines, and a can of another colour on the shelf is no help', () => {
    const base = list().lines.filter((l) => l.productId === 'orrin-base');
    expect(base.length).toBeGreaterThan(1);
    expect(new Set(base.map((l) => l.colour)).size).toBe(base.length);
    const total = (): number =>
      list()
        .lines.filter((l) => l.productId === 'orrin-base' && l.colour !== 'Moss green')
        .reduce((a, l) => a + l.count, 0);
    const was = total();
    const { id: _id, ...green } = DEMO_STOCK[1]!;
    stockStore(db).add(
      'moss',
      { ...green, colour: 'moss GREEN', sizeMl: 4000, remainingMl: 4000, openedOn: '2026-05-01' },
      NOW,
    );
    expect(total()).toBe(was);
    expect(list().lines.some((l) => l.productId === 'orrin-base' && l.colour === 'Moss green')).toBe(false);
    stockStore(db).remove('moss', NOW);
  });
  it('a price set in the list is in every job that buys it, and in the next list', () => {
    const line = list().lines.find((l) => l.group === 'paint' && l.jobs.length > 1)!;
    expect(setPrice(jobStore(db), line.jobs, { key: line.priceKey, price: 3.5 }, NOW)).toBe(line.jobs.length);
    expect(list().lines.find((l) => l.key === line.key)!.price).toBe(3.5);
    for (const id of line.jobs) expect(jobStore(db).load(id)!.steps.undo).not.toBeNull();
  });
  it('jobs in two currencies are refused by name', () => {
    jobStore(db).insert(
      'abroad',
      { ...bare('cargo-bike'), name: 'Abroad', budget: { currency: 'EUR', amount: 90 } },
      9,
    );
    const s = shopping(null);
    expect(s).toEqual({ kind: 'currencies', currencies: ['GBP', 'EUR'] });
    expect(list(['abroad']).currency).toBe('EUR');
    jobStore(db).remove('abroad', NOW);
  });
  it('as text and as CSV it says the same lines; a formula in a name stays text', () => {
    const f = formatFor('metric');
    const l = list();
    const text = listText(l, f);
    const csv = listCsv(
      { ...l, lines: [{ ...l.lines[0]!, name: '=1+1', part: 'base' }, ...l.lines.slice(1)] },
      f,
    );
    for (const x of l.lines) expect(text).toContain(lineName(x));
    expect(text).toContain(`In all: ${f.money(l.total, 'GBP')}`);
    expect(csv.split('\r\n').length).toBe(l.lines.length + 2);
    expect(csv).toContain("'=1+1");
    expect(listText(l, formatFor('us'))).toMatch(/fl oz/);
  });
  it('ticks stay until they are taken away', () => {
    const t = tickStore(db);
    t.set('tape', true, 1);
    t.set('tape', true, 2);
    t.set('gloves', true, 3);
    t.set('gloves', false, 4);
    expect(t.list()).toEqual(['tape']);
    t.clear();
    expect(t.list()).toEqual([]);
  });
});

describe('the shelf in the database', () => {
  it('every change leaves a move; more than there is is refused and nothing changes; taken off and put back', () => {
    const s = stockStore(db);
    const { id: _id, ...draft } = DEMO_STOCK[0]!;
    s.add('one', { ...draft, remainingMl: 100 }, 1);
    expect(s.take('one', 140, 'too much', 2)).toEqual({ kind: 'too-little', remainingMl: 100 });
    expect(s.load('one')!.remainingMl).toBe(100);
    expect(s.take('one', 60, 'bonnet', 3)).toEqual({ kind: 'taken', remainingMl: 40 });
    expect(s.change('one', { ...draft, remainingMl: 35 }, { kind: 'weighed', note: '' }, 4)).toBe(true);
    expect(s.moves(3).map((m) => [m.kind, m.beforeMl, m.afterMl])).toEqual([
      ['weighed', 40, 35],
      ['used', 100, 40],
      ['added', 0, 100],
    ]);
    expect([s.remove('one', 5), s.load('one'), s.restore('one', 6), s.load('one')!.remainingMl]).toEqual([
      true,
      null,
      true,
      35,
    ]);
    expect(s.take('none', 1, '', 7)).toEqual({ kind: 'missing' });
    expect(() => db.prepare("UPDATE stock SET remaining_ml = -1 WHERE id = 'one'").run()).toThrow(/CHECK/);
  });
  it('cans that jobs opened and that live, with their hours; the dead and those of the future are none', () => {
    const store = jobStore(db);
    const before = shelfView(store, stockStore(db), NOW).alive.length;
    const opened = (at: string) => ({ productId: 'halden-2k-gloss', at, cans: 1 });
    const activations = [opened('2026-05-16T06:50'), opened('2026-05-13T06:50'), opened('2026-05-16T20:00')];
    store.insert(
      'alive',
      { ...bare('tractor-bonnet'), name: 'Alive', state: { coats: [], activations } },
      NOW,
    );
    const { alive } = shelfView(store, stockStore(db), NOW);
    expect(alive).toHaveLength(before + 1);
    const mine = alive.find((c) => c.jobId === 'alive')!;
    // Opened an hour before 07:50; its label gives two days.
    expect(mine).toMatchObject({ jobName: 'Alive', productName: 'Halden 2K clear', leftMin: 47 * 60 });
    expect(mine.deadAt.slice(0, 16)).toBe('2026-05-18T06:50');
  });
  it('the page’s view: the worst first, who could use it up, what is set aside', () => {
    const store = jobStore(db);
    const j = store.load('tractor-bonnet')!;
    store.update(
      'tractor-bonnet',
      j.version,
      { ...j.job, shelf: [{ productId: 'tamsel-filler', remainingMl: 50, stockId: 'shelf-filler' }] },
      NOW,
    );
    const v = shelfView(store, stockStore(db), NOW);
    const states = v.rows.map((r) => r.expiry.state);
    expect(states[0]).toBe('expired');
    const row = v.rows.find((r) => r.item.id === 'shelf-filler')!;
    expect(row.setAside).toEqual([{ jobId: 'tractor-bonnet', name: bare('tractor-bonnet').name, ml: 50 }]);
    expect(row.wantedBy.every((w) => w.jobId !== 'tractor-bonnet')).toBe(true);
    // A maker's reducer is wanted by a job that mixes one of his products.
    store.insert(
      'gun',
      {
        ...bare('tractor-bonnet'),
        name: 'With a gun',
        equipment: { sprayer: 'hvlp', suppliedAir: true },
        system: {
          layers: [
            { role: 'surfacer', productId: 'tamsel-surfacer', coats: 2 },
            { role: 'colour', productId: 'skerry-single', coats: 2 },
          ],
        },
      },
      NOW,
    );
    stockStore(db).add(
      'thin',
      {
        productId: 'tamsel.reducer',
        part: 'reducer',
        name: 'Tamsel reducer',
        sizeMl: 1000,
        remainingMl: 700,
      },
      NOW,
    );
    expect(
      shelfView(store, stockStore(db), NOW)
        .rows.find((r) => r.item.id === 'thin')!
        .wantedBy.map((w) => w.jobId),
    ).toEqual(['gun']);
  });
});
