/** Rates from counts against textbook figures, and their intervals against simulated truth. */
import { describe, expect, it } from 'vitest';
import { uniform } from './random';
import { rateOf, sdAfterOneMore } from './beta';

describe('a rate', () => {
  // Beta(1, 1) met by 7 of 10 is Beta(8, 4): mean 2/3, variance 8·4/(12²·13), as worked in any textbook.
  it('of 7 in 10 on a flat prior has the mean 2/3 and the deviation of Beta(8, 4)', () => {
    const rate = rateOf({ mean: 0.5, weight: 2 }, 7, 10);
    expect(rate.mean).toBeCloseTo(2 / 3, 12);
    expect(rate.sd).toBeCloseTo(Math.sqrt(32 / (144 * 13)), 12);
  });
  // Quantiles of Beta(2, 2) solve 3x² − 2x³ = p: at 0.05 and 0.95 x = 0.1354 and 0.8646, by hand.
  it('has the quantiles of its beta distribution: Beta(2, 2) between 0.1354 and 0.8646', () => {
    const { band } = rateOf({ mean: 0.5, weight: 2 }, 1, 2);
    expect(band[0]).toBeCloseTo(0.13535, 4);
    expect(band[1]).toBeCloseTo(0.86465, 4);
  });
  it('that never came is below what was expected and above nothing; more trials leave less doubt', () => {
    const rate = rateOf({ mean: 0.2, weight: 6 }, 0, 10);
    expect(rate.mean).toBeCloseTo(1.2 / 16, 12);
    expect(rate.band[0]).toBeGreaterThan(0);
    expect(sdAfterOneMore(rate, 16)).toBeLessThan(rate.sd);
    expect(() => rateOf({ mean: 0.2, weight: 6 }, 3, 2)).toThrow(RangeError);
  });
  it('holds the truth in nine of ten, over 2,000 painters whose rates are as the prior has them', () => {
    const next = uniform(5);
    let held = 0;
    for (let k = 0; k < 2_000; k++) {
      // Beta(1, 4), by its own inverse: 1 − (1 − u)^(1/4).
      const truth = 1 - (1 - next()) ** (1 / 4);
      const came = Array.from({ length: 12 }, () => next() < truth).filter(Boolean).length;
      const { band } = rateOf({ mean: 0.2, weight: 5 }, came, 12);
      if (band[0] <= truth && truth <= band[1]) held += 1;
    }
    expect(held / 2_000).toBeGreaterThan(0.87);
    expect(held / 2_000).toBeLessThan(0.93);
  });
});
