import { flatPart } from '@/demo/test-part';
import { describe, expect, it } from 'vitest';
import { groundOf } from '@/model/ground';
import type { Seam } from '../seams/seam';
import { CONDITIONS, SUBSTRATES } from '@/model/lists';
import { CATALOGUE } from '../coating/catalogue';
import { ruleFor } from '../coating/rules/rules';
import { CREAM_G_PER_ML, dentMl, fillerPlan, HARDENER_FRAC } from './filler';
import { FEPA_UM } from './grit';
import { paperNeeds } from './paper';
import { GRITS, grits, ladderMinPerM2, ladderOf, MAX_RATIO, startGrit } from './ladder';

describe('grit ladders', () => {
  it('every pair of grits has a ladder that keeps the ratio rule, starts and ends where it should (all 253 pairs)', () => {
    let n = 0;
    for (const a of GRITS)
      for (const b of GRITS)
        if (b >= a) {
          const l = grits(a, b);
          expect([l[0], l.at(-1)]).toEqual([a, b]);
          l.forEach((g, i) => {
            if (i > 0) {
              expect(g).toBeGreaterThan(l[i - 1]!);
              expect(FEPA_UM[l[i - 1]!]! / FEPA_UM[g]!).toBeLessThanOrEqual(MAX_RATIO);
            }
          });
          // As few as the rule allows.
          expect(l.length - 1).toBeGreaterThanOrEqual(Math.ceil(Math.log2(FEPA_UM[a]! / FEPA_UM[b]!) - 1e-9));
          // And no fewer would do: from each grit, the finest that the rule lets follow (the greedy way is
          // fewest for a one-way ladder).
          let at = a;
          let steps = 0;
          while (at < b) {
            at = GRITS.filter((g) => g > at && g <= b && FEPA_UM[at]! / FEPA_UM[g]! <= MAX_RATIO).at(-1)!;
            steps++;
          }
          expect(l.length - 1).toBe(steps);
          n++;
        }
    expect(n).toBe((GRITS.length * (GRITS.length + 1)) / 2);
  });
  it('filler is blocked P80, P120, P180, as the trade does; failing clear P120 to P320 in three or four', () => {
    expect(grits(80, 180)).toEqual([80, 120, 180]);
    const strip = grits(120, 320);
    expect(strip[0]).toBe(120);
    expect(strip.length).toBeGreaterThanOrEqual(3);
    expect(strip.length).toBeLessThanOrEqual(4);
  });
  it('refuses a ladder that goes coarser, or a grit that is none', () => {
    expect(() => grits(400, 180)).toThrow(RangeError);
    expect(() => grits(333, 400)).toThrow(RangeError);
  });
  it('for every surface and every product that goes on it, the ladder ends where the rule says', () => {
    let n = 0;
    for (const substrate of SUBSTRATES)
      for (const condition of CONDITIONS)
        for (const p of CATALOGUE) {
          const c = ruleFor({ surface: { substrate, condition } }, p);
          if (!c || typeof c.grit !== 'number' || c.verdict === 'no') continue;
          const l = ladderOf({
            below: { kind: 'surface', substrate, condition },
            join: c.join,
            gritP: c.grit,
            wet: c.wet ?? false,
          });
          expect(l.at(-1)!.gritP).toBe(c.grit);
          expect(l[0]!.gritP).toBe(startGrit({ substrate, condition }, c.grit));
          for (const r of l) if (r.ratio !== null) expect(r.ratio).toBeLessThanOrEqual(MAX_RATIO);
          n++;
        }
    expect(n).toBeGreaterThan(100);
  });
  it('a wet-on-wet seam has no ladder; blocking a primer to P600 starts with P400 and takes its half hour in all', () => {
    expect(ladderOf({ below: groundOf('base'), join: 'wet-on-wet', gritP: null, wet: false })).toEqual([]);
    const seam = { below: groundOf('filler'), join: 'sanded' as const, gritP: 600, wet: true };
    const l = ladderOf({ ...seam, block: true });
    expect(l.map((r) => [r.gritP, r.wet])).toEqual([
      [400, true],
      [600, true],
    ]);
    expect(ladderMinPerM2({ ...seam, block: true })).toBe(30);
    // What is not made to be blocked is only dulled, with the one paper.
    expect(ladderOf({ ...seam, block: false }).map((r) => r.gritP)).toEqual([600]);
  });
});

describe('stripping', () => {
  it('a failing clear is stripped from P120 on, 90 min a square metre by hand (60 to 120 from memory), most on the coarse paper, a third of it with a sander', () => {
    const below = {
      kind: 'surface' as const,
      substrate: 'steel' as const,
      condition: 'failing-clear' as const,
    };
    const seam = { below, join: 'sanded' as const, gritP: 600, wet: true };
    expect(ladderOf(seam).map((r) => [r.gritP, r.minPerM2])).toEqual([
      [120, 36],
      [220, 27],
      [360, 18],
      [600, 9],
    ]);
    expect(ladderMinPerM2(seam)).toBe(90);
    // The last paper is wet, so by hand all the same: 27 + 9.
    expect(ladderMinPerM2(seam, { sander: true })).toBeCloseTo(36, 9);
    expect(ladderMinPerM2({ ...seam, wet: false }, { sander: true })).toBeCloseTo(30, 9);
    const sound = { ...seam, below: { ...below, condition: 'sound-paint' as const } };
    expect(ladderMinPerM2({ ...sound, join: 'scuffed' }, { sander: true })).toBe(18);
  });
});

describe('body filler', () => {
  it('a golf ball of 41 cm³ takes 0.9–1.5 g of cream at 2 %, 0.8–1.3 ml, at 45–75 g of paste (identity)', () => {
    for (const [g, lo, hi] of [
      [45, 0.9, 0.8],
      [75, 1.5, 1.3],
    ] as const) {
      expect(g * HARDENER_FRAC).toBeCloseTo(lo, 9);
      expect((g * HARDENER_FRAC) / CREAM_G_PER_ML).toBeCloseTo(hi, 1);
    }
  });
  it('a dent of 100 × 80 mm, 4 mm deep, holds 12.6 ml (half its ellipse times its depth) and takes two layers', () => {
    const d = { lengthMm: 100, widthMm: 80, depthMm: 4 };
    expect(dentMl(d)).toBeCloseTo(((Math.PI / 4) * 100 * 80 * 4) / 2 / 1000, 9);
    const p = fillerPlan([d], 20)!;
    expect(p.layers).toBe(2);
    expect(p.hardenerG[1] / p.pasteG).toBeCloseTo(0.02, 9);
    expect(p.workMin).toEqual([3, 6]);
    expect(fillerPlan([d], 30)!.workMin).toEqual([1.5, 3]);
    expect(fillerPlan([], 20)).toBeNull();
    expect(() => dentMl({ ...d, depthMm: 0 })).toThrow(RangeError);
  });
});

describe('paper', () => {
  const part = flatPart({ widthMm: 1000, condition: 'filled' });
  const seam = (below: string, above: string, gritP: number, wet = false): Seam => ({
    below: groundOf(below),
    above,
    verdict: 'ok',
    join: 'sanded',
    reason: { code: 'x', params: {} },
    wayOut: null,
    mark: 'CP',
    gritP,
    wet,
    block: below === 'filler',
    window: null,
    partIds: ['p'],
  });
  it('a square metre of filler blocked to P180 takes three sheets of each of P80, P120, P180; a primer two of wet P400 and P600', () => {
    expect(
      paperNeeds([part], [seam('surface:steel/filled', 'epoxy', 180), seam('filler', 'base', 600, true)]).map(
        (n) => [n.gritP, n.wet, n.sheets],
      ),
    ).toEqual([
      [80, false, 3],
      [120, false, 3],
      [180, false, 3],
      [400, true, 2],
      [600, true, 2],
    ]);
  });
  it('more area never takes fewer sheets', () => {
    for (const k of [1, 2, 3, 5])
      expect(
        paperNeeds([{ ...part, lengthMm: 1000 * k }], [seam('filler', 'base', 600, true)])[0]!.sheets,
      ).toBeGreaterThanOrEqual(paperNeeds([part], [seam('filler', 'base', 600, true)])[0]!.sheets);
  });
});
