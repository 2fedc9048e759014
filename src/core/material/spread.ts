/**
 * How sure a use is: the painter's habit, the luck of each coat, the doubt of each area; and the chances of a
 * lognormal.
 */
import type { Part } from '@/model/job';
import { logSd, normalQuantile, normalTail } from '../numerics/stats';
import { partAreaM2, partAreaSdM2 } from '../surface/area';
import type { CoatUse } from './coat-uses';

/**
 * One standard deviation before a painter has logged his own use, as a share: his habit, the same in every
 * coat, and what differs from coat to coat. From memory; one coat comes to the ±20 % of the trade.
 */
export const HABIT_SD_FRAC = 0.17;
export const COAT_SD_FRAC = 0.1;
/** Highest chance of running out in the middle of a coat, by default. */
export const RISK_OF_SHORT = 0.05;

function sprayBy(uses: readonly CoatUse[], key: (u: CoatUse) => string): Map<string, number> {
  const sums = new Map<string, number>();
  for (const u of uses) sums.set(key(u), (sums.get(key(u)) ?? 0) + u.sprayMl);
  return sums;
}

/**
 * Spread of the use of a set of coats, one standard deviation over the mean: the painter's habit is
 * one for all coats, each coat has its own luck, each part's area was measured once.
 */
export function spreadOfUse(
  uses: readonly CoatUse[],
  parts: ReadonlyMap<string, Part>,
  habitSd: number = HABIT_SD_FRAC,
): number {
  const total = uses.reduce((a, u) => a + u.sprayMl, 0);
  if (!(total > 0)) return 0;
  const byCoat = sprayBy(uses, (u) => `${u.layerId}.${u.coat}`);
  const byPart = sprayBy(uses, (u) => u.partId);
  const coats = [...byCoat.values()].reduce((a, ml) => a + (ml / total) ** 2, 0);
  const areas = [...byPart].reduce((a, [id, ml]) => {
    const part = parts.get(id)!;
    const areaM2 = partAreaM2(part);
    return a + (areaM2 > 0 ? ((ml / total) * partAreaSdM2(part)) / areaM2 : 0) ** 2;
  }, 0);
  return Math.sqrt(habitSd ** 2 + coats * COAT_SD_FRAC ** 2 + areas);
}

/**
 * Factor over the mean that is exceeded with chance `risk`, for a lognormal of mean 1.
 * @param cv standard deviation over mean, 0 or more
 */
export function quantileFactor(cv: number, risk: number): number {
  const s = logSd(cv);
  return Math.exp(normalQuantile(1 - risk) * s - (s * s) / 2);
}

/** Chance that a lognormal of mean 1 exceeds `factor`. */
export function exceedChance(cv: number, factor: number): number {
  if (!(factor > 0)) return 1;
  if (cv === 0) return factor >= 1 ? 0 : 1;
  const s = logSd(cv);
  return normalTail((Math.log(factor) + (s * s) / 2) / s);
}
