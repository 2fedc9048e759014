import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { CATALOGUE } from '../coating/catalogue';
import { systemFor } from '../coating/system';
import { normals } from '../numerics/random';
import { HABIT_SD_FRAC } from './spread';
import { HEEL_FRAC, TRANSFER_FRAC, usage } from './coat-uses';
import { materialFor, NOZZLE_ML, PURGE_ML } from './material-line';
import { habitOf, JOB_SD_FRAC } from './habit';
import { cheapestPacks } from './packs';
import { expectedUse, usedMl } from './used';

const product = (id: string) => CATALOGUE.find((p) => p.id === id)!;

describe('packs', () => {
  it('is the cheapest cover: equal to trying everything on 300 random cases', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ sizeMl: fc.integer({ min: 50, max: 1000 }), price: fc.integer({ min: 1, max: 60 }) }),
          { minLength: 1, maxLength: 3 },
        ),
        fc.integer({ min: 1, max: 2400 }),
        (packs, need) => {
          const list = packs.map((p) => ({ ...p, unit: 'can' as const }));
          const got = cheapestPacks(list, need);
          const tries = list.reduce<{ ml: number; cost: number }[]>(
            (all, p) =>
              all.flatMap((a) =>
                Array.from({ length: Math.ceil(need / p.sizeMl) + 1 }, (_, c) => ({
                  ml: a.ml + c * p.sizeMl,
                  cost: a.cost + c * p.price,
                })),
              ),
            [{ ml: 0, cost: 0 }],
          );
          const best = Math.min(...tries.filter((t) => t.ml >= need).map((t) => t.cost));
          expect(got.reduce((a, p) => a + p.count * p.price, 0)).toBe(best);
          expect(got.reduce((a, p) => a + p.count * p.size, 0)).toBeGreaterThanOrEqual(need);
        },
      ),
      { numRuns: 300, seed: 21 },
    );
  });
  it('a need of thousands of packs is answered at once, covered, and by the cheapest millilitre but for the rest', () => {
    const list = [
      { sizeMl: 1000, unit: 'tin' as const, price: 30 },
      { sizeMl: 5000, unit: 'tin' as const, price: 120 },
      { sizeMl: 250, unit: 'tin' as const, price: 11 },
    ];
    const got = cheapestPacks(list, 98_765_432);
    const ml = got.reduce((a, p) => a + p.count * p.size, 0);
    const cost = got.reduce((a, p) => a + p.count * p.price, 0);
    expect(ml).toBeGreaterThanOrEqual(98_765_432);
    expect(ml - 98_765_432).toBeLessThan(5000);
    expect(cost).toBeLessThan((98_765_432 * 120) / 5000 + 120);
    expect(new Set(got.map((p) => p.size)).size).toBe(got.length);
  });
  it('at the same cost fewer packs are taken, then those that leave less over', () => {
    const can = { unit: 'can' } as const;
    expect(
      cheapestPacks(
        [
          { ...can, sizeMl: 200, price: 5 },
          { ...can, sizeMl: 400, price: 10 },
        ],
        400,
      ),
    ).toEqual([{ unit: 'can', size: 400, count: 1, price: 10 }]);
    expect(
      cheapestPacks(
        [
          { ...can, sizeMl: 500, price: 10 },
          { ...can, sizeMl: 400, price: 10 },
        ],
        400,
      ),
    ).toEqual([{ unit: 'can', size: 400, count: 1, price: 10 }]);
  });
  it('buys nothing for nothing and refuses a need that is not a number', () => {
    expect(cheapestPacks([{ sizeMl: 400, unit: 'can', price: 9 }], 0)).toEqual([]);
    expect(() => cheapestPacks([{ sizeMl: 400, unit: 'can', price: 9 }], Number.NaN)).toThrow(RangeError);
  });
});

describe('own use, learned from logs', () => {
  const jobs = (n: number, ratio: number) =>
    Array.from({ length: n }, () => ({ usedMl: 1000 * ratio, expectedMl: 1000 }));
  it('none without a log; one job moves it part of the way, many nearly all; the spread only shrinks', () => {
    expect(habitOf([])).toBeNull();
    expect(habitOf([{ usedMl: 0, expectedMl: 100 }])).toBeNull();
    let before = HABIT_SD_FRAC;
    for (const n of [1, 2, 5, 20]) {
      const h = habitOf(jobs(n, 1.3))!;
      expect(h.factor).toBeGreaterThan(1);
      expect(h.factor).toBeLessThan(1.3);
      expect(h.sdFrac).toBeLessThan(before);
      before = h.sdFrac;
    }
    expect(habitOf(jobs(20, 1.3))!.factor).toBeGreaterThan(1.28);
    // By hand: prior variance ln(1 + 0.17²), a job's ln(1 + 0.12²); one job of 1.3 takes its share of ln 1.3.
    const p = 1 / Math.log(1 + 0.17 ** 2);
    const e = 1 / Math.log(1 + 0.12 ** 2);
    expect(habitOf(jobs(1, 1.3))!.factor).toBeCloseTo(Math.exp((Math.log(1.3) * e) / (p + e)), 2);
  });
  it('is found back from painters drawn at random: the true factor lies within two spreads in 19 of 20 (2000 seeded)', () => {
    const z = normals(88);
    const log = (cv: number): number => Math.sqrt(Math.log(1 + cv * cv));
    let within = 0;
    for (let i = 0; i < 2000; i++) {
      const truth = Math.exp(log(HABIT_SD_FRAC) * z());
      const h = habitOf(
        Array.from({ length: 4 }, () => ({
          usedMl: 1000 * truth * Math.exp(log(JOB_SD_FRAC) * z()),
          expectedMl: 1000,
        })),
      )!;
      if (Math.abs(Math.log(h.factor / truth)) < 1.96 * log(h.sdFrac)) within++;
    }
    expect(Math.abs(within / 2000 - 0.95)).toBeLessThan(0.02);
  });
  it('moves the need both ways, and the breakdown still adds up', () => {
    const job = DEMO_JOBS[2]!.job;
    const s = systemFor(job);
    const at = (factor: number) =>
      materialFor({ ...job, habit: { factor, sdFrac: 0.09, jobs: 3 } }, s.products.get('orrin-base')!, s);
    const plain = materialFor(job, s.products.get('orrin-base')!, s);
    for (const k of [0.8, 1, 1.25]) {
      const m = at(k);
      expect(m.breakdown.reduce((a, b) => a + b.ml, 0)).toBeCloseTo(m.needMl, 6);
      expect(m.sprayMl).toBeCloseTo(plain.sprayMl * k, 6);
      expect(m.factors.cv).toBeLessThan(plain.factors.cv);
    }
  });
});

describe('what was really used', () => {
  const base = product('orrin-base');
  it('by cans: a can and a half of 400 ml are 600 ml', () =>
    expect(usedMl({ by: 'cans', productId: base.id, cans: 1.5 }, base)).toBe(600));
  it('by weight: 312 g lighter at 0.78 g/ml are 400 ml; a density of one’s own wins', () => {
    expect(usedMl({ by: 'weight', productId: base.id, beforeG: 420, afterG: 108 }, base)).toBeCloseTo(400, 9);
    expect(usedMl({ by: 'weight', productId: base.id, beforeG: 300, afterG: 100, gPerMl: 1 }, base)).toBe(
      200,
    );
    expect(() => usedMl({ by: 'weight', productId: base.id, beforeG: 100, afterG: 300 }, base)).toThrow(
      RangeError,
    );
  });
  it('what was expected counts every coat, also those already on, the test card and the heel that stays in the can', () => {
    const job = DEMO_JOBS[0]!.job;
    const layers = systemFor(job).layers;
    const l = layers.filter((x) => x.productId === 'tamsel-filler');
    const spray = usage(
      product('tamsel-filler'),
      job.parts,
      l.reduce((a, x) => a + x.coats, 0),
      TRANSFER_FRAC.aerosol,
    ).sprayMl;
    expect(l.length).toBeGreaterThan(0);
    expect(expectedUse(job, product('tamsel-filler'), { layers, seams: [] }).takenMl).toBeCloseTo(
      (spray + NOZZLE_ML.aerosol + PURGE_ML.aerosol) / (1 - HEEL_FRAC),
      6,
    );
    expect(materialFor(job, product('tamsel-filler'), { layers, seams: [] }).sprayMl).toBe(0);
  });
});
