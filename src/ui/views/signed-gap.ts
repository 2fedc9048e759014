/** A difference of temperature with its sign: “+0.8 °C”; nothing before a nought. */
import { round1 } from '@/core/numerics/round';
import type { Format } from '@/words/format';

export function signedGap(k: number, f: Format): string {
  const tenths = round1(k);
  const sign = tenths < 0 ? '−' : '+';
  return `${tenths === 0 ? '' : sign}${f.gap(Math.abs(tenths))}`;
}
