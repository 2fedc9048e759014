import { lowerBound } from './sorted';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { reach, running, sumAt } from './curve';
import { normals, seedOf, uniform } from './random';
import { chanceOf, median, normalQuantile, popcount } from './stats';

const HOUR = 3_600_000;

describe('running integrals', () => {
  const flat = running(new Float64Array([1, 1, 1, 1, 1, 2, 2, 2, 2, 2]), {
    rows: 2,
    nodes: 5,
    startMs: 0,
    stepMs: HOUR,
  });
  it('a rate of one collects one minute a minute, a rate of two twice that', () => {
    expect(sumAt(flat, 0, 2.5 * HOUR)).toBeCloseTo(150, 9);
    expect(reach(flat, 0, 0, 90)).toBeCloseTo(1.5 * HOUR, 3);
    expect(reach(flat, 1, HOUR, 90)).toBeCloseTo(1.75 * HOUR, 3);
  });
  it('says Infinity when the amount is not reached, and never in a frozen hour', () => {
    expect(reach(flat, 0, 3 * HOUR, 61)).toBe(Infinity);
    const frozen = running(new Float64Array([1, 0, 0, 0, 1]), {
      rows: 1,
      nodes: 5,
      startMs: 0,
      stepMs: HOUR,
    });
    expect(reach(frozen, 0, HOUR, 1)).toBeGreaterThan(3 * HOUR);
  });
  it('goes on at the edge rate before the first node', () => {
    expect(sumAt(flat, 1, -HOUR)).toBeCloseTo(-120, 9);
    expect(reach(flat, 1, -HOUR, 180)).toBeCloseTo(0.5 * HOUR, 3);
  });
  it('is the inverse of itself for any rates (200 random grids)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.05, max: 4, noNaN: true }), { minLength: 3, maxLength: 40 }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        fc.double({ min: 0.01, max: 0.45, noNaN: true }),
        (rates, from, part) => {
          const c = running(Float64Array.from(rates), {
            rows: 1,
            nodes: rates.length,
            startMs: 0,
            stepMs: HOUR,
          });
          const fromMs = from * (rates.length - 1) * HOUR;
          const amount = part * (sumAt(c, 0, (rates.length - 1) * HOUR) - sumAt(c, 0, fromMs));
          const at = reach(c, 0, fromMs, amount);
          expect(sumAt(c, 0, at) - sumAt(c, 0, fromMs)).toBeCloseTo(amount, 6);
        },
      ),
      { numRuns: 200, seed: 11 },
    );
  });
});

describe('seeded chance', () => {
  it('repeats itself and is uniform: 20,000 draws of seed 7 have mean 0.5 and variance 1/12', () => {
    const u = uniform(7);
    const xs = Array.from({ length: 20_000 }, u);
    const again = uniform(7);
    expect(again()).toBe(xs[0]);
    const mean = xs.reduce((a, b) => a + b, 0) / xs.length;
    expect(mean).toBeCloseTo(0.5, 1);
    expect(xs.reduce((a, b) => a + (b - mean) ** 2, 0) / xs.length).toBeCloseTo(1 / 12, 2);
  });
  it('normal draws of seed 3 have deviation one', () => {
    const n = normals(3);
    const xs = Array.from({ length: 20_000 }, n);
    expect(Math.sqrt(xs.reduce((a, b) => a + b * b, 0) / xs.length)).toBeCloseTo(1, 1);
  });
  it('the FNV-1a hash of “a” is e40c292c (published test vector of the FNV page)', () => {
    expect(seedOf('a').toString(16)).toBe('e40c292c');
  });
});

describe('odds', () => {
  it('is never 0 or 1: 0 of 50 gives 1/52, 50 of 50 gives 51/52', () => {
    expect(chanceOf(0, 50)).toBeCloseTo(1 / 52, 12);
    expect(chanceOf(50, 50)).toBeCloseTo(51 / 52, 12);
    expect(() => chanceOf(3, 2)).toThrow(RangeError);
  });
  it('the 95 % point of the normal is 1.645 (any table of the normal distribution)', () => {
    expect(normalQuantile(0.95)).toBeCloseTo(1.6449, 2);
    expect(median([5, 1, 9, 3])).toBe(4);
  });
  it('counts bits like counting them one by one', () => {
    fc.assert(
      fc.property(
        fc.integer(),
        (w) => popcount(w) === [...(w >>> 0).toString(2)].filter((b) => b === '1').length,
      ),
    );
  });
});

describe('lowerBound', () => {
  it('finds the first that is not below: among none, before all, between, the first of equals, after all', () => {
    const of = (sorted: number[], least: number): number => lowerBound(sorted, (x) => x, least);
    expect([of([], 1), of([2, 4], 1), of([2, 4], 3), of([1, 2, 2, 2, 5], 2), of([2, 4], 5)]).toEqual([
      0, 0, 1, 1, 2,
    ]);
  });
});
