import { flatPart } from '@/demo/test-part';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { job, panel, planned } from '@/demo/work-kit';
import { DEMO_JOBS } from '@/demo/jobs';
import type { Job, Part } from '@/model/job';
import { CATALOGUE } from '../coating/catalogue';
import { systemFor } from '../coating/system';
import { overrunFactor, partAreaM2, sweptAreaM2 } from '../surface/area';
import { CHARACTER_WEIGHT, characterOf, coatWeights } from '../coating/character';
import { normals } from '../numerics/random';
import { COAT_SD_FRAC, exceedChance, HABIT_SD_FRAC, quantileFactor } from './spread';
import { coatUses, HEEL_FRAC, TRANSFER_FRAC, usage } from './coat-uses';
import { materialFor, NOZZLE_ML, PURGE_ML, REDO_FRAC } from './material-line';
import { ingredientsOf } from './ingredients';

const product = (id: string) => CATALOGUE.find((p) => p.id === id)!;
const part = (lengthMm: number, widthMm: number, over: Partial<Part> = {}): Part =>
  flatPart({ lengthMm, widthMm, ...over });

describe('areas', () => {
  it('a panel of 1.4 × 1.1 m is 1.54 m² a side; both sides and 10 % hidden edges make 3.388', () => {
    expect(partAreaM2(part(1400, 1100))).toBeCloseTo(1.54, 9);
    expect(partAreaM2(part(1400, 1100, { sides: 2, hiddenEdgePct: 10 }))).toBeCloseTo(3.388, 9);
  });
  it('a hood of 1.4 × 1.1 m is sprayed × 1.22, a mirror of 150 × 300 mm × 2.7 (identity; the trade’s “two to three times”)', () => {
    expect(overrunFactor(1400, 1100)).toBeCloseTo(1.22, 2);
    expect(overrunFactor(300, 150)).toBeGreaterThan(2);
    expect(overrunFactor(300, 150)).toBeLessThan(3);
  });
  it('splitting a panel in two never needs less paint (300 random splits)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 3000 }),
        fc.integer({ min: 100, max: 2000 }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (l, w, cut) => {
          const whole = sweptAreaM2([part(l, w)]);
          const split = sweptAreaM2([part(l * cut, w), part(l * (1 - cut), w)]);
          expect(split).toBeGreaterThan(whole);
        },
      ),
      { numRuns: 300, seed: 4 },
    );
  });
});

describe('consumption', () => {
  // Identity on mid-values from memory: heel 5 %, transfer 0.575, overrun × 1.22 on a hood.
  const hood = part(1400, 1100);
  const coverOf = (id: string, filmUm: number, solids: number): number => {
    const u = usage(
      { ...product(id), filmUmPerCoat: filmUm, solidsFrac: solids },
      [hood],
      1,
      TRANSFER_FRAC.aerosol,
    );
    return (400 * (1 - HEEL_FRAC)) / (u.sprayMl / u.areaM2);
  };
  it.each([
    ['lacquer colour', 'orrin-base', 8, 0.075, 1.7],
    ['enamel', 'skerry-enamel', 15, 0.15, 1.8],
    ['1K clear', 'halden-1k-gloss', 10, 0.085, 1.5],
    ['filler primer', 'tamsel-filler', 25, 0.14, 1.0],
    ['2K clear', 'halden-2k-gloss', 21.5, 0.21, 1.75],
  ] as const)(
    'a 400 ml can of %s does about the trade’s area in one coat on a hood',
    (_name, id, film, solids, m2) => {
      expect(Math.abs(coverOf(id, film, solids) - m2)).toBeLessThan(0.1);
    },
  );
  it('one millilitre of film per square metre and micron, and paint out = on part + lost (1e-9)', () => {
    const u = usage(product('orrin-base'), [part(1000, 1000)], 3, 0.575);
    expect(u.filmMl).toBeCloseTo(24, 12);
    expect(u.filmMl + u.carrierMl + u.oversprayMl + u.overrunMl).toBeCloseTo(u.sprayMl, 9);
  });
  it('theoretical cover: 10 × solids % / µm in m² a litre; 1604.17 ft² · mil a US gallon of 231 in³ (identities)', () => {
    const u = usage(
      { ...product('orrin-base'), filmUmPerCoat: 25.4, solidsFrac: 1 },
      [part(1000, 1000)],
      1,
      1,
    );
    expect(1000 / (u.filmMl + u.carrierMl)).toBeCloseTo((10 * 100) / 25.4, 9);
    const gallonMl = 231 * 2.54 ** 3;
    const ft2 = 0.3048 ** 2;
    expect(gallonMl / (u.filmMl + u.carrierMl) / ft2).toBeCloseTo(1604.17, 1);
  });
  it('splitting a part in two never asks for less to have ready, margin and all (200 random splits)', () => {
    const job = DEMO_JOBS[2]!.job;
    const need = (parts: Part[]): number => {
      const j: Job = { ...job, parts };
      const s = systemFor(j);
      const base = s.layers.find((x) => x.role === 'base')!;
      return materialFor(j, s.products.get(base.productId)!, s).needMl;
    };
    fc.assert(
      fc.property(
        fc.integer({ min: 150, max: 3000 }),
        fc.integer({ min: 100, max: 2000 }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        (l, w, cut) => {
          const at = (x: number, id: string): Part => part(x, w, { id, substrate: 'aluminium' });
          expect(need([at(l * cut, 'a'), at(l * (1 - cut), 'b')])).toBeGreaterThan(need([at(l, 'a')]));
        },
      ),
      { numRuns: 200, seed: 14 },
    );
  });
  const bare = { ...DEMO_JOBS[2]!.job };
  const lines = (job: Job) => {
    const s = systemFor(job);
    return [...new Set(s.layers.map((l) => l.productId))].map((id) =>
      materialFor(job, s.products.get(id)!, s),
    );
  };
  it('the breakdown adds up to the need to a tenth of a millilitre, over 200 random parts', () => {
    let n = 0;
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 4000 }),
        fc.integer({ min: 50, max: 3000 }),
        fc.integer({ min: 0, max: 100 }),
        fc.constantFrom<1 | 2>(1, 2),
        (l, w, h, sides) => {
          for (const m of lines({
            ...bare,
            parts: [part(l, w, { hiddenEdgePct: h, sides, substrate: 'aluminium' })],
          })) {
            expect(Math.abs(m.breakdown.reduce((a, b) => a + b.ml, 0) - m.needMl)).toBeLessThan(0.1);
            expect(m.packs.reduce((a, p) => a + p.count * p.size, 0) + m.shelfMl).toBeGreaterThanOrEqual(
              m.needMl - 1e-6,
            );
            n++;
          }
        },
      ),
      { numRuns: 200, seed: 9 },
    );
    expect(n).toBeGreaterThan(700);
  });
  it('more area or more coats never needs less', () => {
    const need = (l: number, coats: number): number => {
      const j: Job = { ...bare, parts: [part(l, 300, { substrate: 'aluminium' })] };
      const s = systemFor(j);
      const base = s.layers.find((x) => x.role === 'base')!;
      return materialFor(j, s.products.get(base.productId)!, { layers: [{ ...base, coats }], seams: [] })
        .needMl;
    };
    for (let l = 100; l < 2000; l += 100) {
      expect(need(l + 100, 3)).toBeGreaterThan(need(l, 3));
      expect(need(l, 4)).toBeGreaterThan(need(l, 3));
    }
  });
  it('what stands on the shelf is not bought again, and what is begun is not bought at all', () => {
    const j: Job = { ...bare, shelf: [{ productId: 'tamsel-filler', remainingMl: 800 }] };
    const count = (x: Job): number =>
      lines(x)
        .find((m) => m.productId === 'tamsel-filler')!
        .packs.reduce((a, p) => a + p.count, 0);
    expect(count(bare) - count(j)).toBe(2);
    expect(
      count({
        ...bare,
        state: { coats: [{ layerId: 'filler', coat: 1, endedAt: '2026-05-15T18:00' }], activations: [] },
      }),
    ).toBe(0);
  });
  const USUAL = { firstClear: 'tack', lastEffect: 'drop' };
  it('the coats of a layer differ in character and add up to the sheet’s film (1e-9)', () => {
    expect([1, 2, 3, 4].map((c) => characterOf(product('orrin-metallic'), c, 4, USUAL))).toEqual([
      'mist',
      'medium',
      'medium',
      'drop',
    ]);
    expect([1, 2].map((c) => characterOf(product('halden-2k-gloss'), c, 2, USUAL))).toEqual(['tack', 'full']);
    for (const p of CATALOGUE)
      for (let n = 1; n <= 8; n++)
        expect(coatWeights(p, n, USUAL).reduce((a, b) => a + b, 0)).toBeCloseTo(n, 9);
    const w = coatWeights(product('orrin-metallic'), 4, USUAL);
    expect(w[3]! / w[1]!).toBeCloseTo(CHARACTER_WEIGHT.drop, 9);
  });
  it('what sanding takes off is told apart and was film all the same; test cards, mending and cleaning are in the use', () => {
    const s = systemFor(bare);
    const m = materialFor(bare, s.products.get('tamsel-filler')!, s);
    const ml = (cause: string): number => m.breakdown.find((b) => b.cause === cause)!.ml;
    const area = m.areaM2;
    const coats = s.layers.find((l) => l.productId === 'tamsel-filler')!.coats;
    expect(ml('film') + ml('sanded')).toBeCloseTo(area * 25 * coats, 6);
    expect(ml('sanded')).toBeCloseTo(area * Math.min(20, (25 * coats) / 4), 6);
    const base = materialFor(bare, s.products.get('orrin-base')!, s);
    expect(base.useMl).toBeCloseTo(
      base.sprayMl * (1 + REDO_FRAC[bare.purpose.grade]) + NOZZLE_ML.aerosol + PURGE_ML.aerosol,
      9,
    );
  });
  it('one coat spreads ±20 % as the trade says; more coats a little less, never below the habit', () => {
    const at = (coats: number): number => {
      const s = systemFor(bare);
      const l = s.layers.find((x) => x.role === 'base')!;
      return materialFor(bare, s.products.get(l.productId)!, { layers: [{ ...l, coats }], seams: [] }).factors
        .cv;
    };
    expect(Math.abs(at(1) - 0.2)).toBeLessThan(0.02);
    for (let n = 1; n < 6; n++) expect(at(n + 1)).toBeLessThan(at(n));
    expect(at(8)).toBeGreaterThan(HABIT_SD_FRAC * 0.9);
  });
  it('less risk never needs less; the quantile and the tail undo each other to the accuracy of the package’s probit', () => {
    const need = (runOut: number): number =>
      lines({ ...bare, risk: { ...bare.risk, runOut } }).reduce((a, m) => a + m.needMl, 0);
    for (const [a, b] of [
      [0.2, 0.1],
      [0.1, 0.05],
      [0.05, 0.01],
    ] as const)
      expect(need(b)).toBeGreaterThan(need(a));
    for (const cv of [0.05, 0.2, 0.5])
      for (const risk of [0.01, 0.05, 0.2])
        expect(exceedChance(cv, quantileFactor(cv, risk))).toBeCloseTo(risk, 3);
  });
  it('with the cans recommended, running out happens at most at the chosen rate, over 20000 seeded worlds for each product and risk', () => {
    // A world: one habit for all coats, a luck for each, each lognormal of mean 1 with the spread that is assumed.
    const z = normals(77);
    const draw = (cv: number): number => {
      const s2 = Math.log(1 + cv * cv);
      return Math.exp(Math.sqrt(s2) * z() - s2 / 2);
    };
    const N = 20_000;
    let checked = 0;
    for (const runOut of [0.05, 0.2])
      for (const d of DEMO_JOBS) {
        const { state: _state, shelf: _shelf, ...whole } = d.job;
        const job: Job = { ...whole, risk: { ...d.job.risk, runOut } };
        const s = systemFor(job);
        for (const id of new Set(s.layers.map((l) => l.productId))) {
          const p = s.products.get(id)!;
          const m = materialFor(job, p, s);
          const coats = new Map<string, number>();
          for (const u of coatUses(job, p, s.layers))
            coats.set(`${u.layerId}.${u.coat}`, (coats.get(`${u.layerId}.${u.coat}`) ?? 0) + u.sprayMl);
          const ml = (cause: string): number => m.breakdown.find((b) => b.cause === cause)!.ml;
          const fixed = ml('nozzle') + ml('nib') + ml('purge');
          const spare = ml('spare');
          const parts = new Map(job.parts.map((x) => [x.id, x]));
          const areaCv = Math.sqrt(
            Math.max(
              0,
              ((m.factors.cv * m.useMl) / m.sprayMl) ** 2 -
                HABIT_SD_FRAC ** 2 -
                [...coats.values()].reduce((a, x) => a + (x / m.sprayMl) ** 2, 0) * COAT_SD_FRAC ** 2,
            ),
          );
          expect(parts.size).toBeGreaterThan(0);
          const exact = (m.needMl - spare) * (1 - m.factors.heelFrac);
          const bought = m.packs.reduce((a, x) => a + x.count * x.size, 0);
          const inCans = (bought - spare) * (1 - m.factors.heelFrac);
          let shortExact = 0;
          let shortCans = 0;
          for (let i = 0; i < N; i++) {
            const habit = draw(HABIT_SD_FRAC) * draw(areaCv);
            let used = fixed;
            for (const x of coats.values()) used += x * habit * draw(COAT_SD_FRAC);
            if (used > exact) shortExact++;
            if (used > inCans) shortCans++;
          }
          const error = 3 * Math.sqrt((runOut * (1 - runOut)) / N);
          // The need itself meets the rate on both sides; whole cans only make it safer.
          expect(Math.abs(shortExact / N - runOut), `${job.name} ${id}`).toBeLessThan(error + 0.006);
          expect(shortCans / N).toBeLessThanOrEqual(runOut + error + 0.006);
          expect(Math.abs(shortCans / N - m.shortChance!)).toBeLessThan(error + 0.012);
          checked++;
        }
      }
    expect(checked).toBeGreaterThan(12);
  });
  it('a mixed product is bought as base, hardener and reducer in its ratio (4:1:0.5 of one litre: 727, 182, 91 ml)', () => {
    const g = ingredientsOf(product('tamsel-surfacer'));
    expect(g.map((x) => [x.part, Math.round(x.share * 1000)])).toEqual([
      ['base', 727],
      ['hardener', 182],
      ['reducer', 91],
    ]);
    expect(g.reduce((a, x) => a + x.share, 0)).toBeCloseTo(1, 12);
    expect(ingredientsOf(product('orrin-base')).length).toBe(1);
    const own = ingredientsOf(product('tamsel-surfacer'), { 'tamsel-surfacer.hardener@250': 99 });
    expect(own[1]!.packs.find((x) => x.sizeMl === 250)!.price).toBe(99);
  });
  it('refuses a transfer of zero', () =>
    expect(() => usage(product('orrin-base'), [hood], 1, 0)).toThrow(RangeError));
});

describe('what rust and dents ask for beside paper', () => {
  const bought = (over: Parameters<typeof panel>[1]): Record<string, number> =>
    Object.fromEntries(
      planned(
        job(
          [
            { role: 'epoxy', productId: 'tamsel-epoxy', coats: 2 },
            { role: 'colour', productId: 'skerry-enamel', coats: 2 },
          ],
          { parts: [panel('p', over)] },
        ),
      ).consumables.map((c) => [c.id, c.need]),
    );
  const dents = [{ lengthMm: 60, widthMm: 60, depthMm: 2 }];
  it('rust: converter, 60 ml a square metre (from memory); none without rust', () => {
    // 400 × 300 mm.
    expect(bought({ condition: 'rust' })['rust-converter']).toBeCloseTo(0.12 * 60, 9);
    expect(bought({ condition: 'bare' })['rust-converter']).toBeUndefined();
  });
  it('a dent in plastic takes filler made for plastic, in steel the usual one', () => {
    const steel = bought({ dents });
    const plastic = bought({ substrate: 'abs', condition: 'sound-paint', dents });
    expect([steel['body-filler']! > 0, steel['plastic-filler']]).toEqual([true, undefined]);
    expect([plastic['body-filler'], plastic['plastic-filler']! > 0]).toEqual([undefined, true]);
  });
});
