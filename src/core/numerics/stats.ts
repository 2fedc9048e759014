/** Odds and quantiles, over the registry's statistics package. */
import { errorFunction, probit, quantileSorted } from 'simple-statistics';

/**
 * Chance from k good futures of n: Laplace's rule of succession, (k + 1)/(n + 2); never 0 or 1.
 * Source: Laplace 1774, as in any text on probability.
 */
export function chanceOf(good: number, of: number): number {
  if (!(good >= 0 && good <= of)) throw new RangeError(`chanceOf: needs 0 ≤ good ≤ of, got ${good} of ${of}`);
  return (good + 1) / (of + 2);
}

/** Standard normal quantile of p, 0 < p < 1. */
export function normalQuantile(p: number): number {
  if (!(p > 0 && p < 1)) throw new RangeError(`normalQuantile: needs 0 < p < 1, got ${p}`);
  return probit(p);
}

/** Chance that a standard normal exceeds z: (1 − erf(z/√2))/2. */
export function normalTail(z: number): number {
  return (1 - errorFunction(z / Math.SQRT2)) / 2;
}

/** Standard deviation of the logarithm of a lognormal whose own is `cv` times its mean. */
export function logSd(cv: number): number {
  return Math.sqrt(Math.log(1 + cv * cv));
}

/** Quantile of any finite numbers, at least one. @param share 0…1 */
export function quantile(values: readonly number[], share: number): number {
  return quantileSorted(
    [...values].sort((a, b) => a - b),
    share,
  );
}

/** Median of any finite numbers, at least one. */
export const median = (values: readonly number[]): number => quantile(values, 0.5);

/** Number of set bits of a 32-bit word. */
export function popcount(word: number): number {
  let v = word - ((word >>> 1) & 0x55555555);
  v = (v & 0x33333333) + ((v >>> 2) & 0x33333333);
  return Math.imul((v + (v >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
}
