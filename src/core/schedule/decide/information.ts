/**
 * What a later forecast will know that today's does not. A chance seen now moves when it comes, up or down alike:
 * p′ = Φ((Φ⁻¹(p) + ρξ)/√(1 − ρ²)), ξ standard normal, so that on average it stays what it is (the bivariate
 * normal; as in any text on it). ρ² is the share of today's error that is gone by then.
 */
import { rmsWindMs } from '../../air/dress';
import { normalCdf } from '../../numerics/normal';
import { normalQuantile } from '../../numerics/stats';
import { HOUR } from '../../time/instant';

/**
 * What one spot and hour differ by from all that a forecast tells, m/s of wind: no later one knows it either. From
 * memory; of 0, 0.7 and 1 it comes nearest to how chances move on hidden worlds (docs/backtest/movement.md).
 */
const LOCAL_MS = 0.7;

/** Squared error of a forecast at the part, (m/s)²; flat from the seventh day on (climatology). */
export const errorOf = (leadH: number): number => rmsWindMs(leadH) ** 2 + LOCAL_MS ** 2;

/** No later forecast knows all of it. ASSUMED; keeps the fifteen nodes within 0.005 of the mean. */
const MOST_KNOWN = 0.9;

/** Share of today's error that is gone once so much of the lead is left, 0…0.9. */
export function knownBy(leadNowMs: number, leadLeftMs: number): number {
  const share = 1 - errorOf(leadLeftMs / HOUR) / errorOf(leadNowMs / HOUR);
  return Math.min(MOST_KNOWN, Math.max(0, share));
}

/**
 * The chance as it will be seen, by which way the news goes, in standard deviations.
 * @param chance 0 < p < 1 @param known ρ², under 1
 */
export function seenLater(chance: number, known: number): (xi: number) => number {
  const at = normalQuantile(chance);
  const rho = Math.sqrt(known);
  const open = Math.sqrt(1 - known);
  return (xi) => normalCdf((at + rho * xi) / open);
}
