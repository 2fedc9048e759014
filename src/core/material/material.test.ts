import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job, Part } from '@/model/job';
import { CATALOGUE } from '../coating/catalogue';
import { systemFor } from '../coating/system';
import { overrunFactor, partAreaM2, sweptAreaM2 } from '../surface/area';
import { HEEL_FRAC, materialFor, TRANSFER_FRAC, usage } from './consumption';
import { cheapestPacks } from './packs';
import { expectedMl, usedMl } from './used';

const product = (id: string) => CATALOGUE.find((p) => p.id === id)!;
const part = (lengthMm: number, widthMm: number, over: Partial<Part> = {}): Part => ({ id: 'p', lengthMm, widthMm, sides: 1, posture: 'flat', hiddenEdgePct: 0, substrate: 'steel', condition: 'bare', ...over });

describe('areas', () => {
  it('a panel of 1.4 × 1.1 m is 1.54 m² a side; both sides and 10 % hidden edges make 3.388', () => {
    expect(partAreaM2(part(1400, 1100))).toBeCloseTo(1.54, 9);
    expect(partAreaM2(part(1400, 1100, { sides: 2, hiddenEdgePct: 10 }))).toBeCloseTo(3.388, 9);
  });
  it('a hood of 1.4 × 1.1 m is sprayed × 1.22, a mirror of 150 × 300 mm × 2.7 (identity; the trade’s “two to three times”)', () => {
    expect(overrunFactor(1400, 1100)).toBeCloseTo(1.22, 2);
    expect(overrunFactor(300, 150)).toBeGreaterThan(2); expect(overrunFactor(300, 150)).toBeLessThan(3);
  });
  it('splitting a panel in two never needs less paint (300 random splits)', () => {
    fc.assert(fc.property(fc.integer({ min: 100, max: 3000 }), fc.integer({ min: 100, max: 2000 }), fc.double({ min: 0.1, max: 0.9, noNaN: true }), (l, w, cut) => {
      const whole = sweptAreaM2([part(l, w)]), split = sweptAreaM2([part(l * cut, w), part(l * (1 - cut), w)]);
      expect(split).toBeGreaterThan(whole);
    }), { numRuns: 300, seed: 4 });
  });
});

describe('consumption', () => {
  // Identity on mid-values from memory: heel 5 %, transfer 0.575, overrun × 1.22 on a hood.
  const hood = part(1400, 1100);
  const coverOf = (id: string, filmUm: number, solids: number): number => {
    const u = usage({ ...product(id), filmUmPerCoat: filmUm, solidsFrac: solids }, [hood], 1, TRANSFER_FRAC.aerosol);
    return 400 * (1 - HEEL_FRAC) / (u.sprayMl / u.areaM2);
  };
  it.each([['lacquer colour', 'orrin-base', 8, 0.075, 1.7], ['enamel', 'skerry-enamel', 15, 0.15, 1.8], ['1K clear', 'halden-1k-gloss', 10, 0.085, 1.5], ['filler primer', 'tamsel-filler', 25, 0.14, 1.0], ['2K clear', 'halden-2k-gloss', 21.5, 0.21, 1.75]] as const)(
    'a 400 ml can of %s does about the trade’s area in one coat on a hood', (_name, id, film, solids, m2) => {
      expect(Math.abs(coverOf(id, film, solids) - m2)).toBeLessThan(0.1);
    });
  it('one millilitre of film per square metre and micron, and paint out = on part + lost (1e-9)', () => {
    const u = usage(product('orrin-base'), [part(1000, 1000)], 3, 0.575);
    expect(u.filmMl).toBeCloseTo(24, 12);
    expect(u.filmMl + u.carrierMl + u.oversprayMl + u.overrunMl).toBeCloseTo(u.sprayMl, 9);
  });
  const bare = { ...DEMO_JOBS[2]!.job };
  const lines = (job: Job) => { const s = systemFor(job); return s.layers.map((l) => materialFor(job, s.products.get(l.productId)!, [l])); };
  it('the breakdown adds up to the need to a tenth of a millilitre, over 200 random parts', () => {
    let n = 0;
    fc.assert(fc.property(fc.integer({ min: 50, max: 4000 }), fc.integer({ min: 50, max: 3000 }), fc.integer({ min: 0, max: 100 }), fc.constantFrom<1 | 2>(1, 2), (l, w, h, sides) => {
      for (const m of lines({ ...bare, parts: [part(l, w, { hiddenEdgePct: h, sides, substrate: 'aluminium' })] })) {
        expect(Math.abs(m.breakdown.reduce((a, b) => a + b.ml, 0) - m.needMl)).toBeLessThan(0.1);
        expect(m.packs.reduce((a, p) => a + p.count * p.size, 0) + m.shelfMl).toBeGreaterThanOrEqual(m.needMl - 1e-6);
        n++;
      }
    }), { numRuns: 200, seed: 9 });
    expect(n).toBeGreaterThan(700);
  });
  it('more area or more coats never needs less', () => {
    const need = (l: number, coats: number): number => { const j: Job = { ...bare, parts: [part(l, 300, { substrate: 'aluminium' })] }; const s = systemFor(j); const base = s.layers.find((x) => x.role === 'base')!; return materialFor(j, s.products.get(base.productId)!, [{ ...base, coats }]).needMl; };
    for (let l = 100; l < 2000; l += 100) { expect(need(l + 100, 3)).toBeGreaterThan(need(l, 3)); expect(need(l, 4)).toBeGreaterThan(need(l, 3)); }
  });
  it('what stands on the shelf is not bought again, and what is begun is not bought at all', () => {
    const j: Job = { ...bare, shelf: [{ productId: 'tamsel-filler', remainingMl: 800 }] };
    const count = (x: Job): number => lines(x).find((m) => m.productId === 'tamsel-filler')!.packs.reduce((a, p) => a + p.count, 0);
    expect(count(bare) - count(j)).toBe(2);
    expect(count({ ...bare, state: { coats: [{ layerId: 'filler', coat: 1, endedAt: '2026-05-15T18:00' }], activations: [] } })).toBe(0);
  });
  it('refuses a transfer of zero', () => expect(() => usage(product('orrin-base'), [hood], 1, 0)).toThrow(RangeError));
});

describe('packs', () => {
  it('is the cheapest cover: equal to trying everything on 300 random cases', () => {
    fc.assert(fc.property(fc.array(fc.record({ sizeMl: fc.integer({ min: 50, max: 1000 }), price: fc.integer({ min: 1, max: 60 }) }), { minLength: 1, maxLength: 3 }), fc.integer({ min: 1, max: 2400 }), (packs, need) => {
      const list = packs.map((p) => ({ ...p, unit: 'can' as const }));
      const got = cheapestPacks(list, need);
      const tries = list.reduce<{ ml: number; cost: number }[]>((all, p) => all.flatMap((a) => Array.from({ length: Math.ceil(need / p.sizeMl) + 1 }, (_, c) => ({ ml: a.ml + c * p.sizeMl, cost: a.cost + c * p.price }))), [{ ml: 0, cost: 0 }]);
      const best = Math.min(...tries.filter((t) => t.ml >= need).map((t) => t.cost));
      expect(got.reduce((a, p) => a + p.count * p.price, 0)).toBe(best);
      expect(got.reduce((a, p) => a + p.count * p.size, 0)).toBeGreaterThanOrEqual(need);
    }), { numRuns: 300, seed: 21 });
  });
  it('buys nothing for nothing and refuses a need that is not a number', () => {
    expect(cheapestPacks([{ sizeMl: 400, unit: 'can', price: 9 }], 0)).toEqual([]);
    expect(() => cheapestPacks([{ sizeMl: 400, unit: 'can', price: 9 }], Number.NaN)).toThrow(RangeError);
  });
});

describe('what was really used', () => {
  const base = product('orrin-base');
  it('by cans: a can and a half of 400 ml are 600 ml', () => expect(usedMl({ by: 'cans', productId: base.id, cans: 1.5 }, base)).toBe(600));
  it('by weight: 312 g lighter at 0.78 g/ml are 400 ml; a density of one’s own wins', () => {
    expect(usedMl({ by: 'weight', productId: base.id, beforeG: 420, afterG: 108 }, base)).toBeCloseTo(400, 9);
    expect(usedMl({ by: 'weight', productId: base.id, beforeG: 300, afterG: 100, gPerMl: 1 }, base)).toBe(200);
    expect(() => usedMl({ by: 'weight', productId: base.id, beforeG: 100, afterG: 300 }, base)).toThrow(RangeError);
  });
  it('what was expected counts every coat, also those already on, and the heel that stays in the can', () => {
    const job = DEMO_JOBS[0]!.job, layers = systemFor(job).layers, l = layers.filter((x) => x.productId === 'tamsel-filler');
    const spray = usage(product('tamsel-filler'), job.parts, l.reduce((a, x) => a + x.coats, 0), TRANSFER_FRAC.aerosol).sprayMl;
    expect(l.length).toBeGreaterThan(0);
    expect(expectedMl(job, product('tamsel-filler'), layers)).toBeCloseTo(spray / (1 - HEEL_FRAC), 6);
    expect(materialFor(job, product('tamsel-filler'), l).sprayMl).toBe(0);
  });
});
