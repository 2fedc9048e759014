/** A rate learned from counts: a beta prior met by how often it came (conjugate, as in any textbook of Bayes). */
import jstat from 'jstat';

export interface BetaPrior {
  /** Expected share, 0…1. */
  readonly mean: number;
  /** It weighs as much as so many trials. */
  readonly weight: number;
}
export interface Rate {
  readonly mean: number;
  /** Nine in ten lie between. */
  readonly band: readonly [low: number, high: number];
  /** One standard deviation. */
  readonly sd: number;
}

const sdOf = (mean: number, weight: number): number => Math.sqrt((mean * (1 - mean)) / (weight + 1));

/** @param came of so many trials @throws RangeError where more came than were tried */
export function rateOf({ mean, weight }: BetaPrior, came: number, of: number): Rate {
  if (came > of || came < 0) throw new RangeError(`rateOf: ${came} of ${of}`);
  const alpha = mean * weight + came;
  const beta = (1 - mean) * weight + of - came;
  const at = (p: number): number => jstat.jStat.beta.inv(p, alpha, beta);
  const yours = alpha / (alpha + beta);
  return { mean: yours, band: [at(0.05), at(0.95)], sd: sdOf(yours, alpha + beta) };
}

/** Doubt after one more trial, as expected. */
export const sdAfterOneMore = (rate: Rate, weight: number): number => sdOf(rate.mean, weight + 1);
