import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { stockDraftSchema, stockFaults, type StockItem } from '@/model/stock';
import { CATALOGUE } from '../coating/catalogue';
import { systemFor } from '../coating/system';
import { flOzFromMl } from '../units/convert';
import { assignCans, type Can } from './assign';
import { coatUses } from './coat-uses';
import { gradeFor, mixMarks, potLifeAt, pours, POT_SHARE } from './mixing';
import { expiryOf, leftoverShare, remainingByWeight, orderOfUse } from './shelf';

const product = (id: string) => CATALOGUE.find((p) => p.id === id)!;

describe('mixing', () => {
  it('the trade’s sums (common practice, no source): 2 : 1 of 14 needs 7, 21 in all; 4 : 1 of 2 needs 0.5; 1 : 1 turns a quart of 946 ml into two', () => {
    expect(mixMarks({ base: 2, hardener: 1, reducer: 0 }, 21).map((m) => [m.ml, m.toMl])).toEqual([
      [14, 14],
      [7, 21],
    ]);
    expect(mixMarks({ base: 4, hardener: 1, reducer: 0 }, 2.5).map((m) => m.ml)).toEqual([2, 0.5]);
    expect(mixMarks({ base: 1, hardener: 0, reducer: 1 }, 1892).map((m) => m.ml)).toEqual([946, 946]);
  });
  it('cup marks are cumulative: 4 : 1 : 1 of 300 ml is 200, 250, 300; the scale counts on too', () => {
    const m = mixMarks({ base: 4, hardener: 1, reducer: 1 }, 300, {
      base: 1.1,
      hardener: 1.05,
      reducer: 0.87,
    });
    expect(m.map((x) => x.toMl)).toEqual([200, 250, 300]);
    expect(m.map((x) => Math.round(x.toG * 10) / 10)).toEqual([220, 272.5, 316]);
    expect(flOzFromMl(m[2]!.toMl)).toBeCloseTo(10.144, 3);
  });
  it('the marks add up to the cup and rise (200 random ratios); a base of nothing, a part below nothing, no volume are refused', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 1, max: 2000, noNaN: true }),
        (base, hardener, reducer, ml) => {
          const m = mixMarks({ base, hardener, reducer }, ml);
          expect(m.at(-1)!.toMl).toBeCloseTo(ml, 6);
          m.forEach((x, i) => {
            if (i > 0) expect(x.toMl).toBeGreaterThanOrEqual(m[i - 1]!.toMl);
          });
        },
      ),
      { numRuns: 200, seed: 51 },
    );
    for (const bad of [
      { base: 0, hardener: 1, reducer: 0 },
      { base: 1, hardener: -1, reducer: 0 },
    ])
      expect(() => mixMarks(bad, 100)).toThrow(RangeError);
    expect(() => mixMarks({ base: 1, hardener: 1, reducer: 0 }, 0)).toThrow(RangeError);
  });
  it('grades by the hour’s temperature: fast below 18 °C, standard to 25, slow to 30, very slow above; a large panel one slower, a small part one faster (common practice, no source)', () => {
    expect([12, 20, 28, 34].map((t) => gradeFor(t, 0.6))).toEqual(['fast', 'standard', 'slow', 'very-slow']);
    expect([gradeFor(20, 2), gradeFor(20, 0.05), gradeFor(34, 2), gradeFor(10, 0.05)]).toEqual([
      'slow',
      'fast',
      'very-slow',
      'fast',
    ]);
  });
  it('a warm pot dies sooner, a cold one never later than its sheet (about half per 10 °C: common practice)', () => {
    expect(potLifeAt(240, 20, 30)).toBeCloseTo(114, 0);
    expect(potLifeAt(240, 20, 5)).toBe(240);
  });
  it('a pot that is dead at once still ends in pours of a minute, not in a loop', () =>
    expect(pours([{ id: 'a', ml: 100, minutes: 3, waitMin: 0 }], 600, 0).length).toBe(3));
  it('no pour is larger than the cup or outlives its pot; all of it is poured once (200 random sessions)', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            ml: fc.double({ min: 5, max: 900, noNaN: true }),
            minutes: fc.integer({ min: 2, max: 20 }),
            waitMin: fc.integer({ min: 0, max: 30 }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        fc.integer({ min: 60, max: 800 }),
        fc.constantFrom(null, 25, 60, 240),
        (raw, cup, pot) => {
          const coats = raw.map((c, i) => ({ ...c, id: `c${i}` }));
          const list = pours(coats, cup, pot);
          expect(list.reduce((a, p) => a + p.ml, 0)).toBeCloseTo(
            raw.reduce((a, c) => a + c.ml, 0),
            6,
          );
          for (const p of list) {
            expect(p.ml).toBeLessThanOrEqual(cup + 1e-6);
            if (pot !== null) expect(p.lastsMin).toBeLessThanOrEqual(pot * POT_SHARE + 1e-6);
          }
          expect(new Set(list.flatMap((p) => p.coats)).size).toBe(coats.length);
        },
      ),
      { numRuns: 200, seed: 52 },
    );
  });
});

describe('cans to coats and faces', () => {
  const use = (partId: string, coat: number, sprayMl: number, edgeMl: number) => ({
    layerId: 'base',
    coat,
    partId,
    sprayMl,
    edgeMl,
  });
  it('the old half can does the edges, the full one the flats, and no face changes can', () => {
    const a = assignCans(
      [use('a', 1, 120, 20), use('b', 1, 90, 10), use('a', 2, 120, 20)],
      [
        { usableMl: 60, partly: true },
        { usableMl: 380, partly: false },
      ],
    );
    expect(a.strokes.filter((s) => s.where === 'edges').every((s) => s.can === 0)).toBe(true);
    expect(a.strokes.filter((s) => s.where === 'face').every((s) => s.can === 1 && !s.changed)).toBe(true);
    expect(a.shortMl).toBe(0);
  });
  it('a part-used can never does a flat face while a full one is there, however much is in it; an upright one it may', () => {
    const cans = [
      { usableMl: 300, partly: true },
      { usableMl: 380, partly: false },
    ];
    const lid = use('lid', 1, 100, 0);
    const face = (flat: boolean): number =>
      assignCans([lid], cans, () => flat).strokes.find((s) => s.where === 'face')!.can;
    expect(face(true)).toBe(1);
    expect(face(false)).toBe(0);
    const small = [cans[0]!, { usableMl: 60, partly: false }];
    expect(assignCans([use('lid', 1, 100, 0)], small, () => true).shortMl).toBe(0);
    // With nothing else at hand it has to.
    expect(assignCans([use('lid', 1, 100, 0)], [cans[0]!], () => true).shortMl).toBe(0);
  });
  it('a face larger than any can is changed at an overlap and said so; what no can covers is told', () => {
    const a = assignCans(
      [use('a', 1, 700, 0)],
      [
        { usableMl: 380, partly: false },
        { usableMl: 380, partly: false },
      ],
    );
    expect(a.strokes.map((s) => s.changed)).toEqual([true, true]);
    expect(assignCans([use('a', 1, 500, 0)], [{ usableMl: 380, partly: false }]).shortMl).toBeCloseTo(120, 9);
  });
  it('never more from a can than is in it, all of the need or said to be short, a face from one can whenever one would do (300 random jobs)', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            p: fc.constantFrom('a', 'b', 'c'),
            ml: fc.double({ min: 5, max: 300, noNaN: true }),
            edge: fc.double({ min: 0, max: 1, noNaN: true }),
          }),
          { minLength: 1, maxLength: 9 },
        ),
        fc.array(
          fc.record({ usableMl: fc.double({ min: 10, max: 400, noNaN: true }), partly: fc.boolean() }),
          { minLength: 1, maxLength: 6 },
        ),
        (raw, cans: Can[]) => {
          const uses = raw.map((r, i) => use(r.p, Math.floor(i / 3) + 1, r.ml, r.ml * r.edge));
          const a = assignCans(uses, cans);
          cans.forEach((c, i) => {
            const out = a.strokes.filter((s) => s.can === i).reduce((x, s) => x + s.ml, 0);
            expect(out).toBeLessThanOrEqual(c.usableMl + 1e-6);
            expect(a.leftMl[i]).toBeCloseTo(c.usableMl - out, 6);
          });
          expect(a.strokes.reduce((x, s) => x + s.ml, 0) + a.shortMl).toBeCloseTo(
            raw.reduce((x, r) => x + r.ml, 0),
            6,
          );
          // Played again: a face is changed only when, at its turn, no can held all of it.
          const left = cans.map((c) => c.usableMl);
          let turn = '';
          for (const s of a.strokes) {
            const key = `${s.coat} ${s.partId} ${s.where} ${s.changed}`;
            const whole = a.strokes
              .filter((t) => `${t.coat} ${t.partId} ${t.where} ${t.changed}` === key && t.where === 'face')
              .reduce((x, t) => x + t.ml, 0);
            if (s.changed && key !== turn) expect(Math.max(...left)).toBeLessThan(whole + a.shortMl + 1e-6);
            turn = key;
            left[s.can]! -= s.ml;
          }
        },
      ),
      { numRuns: 300, seed: 53 },
    );
  });
  it('the demo’s own job is covered by the cans it is told to buy', () => {
    const { state: _s, shelf: _f, ...job } = DEMO_JOBS[0]!.job;
    const s = systemFor(job);
    const p = s.products.get('orrin-base')!;
    const uses = coatUses(job, p, s.layers);
    const total = uses.reduce((a, u) => a + u.sprayMl, 0);
    expect(
      assignCans(
        uses,
        Array.from({ length: Math.ceil(total / 380) + 1 }, () => ({ usableMl: 380, partly: false })),
      ).shortMl,
    ).toBe(0);
  });
});

describe('the shelf', () => {
  const item = (over: Partial<StockItem>): StockItem => ({
    id: 'i',
    productId: 'orrin-base',
    part: 'base',
    name: 'Orrin base',
    sizeMl: 400,
    remainingMl: 200,
    ...over,
  });
  const NOW = Date.parse('2026-05-16T10:00:00Z');
  it('by weight: a can of 251 g, 95 g empty, at 0.78 g/ml holds 200 ml; an empty heavier than the whole is refused', () => {
    expect(remainingByWeight(251, 95, 0.78)).toBeCloseTo(200, 9);
    expect(() => remainingByWeight(90, 95, 0.78)).toThrow(RangeError);
    expect(() => remainingByWeight(251, 95, 0)).toThrow(RangeError);
  });
  it('an opened hardener dies in three months, a shut can keeps three years, an activated can its pot life (from memory)', () => {
    expect(expiryOf(item({ part: 'hardener', openedOn: '2026-02-01' }), null, NOW).state).toBe('expired');
    expect(expiryOf(item({ part: 'hardener', openedOn: '2026-03-20' }), null, NOW).state).toBe('soon');
    expect(expiryOf(item({ boughtOn: '2024-06-01' }), product('orrin-base'), NOW).state).toBe('good');
    const live = expiryOf(
      item({ productId: 'halden-2k-gloss', activatedAt: '2026-05-16T07:00:00Z' }),
      product('halden-2k-gloss'),
      NOW,
    );
    expect([live.state, live.why]).toEqual(['dying', 'activated']);
    expect(expiryOf(item({ remainingMl: 0 }), null, NOW).state).toBe('empty');
    expect(expiryOf(item({ expiresOn: '2026-05-15' }), null, NOW).state).toBe('expired');
  });
  it('what dies first is used first; expired and empty ones are left out', () => {
    const list = orderOfUse(
      [
        item({ id: 'late', boughtOn: '2026-01-01' }),
        item({ id: 'soon', expiresOn: '2026-06-01' }),
        item({ id: 'dead', expiresOn: '2026-01-01' }),
        item({ id: 'none', remainingMl: 0 }),
      ],
      product,
      NOW,
    );
    expect(list.map((x) => x.id)).toEqual(['soon', 'late']);
  });
  it('leftover hardener is worth nothing, base that keeps half', () => {
    expect([
      leftoverShare(product('tamsel-surfacer'), 'hardener'),
      leftoverShare(product('orrin-base'), 'base'),
    ]).toEqual([0, 0.5]);
  });
  it('more left than the pack holds, opened before it was bought, a pack of nothing, a day that is none: refused beside the field', () => {
    const draft = {
      productId: 'x',
      part: 'base' as const,
      name: 'x',
      sizeMl: 400,
      remainingMl: 500,
      boughtOn: '2026-05-01',
      openedOn: '2026-04-01',
    };
    expect(stockFaults(draft).map((f) => f.path)).toEqual(['remainingMl', 'openedOn']);
    expect(stockDraftSchema.safeParse({ ...draft, sizeMl: 0 }).error!.issues[0]!.path).toEqual(['sizeMl']);
    expect(stockDraftSchema.safeParse({ ...draft, openedOn: '2026-02-31' }).success).toBe(false);
    expect(stockDraftSchema.safeParse({ ...draft, remainingMl: -1 }).success).toBe(false);
  });
});
