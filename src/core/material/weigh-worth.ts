/** What weighing one more coat would be worth to a job: how far its margins would shrink. */
import type { Job } from '@/model/job';
import { sdWithOneMore } from '../numerics/learned';
import { logSd } from '../numerics/stats';
import type { System } from '../seams/seam';
import { withZones } from '../surface/zones';
import { materialsOf } from './materials';
import { COAT_SD_FRAC, HABIT_SD_FRAC } from './spread';

export interface WeighWorth {
  /** Against running out, over all paints, ml. */
  readonly marginMl: number;
  readonly withOneMoreMl: number;
}

const marginOf = (job: Job, system: System): number =>
  materialsOf(job, system)
    .flatMap((m) => m.breakdown)
    .reduce((sum, b) => sum + (b.cause === 'margin' ? b.ml : 0), 0);

/** @param job as it is reckoned now, with or without its painter's own use */
export function weighWorth(job: Job, system: System): WeighWorth {
  const zoned = withZones(job);
  const { factor = 1, sdFrac = HABIT_SD_FRAC, jobs = 0 } = zoned.habit ?? {};
  const sd = sdWithOneMore(logSd(sdFrac), logSd(COAT_SD_FRAC));
  const habit = { factor, sdFrac: Math.sqrt(Math.exp(sd * sd) - 1), jobs: jobs + 1 };
  return { marginMl: marginOf(zoned, system), withOneMoreMl: marginOf({ ...zoned, habit }, system) };
}
