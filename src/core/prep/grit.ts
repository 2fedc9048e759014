/** Grits: FEPA sizes and the last paper before the colour. */
import type { Purpose } from '@/model/job';
import type { GRITS_P } from '@/model/lists';

/** Mean grain, µm. Source: FEPA 43-1 (to P220) and 43-2 (from P240), as ISO 6344-2 and -3. */
export const FEPA_UM: Readonly<Record<number, number>> = {
  36: 538,
  40: 425,
  50: 336,
  60: 269,
  80: 201,
  100: 162,
  120: 125,
  150: 100,
  180: 82,
  220: 68,
  240: 58.5,
  280: 52.2,
  320: 46.2,
  360: 40.5,
  400: 35,
  500: 30.2,
  600: 25.8,
  800: 21.8,
  1000: 18.3,
  1200: 15.3,
  1500: 12.6,
  2000: 10.3,
  2500: 8.4,
} satisfies Record<(typeof GRITS_P)[number], number>;

/** How many papers finer than the coarsest a grade wants. */
const GRADE_STEP: Readonly<Record<Purpose['grade'], number>> = { workhorse: 0, tidy: 1, show: 2 };

/** What is going to show on it. */
export interface Shown {
  /** 0 black … 1 white. */
  readonly lightnessFrac: number;
  /** Flakes or pearl: they lie along every scratch. */
  readonly isEffect: boolean;
  readonly isAerosol: boolean;
}

/**
 * Last grit before a colour, by the colour of that layer, FEPA P. Common practice; practitioners differ: solid
 * workhorse 400, metallic, pearl, dark or show 600–800; under an aerosol film one step finer.
 */
export function gritBeforeColour(grade: Purpose['grade'], shown: Shown): number {
  const ladder = [400, 500, 600, 800, 1000];
  let step = GRADE_STEP[grade];
  if (shown.isEffect || shown.lightnessFrac < 0.3) step = Math.max(step, 2);
  return ladder[Math.min(ladder.length - 1, step + (shown.isAerosol && step < 2 ? 1 : 0))]!;
}
