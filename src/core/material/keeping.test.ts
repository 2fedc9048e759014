/** How long things keep, what they weigh, which can goes where. Months and densities are from memory. */
import { describe, expect, it } from 'vitest';
import { product } from '@/demo/test-kit';
import type { Product } from '@/model/product';
import type { StockItem } from '@/model/stock';
import { assignCans } from './assign';
import { breakEvenM2, grown } from './break-even';
import type { CoatUse } from './coat-uses';
import { habitOf } from './habit';
import { ingredientId, ingredientsOf, priceKey } from './ingredients';
import { baseDensity, gradeFor, mixMarks, potLifeAt, pours } from './mixing';
import { cheapestPacks, packsCost, packsMl } from './packs';
import { expiryOf, leftoverShare, orderOfUse } from './shelf';
import { exceedChance, quantileFactor, spreadOfUse } from './spread';
import { flatPart } from '@/demo/test-part';

const NOW = Date.parse('2026-05-16T00:00:00Z');
const item = (over: Partial<StockItem>): StockItem => ({
  id: 'i',
  productId: 'x',
  part: 'base',
  name: 'x',
  sizeMl: 400,
  remainingMl: 200,
  ...over,
});
/** Months until the end from the day it was bought or opened, to a tenth. */
function monthsKept(p: Product | null, over: Partial<StockItem>): number {
  const { until } = expiryOf(item(over), p, NOW);
  const from = over.openedOn ?? over.boughtOn;
  return Math.round((Date.parse(until!) - Date.parse(from!)) / (86_400_000 * 3.04375)) / 10;
}

describe('months a pack keeps', () => {
  const bought = { boughtOn: '2026-01-01' };
  const opened = { openedOn: '2026-01-01' };
  it.each([
    ['a can of lacquer', product('orrin-base'), 36, 24],
    ['a can with its hardener inside', product('halden-2k-gloss'), 12, 12],
    ['epoxy in a tin', product('tamsel-epoxy-gun'), 12, 12],
    ['polyester in a tin', { ...product('orrin-base-gun'), chemistry: 'polyester' as const }, 12, 12],
    ['clear in a tin', product('halden-gun-gloss'), 24, 12],
    ['base in a tin', product('orrin-base-gun'), 36, 12],
    ['what is not known', null, 24, 12],
  ])('%s', (_name, p, shut, open) => {
    expect(monthsKept(p, bought)).toBe(shut);
    expect(monthsKept(p, opened)).toBe(open);
  });
  it('hardener a year shut and three months open; thinner and cleaner three years and one', () => {
    const p = product('halden-gun-gloss');
    expect(monthsKept(p, { part: 'hardener', ...bought })).toBe(12);
    expect(monthsKept(p, { part: 'hardener', ...opened })).toBe(3);
    for (const part of ['reducer', 'cleaner'] as const) {
      expect(monthsKept(p, { part, ...bought })).toBe(36);
      expect(monthsKept(p, { part, ...opened })).toBe(12);
    }
  });
  it('the sheet’s own months win, for the base alone', () => {
    const sheet = { ...product('orrin-base'), shelfClosedMonths: 18, shelfOpenMonths: 6 };
    expect([monthsKept(sheet, bought), monthsKept(sheet, opened)]).toEqual([18, 6]);
    expect(monthsKept(sheet, { part: 'hardener', ...bought })).toBe(12);
  });
  it('of several ends the first counts, and says why', () => {
    const both = expiryOf(item({ boughtOn: '2025-01-01', openedOn: '2025-06-01' }), null, NOW);
    expect([both.until, both.why]).toEqual(['2026-06-01', 'opened']);
    expect(expiryOf(item({ boughtOn: '2025-01-01', expiresOn: '2026-05-20' }), null, NOW)).toMatchObject({
      // Good through the day that is printed on it.
      until: '2026-05-21',
      why: 'bought',
      state: 'soon',
    });
    expect(expiryOf(item({}), null, NOW)).toEqual({ state: 'good', until: null, why: 'unknown' });
  });
  it('soon is within 45 days; an activated pot says its minute, and is dead when that is over', () => {
    const printed = (expiresOn: string) => expiryOf(item({ expiresOn }), null, NOW).state;
    expect([
      printed('2026-06-28'),
      printed('2026-06-29'),
      printed('2026-05-15'),
      printed('2026-05-16'),
    ]).toEqual(['soon', 'good', 'expired', 'soon']);
    const clear = product('halden-gun-gloss');
    const pot = expiryOf(item({ activatedAt: '2026-05-15T23:00:00Z' }), clear, NOW);
    expect(pot).toEqual({ state: 'dying', until: '2026-05-16T01:00', why: 'activated' });
    expect(expiryOf(item({ activatedAt: '2026-05-15T21:59:00Z' }), clear, NOW).state).toBe('expired');
    expect(expiryOf(item({ activatedAt: '2026-05-15T21:59:00Z' }), product('orrin-base'), NOW).state).toBe(
      'good',
    );
    expect(expiryOf(item({ remainingMl: 0.5 }), null, NOW).state).toBe('empty');
    expect(expiryOf(item({ remainingMl: 0.6 }), null, NOW).state).toBe('good');
  });
  it('of two that die the same day the lower one is used first; what has no end comes last', () => {
    const list = [
      item({ id: 'none' }),
      item({ id: 'full', expiresOn: '2026-09-01', remainingMl: 400 }),
      item({ id: 'low', expiresOn: '2026-09-01', remainingMl: 90 }),
    ];
    expect(orderOfUse(list, () => null, NOW).map((x) => x.id)).toEqual(['low', 'full', 'none']);
  });
  it('worth left: what keeps a year half, half a year a quarter, less nothing', () => {
    const open = (shelfOpenMonths: number) =>
      leftoverShare({ ...product('orrin-base'), shelfOpenMonths }, 'base');
    expect([open(24), open(12), open(11), open(6), open(5)]).toEqual([0.5, 0.5, 0.25, 0.25, 0]);
    expect(leftoverShare(product('halden-gun-gloss'), 'reducer')).toBe(0.5);
  });
});

describe('mixing', () => {
  it('densities: epoxy 1.4, polyester 1.55, a surfacer 1.45, a clear 0.98, else water; the sheet wins', () => {
    const of = (kind: Product['kind'], chemistry: Product['chemistry']) =>
      baseDensity({ kind, chemistry } as Product);
    expect(of('epoxy-primer', '2k-epoxy')).toBe(1.4);
    expect(of('spray-filler', 'polyester')).toBe(1.55);
    expect(of('surfacer', '2k-urethane')).toBe(1.45);
    expect(of('clear', '2k-urethane')).toBe(0.98);
    expect(of('single-stage', '2k-urethane')).toBe(1.1);
    expect(of('basecoat', '1k-acrylic')).toBe(1);
    expect(baseDensity({ ...product('tamsel-epoxy-gun'), densityGPerMl: 1.31 })).toBe(1.31);
  });
  it('hardener weighs 1.05 and reducer 0.87 g/ml where no sheet says', () => {
    const marks = mixMarks({ base: 2, hardener: 1, reducer: 1 }, 400, { base: 1 });
    expect(marks.map((m) => [m.part, m.g])).toEqual([
      ['base', 200],
      ['hardener', 105],
      ['reducer', 87],
    ]);
    expect(marks[2]!.toG).toBeCloseTo(392, 9);
    expect(() => mixMarks({ base: 1, hardener: 0, reducer: -1 }, 5)).toThrow(/base above 0/);
    expect(() => mixMarks({ base: 1, hardener: 0, reducer: 0 }, 0)).toThrow(/millilitres above 0/);
  });
  it('grades change at 18, above 25 and above 30 °C, at 1.5 m² and under 0.1 m²', () => {
    expect([17.9, 18, 25, 25.1, 30, 30.1].map((t) => gradeFor(t, 1))).toEqual([
      'fast',
      'standard',
      'standard',
      'slow',
      'slow',
      'very-slow',
    ]);
    expect([gradeFor(20, 1.5), gradeFor(20, 1.49), gradeFor(20, 0.1), gradeFor(20, 0.09)]).toEqual([
      'slow',
      'standard',
      'standard',
      'fast',
    ]);
    // 55 kJ/mol: the rule of half per 10 °C, a little faster: 4.2 times at 40 °C.
    expect(potLifeAt(120, 20, 40)).toBeCloseTo(28.4, 1);
    expect(potLifeAt(120, 20, 5)).toBe(120);
  });
  it('coats share a cup while it is large enough and its pot lives, waits and all', () => {
    const coat = (id: string, ml: number, minutes = 5, waitMin = 0) => ({ id, ml, minutes, waitMin });
    expect(pours([coat('a', 300), coat('b', 300)], 600, null)).toEqual([
      { ml: 600, coats: ['a', 'b'], part: [1, 1], lastsMin: 10 },
    ]);
    expect(pours([coat('a', 300), coat('b', 301)], 600, null).map((p) => p.coats)).toEqual([['a'], ['b']]);
    // Four fifths of 50 min are 40: 5 + 30 + 5 just fit, a minute more does not.
    expect(pours([coat('a', 1), coat('b', 1, 5, 30)], 600, 50)).toHaveLength(1);
    expect(pours([coat('a', 1), coat('b', 1, 5, 31)], 600, 50)).toHaveLength(2);
    // 90 min of spraying in pots of 40: three parts.
    expect(pours([coat('a', 90, 90)], 600, 50).map((p) => [p.ml, p.part, p.lastsMin])).toEqual([
      [30, [1, 3], 30],
      [30, [2, 3], 30],
      [30, [3, 3], 30],
    ]);
    // What was begun is poured before a large coat is.
    expect(pours([coat('a', 100), coat('b', 900), coat('c', 100)], 600, null).map((p) => p.coats)).toEqual([
      ['a'],
      ['b'],
      ['b'],
      ['c'],
    ]);
    expect(() => pours([], 0, null)).toThrow(/cup above 0 ml/);
    expect(pours([], 600, null)).toEqual([]);
  });
});

describe('packs', () => {
  const can = (sizeMl: number, price: number) => ({ sizeMl, price, unit: 'can' }) as const;
  it('a tie in money goes to fewer packs, then to less left over, whichever is tried first', () => {
    const counts = (packs: ReturnType<typeof can>[], ml: number) =>
      cheapestPacks(packs, ml).map((p) => [p.size, p.count]);
    expect(counts([can(400, 10), can(200, 5)], 400)).toEqual([[400, 1]]);
    expect(counts([can(200, 5), can(400, 10)], 400)).toEqual([[400, 1]]);
    expect(counts([can(600, 10), can(500, 10), can(400, 10)], 400)).toEqual([[400, 1]]);
    // Four of 250 at 3 are 12 as well.
    expect(counts([can(1000, 12), can(250, 3)], 800)).toEqual([[1000, 1]]);
  });
  it('sums of money and millilitres', () => {
    const packs = [
      { size: 400, unit: 'can', count: 2, price: 5 },
      { size: 150, unit: 'can', count: 1, price: 3 },
    ] as const;
    expect([packsCost(packs), packsMl(packs)]).toEqual([13, 950]);
    expect(() => cheapestPacks([], 5)).toThrow(/needs a pack/);
    expect(() => cheapestPacks([can(1, 1)], -1)).toThrow(RangeError);
  });
  it('a price of one’s own goes with the pack it was set for; a can is never mixed', () => {
    expect(priceKey('orrin-base', 400)).toBe('orrin-base@400');
    const [base] = ingredientsOf(product('orrin-base-gun'), { 'orrin-base-gun@1000': 39 });
    expect(base!.packs.map((p) => p.price)).toEqual([24, 39]);
    const mix = { base: 4, hardener: 1, reducer: 0 };
    expect(ingredientsOf({ ...product('orrin-base'), mix }).map((g) => [g.part, g.share])).toEqual([
      ['base', 1],
    ]);
    expect(ingredientsOf({ ...product('orrin-base-gun'), mix }).map((g) => [g.part, g.share])).toEqual([
      ['base', 0.8],
      ['hardener', 0.2],
    ]);
  });
  it('hardener by chemistry: 0.5 l of epoxy’s, 50 ml of cream for polyester, a sheet’s own packs first', () => {
    const hardener = (over: Partial<Product>) =>
      ingredientsOf({ ...product('halden-gun-gloss'), ...over }).find((g) => g.part === 'hardener')!.packs;
    expect(hardener({ chemistry: '2k-epoxy' }).map((p) => p.sizeMl)).toEqual([500, 1000]);
    expect(hardener({ chemistry: 'polyester' })).toEqual([{ sizeMl: 50, unit: 'tin', price: 3.9 }]);
    expect(hardener({ chemistry: '1k-acrylic' }).map((p) => p.price)).toEqual([13.5, 22, 38]);
    expect(hardener({ hardenerPacks: [can(7, 1)] })).toEqual([can(7, 1)]);
    expect(ingredientId({ id: 'x', maker: 'Two Words & Co' }, 'reducer')).toBe('two-words-co.reducer');
    expect(ingredientId({ id: 'x' }, 'reducer')).toBe('x.reducer');
    expect(ingredientId({ id: 'x', maker: 'M' }, 'hardener')).toBe('x.hardener');
  });
});

describe('spread, habit, break-even', () => {
  const use = (coat: number, partId: string, sprayMl: number): CoatUse =>
    ({ layerId: 'b', coat, partId, sprayMl, edgeMl: 0, weight: 1, done: false }) as CoatUse;
  const parts = new Map(['p', 'q'].map((id) => [id, flatPart({ id })]));
  it('habit 17 % and luck 10 % of one coat are 20 %; of two equal coats the luck halves in square', () => {
    const area = spreadOfUse([use(1, 'p', 100)], parts, 0) ** 2 - 0.1 ** 2;
    expect(area).toBeGreaterThan(0);
    expect(spreadOfUse([use(1, 'p', 100)], parts)).toBeCloseTo(Math.sqrt(0.17 ** 2 + 0.1 ** 2 + area), 9);
    expect(spreadOfUse([use(1, 'p', 50), use(2, 'p', 50)], parts, 0)).toBeCloseTo(Math.sqrt(0.005 + area), 9);
    expect(spreadOfUse([use(1, 'p', 50), use(1, 'q', 50)], parts, 0)).toBeCloseTo(
      Math.sqrt(0.01 + area / 2),
      9,
    );
    expect(spreadOfUse([], parts)).toBe(0);
  });
  it('chances of a lognormal of mean 1: its median lies below 1; without spread it is the mean', () => {
    // cv 1 has s² = ln 2: the median is 1/√2.
    expect(quantileFactor(1, 0.5)).toBeCloseTo(Math.SQRT1_2, 9);
    expect(exceedChance(1, Math.SQRT1_2)).toBeCloseTo(0.5, 6);
    expect([exceedChance(0, 1), exceedChance(0, 0.99), exceedChance(0.2, 0)]).toEqual([0, 1, 1]);
  });
  it('one job of twice the reckoned is rather a slip: it moves the factor by less than painters differ', () => {
    const habit = habitOf([{ usedMl: 200, expectedMl: 100 }])!;
    expect(habit.factor).toBeGreaterThan(1);
    expect(habit.factor).toBeLessThan(1.17);
    expect(habit.jobs).toBe(1);
    expect(habit.sdFrac).toBeLessThan(0.17);
    expect(
      habitOf([
        { usedMl: 0, expectedMl: 100 },
        { usedMl: 5, expectedMl: 0 },
      ]),
    ).toBeNull();
    const absurd = (usedMl: number) =>
      habitOf(Array.from({ length: 30 }, () => ({ usedMl, expectedMl: 100 })))!.factor;
    expect([absurd(5000), absurd(1)]).toEqual([3, 0.3]);
  });
  it('62 of kit and 10 a square metre against 20: from 6.2 m²', () => {
    expect(
      breakEvenM2(
        1,
        (k) => 20 * k,
        (k) => 62 + 10 * k,
      ),
    ).toBeCloseTo(6.2, 6);
    expect(
      breakEvenM2(
        2,
        (k) => 40 * k,
        (k) => 62 + 20 * k,
      ),
    ).toBeCloseTo(6.2, 6);
    expect(
      breakEvenM2(
        1,
        (k) => 20 * k,
        (k) => 10 * k,
      ),
    ).toBeNull();
    expect(
      breakEvenM2(
        1,
        (k) => 20 * k,
        (k) => 62 + 21 * k,
      ),
    ).toBeNull();
    expect(grown([flatPart()], 4)[0]).toMatchObject({ lengthMm: 2000, widthMm: 1000 });
    expect(() => grown([], 0)).toThrow(/factor above 0/);
  });
});

describe('cans to coats', () => {
  const use = (partId: string, coat: number, sprayMl: number, edgeMl: number): CoatUse =>
    ({ layerId: 'b', coat, partId, sprayMl, edgeMl, weight: 1, done: false }) as CoatUse;
  const can = (usableMl: number, partly = false) => ({ usableMl, partly });
  it('edges from the old half can, the face from a full one, all of it told', () => {
    const { strokes, leftMl, shortMl } = assignCans([use('p', 1, 120, 20)], [can(380), can(50, true)]);
    expect(strokes).toEqual([
      { layerId: 'b', coat: 1, partId: 'p', where: 'edges', can: 1, ml: 20, changed: false },
      { layerId: 'b', coat: 1, partId: 'p', where: 'face', can: 0, ml: 100, changed: false },
    ]);
    expect(leftMl).toEqual([280, 30]);
    expect(shortMl).toBe(0);
  });
  it('of two open cans the lower one that does the whole face', () => {
    const [stroke] = assignCans(
      [use('p', 1, 100, 0)],
      [can(300, true), can(150, true), can(90, true)],
    ).strokes;
    expect(stroke).toMatchObject({ can: 1, changed: false });
    // An open can before a full one, though the full one has less in it.
    expect(assignCans([use('p', 1, 100, 0)], [can(120), can(300, true)]).strokes[0]!.can).toBe(1);
  });
  it('edges of every part come before any face of that coat, coats in their order', () => {
    const uses = [use('p', 1, 30, 10), use('q', 1, 30, 10), use('p', 2, 30, 10)];
    const order = assignCans(uses, [can(400)]).strokes.map((s) => `${s.coat}${s.partId}${s.where[0]}`);
    expect(order).toEqual(['1pe', '1qe', '1pf', '1qf', '2pe', '2pf']);
  });
  it('a face that no can does is changed, fullest first; edges run over; what is short is told', () => {
    const { strokes, shortMl } = assignCans([use('p', 1, 310, 10)], [can(100), can(150)]);
    expect(strokes.filter((s) => s.where === 'face').map((s) => [s.can, s.ml, s.changed])).toEqual([
      [1, 150, true],
      [0, 90, true],
    ]);
    expect(shortMl).toBe(60);
    const edges = assignCans([use('p', 1, 40, 40)], [can(15, true), can(10, true)]);
    expect(edges.strokes.map((s) => [s.can, s.ml])).toEqual([
      [1, 10],
      [0, 15],
    ]);
    expect(edges.shortMl).toBe(15);
  });
});
