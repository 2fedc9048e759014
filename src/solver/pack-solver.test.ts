import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { mostOf, netCost, covers, type Purchase } from '@/core/material/purchase';
import { PacksNotFound, packSolver, type PackSolver } from './pack-solver';

let solve: PackSolver;
beforeAll(async () => {
  solve = await packSolver();
});

/** Every basket there is, tried. */
function exhaustive(p: Purchase): number {
  const most = p.offers.map((o) => mostOf(p, o));
  const steps = p.offers.map(() => 0);
  let best = Number.POSITIVE_INFINITY;
  const walk = (i: number): void => {
    if (i === p.offers.length) {
      if (covers(p, steps)) best = Math.min(best, netCost(p, steps));
      return;
    }
    for (let n = 0; n <= most[i]!; n++) {
      steps[i] = n;
      walk(i + 1);
    }
    steps[i] = 0;
  };
  walk(0);
  return best;
}
const stepsOf = (p: Purchase, counts: Readonly<Record<string, number>>): number[] =>
  p.offers.map((o) => (counts[o.id] ?? 0) / (o.step ?? 1));

describe('the pack optimum', () => {
  it('is the least there is: equal to trying everything on 200 random small cases, kits, steps and leftovers among them (seed 61)', () => {
    let kits = 0;
    fc.assert(
      fc.property(
        fc.array(
          fc
            .record({
              a: fc.constantFrom(0, 100, 250, 400, 500, 1000),
              b: fc.constantFrom(0, 0, 50, 250, 500),
              price: fc.integer({ min: 2, max: 60 }),
              step: fc.constantFrom(1, 1, 1, 2),
            })
            .filter((o) => o.a + o.b > 0),
          { minLength: 2, maxLength: 4 },
        ),
        fc.integer({ min: 1, max: 1800 }),
        fc.integer({ min: 0, max: 700 }),
        fc.constantFrom(0, 0.002),
        (raw, needA, needB, worth) => {
          const offers = raw.map((o, i) => ({
            id: `o${i}`,
            price: o.price,
            step: o.step,
            contents: { ...(o.a ? { a: o.a } : {}), ...(o.b ? { b: o.b } : {}) },
          }));
          const all = [
            ...offers,
            { id: 'last-a', price: 40, contents: { a: 300 } },
            { id: 'last-b', price: 40, contents: { b: 300 } },
          ];
          const p: Purchase = { offers: all, needs: { a: needA, b: needB }, leftoverWorth: { a: worth } };
          if (raw.some((o) => o.a && o.b)) kits++;
          const got = solve(p);
          const steps = stepsOf(p, got.counts);
          expect(covers(p, steps)).toBe(true);
          expect(netCost(p, steps)).toBeCloseTo(exhaustive(p), 3);
          for (const [t, x] of Object.entries(got.leftover)) expect(x, t).toBeGreaterThanOrEqual(-1e-3);
        },
      ),
      { numRuns: 200, seed: 61 },
    );
    expect(kits).toBeGreaterThan(50);
  });
  it('bought together three jobs never cost more than one by one (seed 62)', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 10, max: 1500 }), { minLength: 3, maxLength: 3 }), (needs) => {
        const at = (a: number): number =>
          solve({
            offers: [
              { id: 's', price: 9, contents: { a: 250 } },
              { id: 'm', price: 15, contents: { a: 500 } },
              { id: 'l', price: 24, contents: { a: 1000 } },
            ],
            needs: { a },
          }).cost;
        expect(at(needs.reduce((x, y) => x + y, 0))).toBeLessThanOrEqual(
          needs.reduce((x, y) => x + at(y), 0) + 1e-9,
        );
      }),
      { numRuns: 12, seed: 62 },
    );
  });
  it('a kit wins only where both its halves are wanted', () => {
    const offers = [
      { id: 'kit', price: 40, contents: { clear: 1000, hardener: 500 } },
      { id: 'clear', price: 30, contents: { clear: 1000 } },
      { id: 'hardener', price: 18, contents: { hardener: 500 } },
    ];
    expect(solve({ offers, needs: { clear: 800, hardener: 400 } }).counts).toEqual({ kit: 1 });
    expect(solve({ offers, needs: { clear: 800, hardener: 0 } }).counts).toEqual({ clear: 1 });
    expect(solve({ offers, needs: { clear: 1800, hardener: 400 } }).counts).toEqual({ kit: 1, clear: 1 });
  });
  it('refuses a price below nothing, a pack of size nothing, a thing that is not on offer; buys nothing for nothing', () => {
    expect(() => solve({ offers: [{ id: 'x', price: -1, contents: { a: 1 } }], needs: { a: 1 } })).toThrow(
      RangeError,
    );
    expect(() => solve({ offers: [{ id: 'x', price: 1, contents: { a: 0 } }], needs: { a: 1 } })).toThrow(
      RangeError,
    );
    expect(() =>
      solve({ offers: [{ id: 'x', price: 1, contents: { a: 5 }, step: 0 }], needs: { a: 1 } }),
    ).toThrow(RangeError);
    expect(() => solve({ offers: [{ id: 'x', price: 1, contents: { a: 1 } }], needs: { b: 1 } })).toThrow(
      RangeError,
    );
    expect(() =>
      solve({ offers: [{ id: 'x', price: 1, contents: { a: 1 } }], needs: { a: Number.NaN } }),
    ).toThrow(RangeError);
    expect(solve({ offers: [{ id: 'x', price: 1, contents: { a: 1 } }], needs: { a: 0 } })).toEqual({
      counts: {},
      cost: 0,
      leftover: {},
      leftoverWorth: 0,
    });
  });
});

describe('the limit of the search', () => {
  // Many packs of odd sizes for one need: the kind of sum on which a search may go on for long.
  const hard: Purchase = {
    offers: Array.from({ length: 24 }, (_, i) => ({
      id: `p${i}`,
      price: 100 + ((i * 37) % 61) + i / 7,
      contents: { paint: 97 + ((i * 53) % 71) },
    })),
    needs: { paint: 4999 },
    leftoverWorth: {},
  };
  it('is counted in steps: the same question ends the same way on any machine', async () => {
    const short = await packSolver(0);
    expect(() => short(hard)).toThrow(PacksNotFound);
    expect(() => short(hard)).toThrow(/ended with/);
    expect(covers(hard, stepsOf(hard, solve(hard).counts))).toBe(true);
  });
});
