/** What a painter's own logs say of his use: how much more or less than reckoned, and how sure that is by now. */
import { logSd } from '../numerics/stats';
import { HABIT_SD_FRAC } from './spread';

export interface Habit {
  /** own use over what was reckoned */ readonly factor: number;
  /** what is still unsure of it, one standard deviation */ readonly sdFrac: number;
  /** closed jobs behind it */ readonly jobs: number;
}
/** How far one job's total strays from the painter's own mean, one standard deviation as a share. From memory. */
export const JOB_SD_FRAC = 0.12;

/**
 * Own use from jobs that were logged: a normal prior on the logarithm of the factor, mean 0 and the
 * spread of painters in general, met by one observation a job (conjugate normal, as in any text on
 * Bayesian statistics). With no job there is no habit.
 * @param jobs millilitres used and reckoned of each job, both above 0; others are left out
 */
export function habitOf(
  jobs: readonly { readonly usedMl: number; readonly expectedMl: number }[],
): Habit | null {
  const y = jobs
    .filter((j) => j.usedMl > 0 && j.expectedMl > 0)
    .map((j) => Math.log(j.usedMl / j.expectedMl));
  if (y.length === 0) return null;
  const prior = 1 / logSd(HABIT_SD_FRAC) ** 2;
  const each = 1 / logSd(JOB_SD_FRAC) ** 2;
  const precision = prior + y.length * each;
  const mean = (y.reduce((a, b) => a + b, 0) * each) / precision;
  return {
    factor: Math.min(3, Math.max(0.3, Math.exp(mean))),
    sdFrac: Math.sqrt(Math.exp(1 / precision) - 1),
    jobs: y.length,
  };
}
