/**
 * How many times what its sheet says a film needs here, from what was felt: the mean of a log-normal cut to what the
 * answers leave, over its mean without any. Its spread is from memory: eight of ten films flash within a third of their
 * sheet.
 */
import { normalCdf } from './normal';

/** Spread of what films need over their sheet, of the logarithm. From memory. */
export const FELT_SD = 0.22;
/** Beyond these the tails say nothing any more. */
const MOST = 2;

/** Mean over what lies between, 1 where nothing is known. @param above dose at which it was not ready @param below dose at which it was */
export function feltTimes(above: number, below: number): number {
  if (!(above >= 0) || !(below > 0))
    throw new RangeError(`feltTimes: needs doses, not ${above} and ${below}`);
  const low = Math.min(above, MOST);
  const high = below > low ? below : Infinity;
  const z = (x: number): number => Math.log(x) / FELT_SD;
  const cdf = (x: number, shift = 0): number => {
    if (x <= 0) return 0;
    return x === Infinity ? 1 : normalCdf(z(x) - shift);
  };
  const mass = cdf(high) - cdf(low);
  // So little is left that the answers themselves are the better guide.
  if (mass < 1e-4) return Math.max(1, high === Infinity ? low * 1.1 : (low + high) / 2);
  const mean = (cdf(high, FELT_SD) - cdf(low, FELT_SD)) / mass;
  // A sheet's least is never undercut by a finger.
  return Math.max(1, mean);
}
