/** What a painter's own logs say of his use: how much more or less than reckoned, and how sure that is by now. */
import { learned } from '../numerics/learned';
import { logSd } from '../numerics/stats';
import { HABIT_SD_FRAC } from './spread';

export interface Habit {
  /** own use over what was reckoned */ readonly factor: number;
  /** what is still unsure of it, one standard deviation */ readonly sdFrac: number;
  /** closed jobs and weighed coats behind it */ readonly jobs: number;
}
/** How far one job's total strays from the painter's own mean, one standard deviation as a share. From memory. */
export const JOB_SD_FRAC = 0.12;

/** What was used over what was reckoned, once: of a whole job, or of a coat that was weighed. */
export interface UseTold {
  readonly usedMl: number;
  readonly expectedMl: number;
  /** How far one such figure strays, as a share; left out: a job's. */
  readonly sdFrac?: number;
}

/**
 * Own use from what was told: a normal prior on the logarithm of the factor, mean 0 and the spread of painters in
 * general, robust to a slip. With nothing told there is no habit.
 * @param told millilitres used and reckoned, both above 0; others are left out
 */
export function habitOf(told: readonly UseTold[]): Habit | null {
  const observed = told
    .filter((j) => j.usedMl > 0 && j.expectedMl > 0)
    .map(({ usedMl, expectedMl, sdFrac = JOB_SD_FRAC }) => ({
      y: Math.log(usedMl / expectedMl),
      sd: logSd(sdFrac),
    }));
  if (observed.length === 0) return null;
  const { mean, sd, n } = learned({ mean: 0, sd: logSd(HABIT_SD_FRAC) }, observed);
  return {
    factor: Math.min(3, Math.max(0.3, Math.exp(mean))),
    sdFrac: Math.sqrt(Math.exp(sd * sd) - 1),
    jobs: n,
  };
}
