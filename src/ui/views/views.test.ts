/** What pages show, computed apart from them. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import type { Job } from '@/model/job';
import type { ShoppingList } from '@/model/shopping';
import type { StockItem } from '@/model/stock';
import type { ShelfRow, ShelfView } from '@/usecases/shelf';
import { durationOf, formatFor } from '@/words/format';
import { needsMixing } from './materials';
import { followingFrom } from './purpose';
import { broughtIn, figuresOf, freshSheetId, likeness, rangeSaid, saidOf } from './sheets';
import {
  asPartOf,
  bodyOf,
  draftOf,
  expirySaid,
  freshItem,
  isOverpromised,
  patchDraft,
  productOf,
  weighedMl,
  advice,
  worryCount,
} from './shelf';
import { chosenWith, savedTogether, shoppingGroups, tickedSaid } from './shopping';
import { dotByKey, dotInside, traceOf } from './trace';
import {
  blockersSaid,
  budgetShares,
  chainText,
  oddsPct,
  packsToBuy,
  packsWord,
  stageCautions,
  standingOf,
} from './verdict';
import { broughtBack, holdsText, keptLine, lookedText, sendingText, sentPct } from './workshop';
import { demo, simulated } from '@/demo/test-kit';

const f = formatFor('metric');
const planned = (id: string, over: Partial<Job> = {}) => {
  const job = { ...demo(id), ...over };
  return { job, plan: simulated(job) };
};
const bonnet = planned('tractor-bonnet');
const bike = planned('cargo-bike');

describe('the verdict', () => {
  it('odds are the good futures drawn to the mean of their week, said with their own figures', () => {
    const last = bonnet.plan.sessions.at(-1)!;
    const pool = { mean: 0.62, futures: 4 };
    const p = {
      ...bonnet.plan,
      chance: 0.93,
      sessions: [
        ...bonnet.plan.sessions.slice(0, -1),
        { ...last, oksOf: [48, 50] as [number, number], pool },
      ],
    };
    expect(oddsPct(p)).toBe(93);
    expect(chainText(p)).toContain('48 of 50 futures');
    expect(chainText(p)).toContain('this week’s starts, 62 %, which counts for 4 futures more, that is 93 %');
  });
  it('a blocked plan, one that is all done and one to do stand differently', () => {
    expect(standingOf(bonnet.plan)).toBe('to-do');
    expect(standingOf({ ...bonnet.plan, sessions: [] })).toBe('done');
    expect(standingOf({ ...bonnet.plan, kind: 'blocked' })).toBe('blocked');
  });
  it('the cautions of a stage come by weight, three at most; the spray day has its own panel', () => {
    const cautions = stageCautions(bonnet.plan, 'surface').map((c) => c.code);
    expect(cautions).toEqual(['old-paint-lead', 'rub-test']);
    expect(stageCautions(bonnet.plan, 'build-up').length).toBeLessThanOrEqual(3);
    expect(stageCautions(bonnet.plan, 'spray-day')).toEqual([]);
  });
  it('what is in the way names its session where there are several, and nothing stands twice', () => {
    const suits = bike.plan.suits;
    const stuck = suits.map(({ sessionId }) => ({ code: 'no-free-stretch', params: { session: sessionId } }));
    const blocked = { ...bike.plan, blockers: [...stuck, stuck[0]!] };
    expect(blockersSaid(blocked, f)).toEqual([
      'Etch and filler: No free stretch in the forecast is long enough. Widen the free hours.',
      'Base and clear: No free stretch in the forecast is long enough. Widen the free hours.',
    ]);
    const one = { ...blocked, suits: suits.slice(0, 1) };
    expect(blockersSaid(one, f)).toEqual([
      'No free stretch in the forecast is long enough. Widen the free hours.',
    ]);
  });
  it('packs are counted one by one; a budget that is passed is over', () => {
    const tin = { count: 1, unit: 'tin' };
    const materials = [
      {
        ingredients: [
          {
            packs: [
              { count: 2, unit: 'can' },
              { count: 1, unit: 'can' },
            ],
          },
        ],
      },
      { ingredients: [{ packs: [tin] }, { packs: [tin, tin] }] },
    ];
    expect(packsToBuy({ materials } as never)).toEqual({ cans: 3, tins: 3 });
    expect(packsWord({ cans: 3, tins: 3 })).toBe('Cans and tins to buy');
    expect(packsWord({ cans: 0, tins: 3 })).toBe('Tins to buy');
    expect(packsWord({ cans: 0, tins: 0 })).toBe('Cans to buy');
    expect(budgetShares(120, 100)).toMatchObject({ over: true });
    expect(budgetShares(54, 108)).toEqual({ total: 54 / (108 * 1.08), budget: 1 / 1.08, over: false });
  });
});

describe('sheets of one’s own', () => {
  it('a value of a label in words, with the range it came from', () => {
    expect(saidOf({ field: 'flashMin', value: 15, from: '' } as never)).toBe(durationOf(15));
    expect(saidOf({ field: 'rhMaxFrac', value: 0.855, from: '' } as never)).toBe('85.5 %');
    expect(saidOf({ field: 'tempMinC', value: 10, from: '' } as never)).toBe('10 °C');
    expect(saidOf({ field: 'mix', value: { base: 4, hardener: 1, reducer: 0 }, from: '' } as never)).toBe(
      '4 : 1',
    );
    expect(saidOf({ field: 'isocyanate', value: true, from: '' } as never)).toBe('yes');
    expect(rangeSaid({ field: 'coats', value: 2, range: [2, 3], from: '' } as never)).toBe('2 to 3');
    expect(rangeSaid({ field: 'coats', value: 2, from: '' } as never)).toBeNull();
  });
  it('an id that is free, from any name; a product like what the label says', () => {
    expect(freshSheetId('  Héllo Blue! ', [])).toBe('own-h-llo-blue');
    expect(freshSheetId('Blue', ['own-blue', 'own-blue-2'])).toBe('own-blue-3');
    expect(freshSheetId('***', [])).toBe('own-own');
    expect(
      likeness(
        [
          { field: 'kind', value: 'clear' },
          { field: 'isocyanate', value: true },
        ] as never,
        CATALOGUE,
      ),
    ).toMatchObject({ kind: 'clear', isocyanate: true });
    expect(likeness([], CATALOGUE).kind).toBe('basecoat');
  });
  it('what came of bringing sheets in, and which figures a sheet has', () => {
    const bad = [{ row: 3, name: 'X', faults: [{ path: 'coats', expected: '1 to 8' }] }];
    expect(broughtIn({ products: [CATALOGUE[0]!], bad })).toEqual({
      bad: true,
      lines: ['Brought in: 1. Left out: 1.', 'Row 3, X: coats: expected 1 to 8'],
    });
    expect(broughtIn({ error: 'No table.' })).toEqual({ bad: true, lines: ['No table.'] });
    const { sandMin: _s, ...unsanded } = CATALOGUE[0]!;
    expect(figuresOf(unsanded as never).map((x) => x.field)).not.toContain('sandMin');
  });
});

describe('the shelf', () => {
  const item: StockItem = {
    id: 'i',
    productId: 'orrin-base',
    part: 'base',
    name: 'Half can',
    sizeMl: 400,
    remainingMl: 180,
  };
  const row = (state: ShelfRow['expiry']['state'], over: Partial<ShelfRow> = {}): ShelfRow =>
    ({
      item,
      expiry: { state, until: '2026-05-20', why: 'shelf-life' },
      setAside: [],
      wantedBy: [],
      ...over,
    }) as ShelfRow;
  const view = (rows: ShelfRow[]): ShelfView => ({
    rows,
    moves: [],
    alive: [],
    products: CATALOGUE,
    jobs: [],
  });
  const TEN = Date.parse('2026-05-16T10:00:00Z');
  it('what is activated counts in hours, not in months', () => {
    const expiry = { until: '2026-05-16T13:20', why: 'activated' } as const;
    expect(expirySaid(row('dying', { expiry: { ...expiry, state: 'dying' } }), f, TEN)).toBe(
      'activated, good for 3 h 20',
    );
    expect(expirySaid(row('spent', { expiry: { ...expiry, state: 'spent' } }), f, TEN)).toBe(
      'activated, hidden returns only; dead in 3 h 20',
    );
  });
  it('says since, by or until, and what to do about it', () => {
    expect(expirySaid(row('expired'), f, TEN)).toMatch(/^past its time since .*20 May 2026$/);
    expect(expirySaid(row('soon'), f, TEN)).toMatch(/^use up by/);
    expect(expirySaid(row('good'), f, TEN)).toMatch(/^good until/);
    const wantedBy = [{ jobId: 'j', name: 'Lids' }];
    expect(advice(row('good'))).toBeNull();
    expect(advice(row('good', { wantedBy }))).toBe('Wanted by Lids.');
    expect(advice(row('expired'))).toContain('A test card decides');
    expect(advice(row('expired', { item: { ...item, part: 'hardener' } }))).toContain('hazardous waste');
    expect(advice(row('soon', { wantedBy }))).toContain('Lids could use it up');
    expect(worryCount(view([row('good'), row('expired'), row('soon'), row('empty')]))).toBe(2);
  });
  it('more promised than is in it', () => {
    const aside = (ml: number) => row('good', { setAside: [{ jobId: 'j', name: 'Lids', ml }] });
    expect(isOverpromised(aside(180))).toBe(false);
    expect(isOverpromised(aside(181))).toBe(true);
  });
  it('an item as a form: hardener is a bottle, what is emptied is left out, a guess is marked', () => {
    const fresh = freshItem(view([]), '2026-05-16');
    expect(fresh).toMatchObject({ remainingMl: fresh.sizeMl, boughtOn: '2026-05-16', part: 'base' });
    const two = CATALOGUE.find((p) => p.id === 'halden-2k-gloss')!;
    const hardener = asPartOf(fresh, two, 'hardener');
    expect(hardener).toMatchObject({ sizeMl: 500, name: `${two.name} hardener` });
    expect(productOf(view([]), hardener)?.id).toBe(two.id);
    expect(patchDraft(fresh, { boughtOn: '' })).not.toHaveProperty('boughtOn');
    expect(weighedMl({ grossG: 178, tareG: 100, gPerMl: 0.78 })).toBeCloseTo(100, 9);
    expect(weighedMl({ grossG: 90, tareG: 100, gPerMl: 0.78 })).toBeNull();
    expect(bodyOf({ ...draftOf(item), remainingMl: 90 }, item, null)).toMatchObject({ kind: 'estimated' });
    expect(bodyOf(draftOf(item), item, null)).not.toHaveProperty('kind');
  });
});

describe('shopping', () => {
  const list = {
    lines: [
      { key: 'a', group: 'paint', have: false },
      { key: 'b', group: 'paint', have: true },
    ],
    apart: 50,
    paint: 42,
    currency: 'GBP',
  } as unknown as ShoppingList;
  it('what is here already is not on the list; jobs keep the order of the bench', () => {
    expect(tickedSaid(list, new Set(['a', 'b']))).toBe('1 of 1 ticked');
    expect(shoppingGroups(list).flatMap((g) => g.lines.map((l) => l.key))).toEqual(['a']);
    expect(savedTogether(list)).toBe(8);
    expect(savedTogether({ ...list, apart: 42 })).toBeNull();
    const jobs = [{ id: 'x' }, { id: 'y' }, { id: 'z' }];
    expect(chosenWith(jobs, ['z'], { id: 'x', on: true })).toEqual(['x', 'z']);
    expect(chosenWith(jobs, ['x', 'z'], { id: 'x', on: false })).toEqual(['z']);
  });
});

describe('an outline being traced', () => {
  // 100 px are 200 mm: a square of 50 px is 100 mm a side, a hundredth of a square metre.
  const known = [
    [0, 0],
    [100, 0],
  ] as const;
  const square = [
    [10, 10],
    [60, 10],
    [60, 60],
    [10, 60],
  ] as const;
  it('two ends, then corners; then it can be used', () => {
    expect(traceOf([], 200).step).toMatch(/one end/);
    expect(traceOf([known[0]], 200).step).toMatch(/other end/);
    expect(traceOf([...known, square[0]], 200).step).toMatch(/corners/);
    expect(traceOf([...known, ...square], 200).outline!.areaM2).toBeCloseTo(0.01, 6);
  });
  it('edges that cross, and an outline of more than ten metres, are refused', () => {
    const bow = traceOf([...known, square[0], square[2], square[1], square[3]], 200);
    expect(bow.outline).toBeNull();
    expect(bow.faults[0]).toMatch(/cross/);
    expect(traceOf([...known, ...square], 100_000).faults[0]).toMatch(/10 m/);
    expect(traceOf([known[0], known[0], ...square], 200).outline).toBeNull();
  });
  it('arrow keys move a dot, ten pixels with the shift key; a dot stays in the picture', () => {
    expect(dotByKey([5, 5], 'ArrowUp', true)).toEqual([5, -5]);
    expect(dotByKey([5, 5], 'ArrowRight', false)).toEqual([6, 5]);
    expect(dotByKey([5, 5], 'a', false)).toBeNull();
    expect(dotInside([5, -5], { w: 4, h: 9 })).toEqual([4, 0]);
  });
});

describe('purpose and workshop', () => {
  it('what follows from a choice stands beside it', () => {
    const said = followingFrom(bonnet.job, bonnet.plan, f);
    expect(said.grade).toMatch(/P\d+/);
    expect(said.exposure).toContain('petrol dissolves 1K');
    const matte = { ...bonnet.job, purpose: { ...bonnet.job.purpose, finish: 'matte' as const } };
    expect(followingFrom(matte, bonnet.plan, f).finish).toContain('cannot be flatted');
  });
  it('cups are mixed for a gun only', () => {
    expect(needsMixing(bonnet.plan, CATALOGUE)).toBe(false);
    const gun = CATALOGUE.map((p) => ({ ...p, carrier: 'gun' as const }));
    expect(needsMixing(bonnet.plan, gun)).toBe(true);
  });
  it('a copy in words: what is in it, what it would replace, what came of it', () => {
    const holds = { jobs: 8, removed: 1, photos: 40, stock: 1, moves: 31 };
    const none = { jobs: 0, removed: 0, photos: 0, stock: 0, moves: 0 };
    expect(holdsText(holds)).toBe(
      '8 jobs and 1 taken off, 40 photographs, 1 pack on the shelf with 31 changes',
    );
    const looked = { savedAt: '2026-05-12T08:00:00Z', holds, withoutPicture: 1, here: none };
    expect(lookedText(looked, f).copy).toMatch(
      /^This copy saved Tue 12 May 2026 holds 8 jobs.* 1 photograph has no picture in it and is left out\.$/,
    );
    expect(lookedText({ ...looked, savedAt: null, withoutPicture: 0 }, f).copy).toMatch(
      /^This copy holds .* changes\.$/,
    );
    expect(lookedText(looked, f).replace).toMatch(/^Replace: 0 jobs, 0 photographs, 0 packs/);
    const came = { jobs: 2, same: 1, photos: 3, stock: 0, withoutPicture: 2, before: 'x' };
    expect(broughtBack(came)).toBe(
      'Brought in: 2 jobs, 3 photographs, 0 packs. Here already, the same: 1. 2 photographs have no picture in it and are left out. What was here is kept below, to go back to.',
    );
    expect(broughtBack({ ...came, same: 0, withoutPicture: 0, before: null })).toBe(
      'Brought in: 2 jobs, 3 photographs, 0 packs.',
    );
    const kept = { name: 'x', why: 'restore' as const, at: '2026-05-12T08:00:00+01:00', bytes: 1 };
    expect(keptLine(kept, f)).toBe('Tue 12 May 2026, 08:00, before another was put in its place');
  });
  it('a file on its way says how much is sent, and how long it takes once that can be told', () => {
    expect([sentPct(20, 80), sentPct(0, 0)]).toEqual([25, 0]);
    expect(sendingText(0, 80e6, 100)).toBe('0.0 of 80 MB sent');
    expect(sendingText(40e6, 80e6, 10_000)).toBe('40 of 80 MB sent, about 10 s left');
    expect(sendingText(8e6, 80e6, 60_000)).toBe('8.0 of 80 MB sent, about 9 min left');
    expect(sendingText(79e6, 80e6, 60_000)).toBe('79 of 80 MB sent');
  });
});
