/**
 * A figure learned from observations: a normal prior met by a mixture of normals, so that a slip hardly counts
 * (contaminated normal, as Box and Tiao 1968; solved by expectation and maximisation).
 */

export interface Prior {
  readonly mean: number;
  readonly sd: number;
}
export interface Observed {
  readonly y: number;
  /** How far one such observation strays, one standard deviation. */
  readonly sd: number;
}
export interface Estimate extends Prior {
  readonly n: number;
  /** Of each observation, 0…1: how much it counted. */
  readonly counted: readonly number[];
}

/** One observation in twenty is a slip, and strays ten times as far. From memory. */
const SLIP_SHARE = 0.05;
const SLIP_TIMES = 10;
const ROUNDS = 60;

const goodness = (z: number): number => (1 - SLIP_SHARE) * Math.exp(-0.5 * z * z);
const slipness = (z: number): number => (SLIP_SHARE / SLIP_TIMES) * Math.exp(-0.5 * (z / SLIP_TIMES) ** 2);

/** How much an observation counts at a distance of z standard deviations. */
function counts(z: number): number {
  const good = goodness(z);
  const share = good / (good + slipness(z) || Number.MIN_VALUE);
  return share + (1 - share) / SLIP_TIMES ** 2;
}

/** Where the search settles from a first mean. */
function settled(prior: Prior, observed: readonly Observed[], from: number): Estimate {
  let mean = from;
  let counted: number[] = [];
  let precision = 1 / prior.sd ** 2;
  for (let i = 0; i < ROUNDS; i++) {
    counted = observed.map((o) => counts((o.y - mean) / o.sd));
    const weights = observed.map((o, k) => counted[k]! / o.sd ** 2);
    precision = weights.reduce((a, w) => a + w, 1 / prior.sd ** 2);
    const sum = observed.reduce((a, o, k) => a + weights[k]! * o.y, prior.mean / prior.sd ** 2);
    mean = sum / precision;
  }
  return { mean, sd: Math.sqrt(1 / precision), n: observed.length, counted };
}

/** Logarithm of prior times likelihood, without what is the same for every mean. */
const logPosterior = (prior: Prior, observed: readonly Observed[], mean: number): number =>
  observed.reduce(
    (a, o) => {
      const z = (o.y - mean) / o.sd;
      return a + Math.log(goodness(z) + slipness(z) || Number.MIN_VALUE);
    },
    -0.5 * ((mean - prior.mean) / prior.sd) ** 2,
  );

/** @throws RangeError on a spread that is not over 0 */
export function learned(prior: Prior, observed: readonly Observed[]): Estimate {
  if (!(prior.sd > 0) || observed.some((o) => !(o.sd > 0))) throw new RangeError('learned: spreads over 0');
  const sorted = observed.map((o) => o.y).sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)] ?? prior.mean;
  // From the middle observation and from the prior: what is likelier stands.
  const [a, b] = [settled(prior, observed, middle), settled(prior, observed, prior.mean)];
  return logPosterior(prior, observed, a.mean) >= logPosterior(prior, observed, b.mean) ? a : b;
}

/** What one more such observation would leave of the doubt. @returns one standard deviation */
export const sdWithOneMore = (sd: number, oneSd: number): number =>
  Math.sqrt(1 / (1 / sd ** 2 + 1 / oneSd ** 2));
