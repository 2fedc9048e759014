/** What of a fault's causes the hours of a record had: by the air as it came while its coats were sprayed. */
import type { AirHour } from '@/model/came';
import type { ToldCause } from '@/model/fault';
import type { Part } from '@/model/job';
import type { Product } from '@/model/product';
import { HOUR } from '../time/instant';
import { isNearCold, isNearGap, isNearHot, isNearMost } from './near';

interface Sprayed {
  readonly trace: readonly AirHour[] | undefined;
  readonly endsMs: readonly number[];
  readonly products: readonly Product[];
  readonly parts: readonly Pick<Part, 'posture'>[];
}

/** What was there; null where nothing tells. */
export function causeThere(cause: ToldCause, { trace, endsMs, products, parts }: Sprayed): boolean | null {
  if (cause === 'thick') return parts.some((p) => p.posture !== 'flat');
  const hours = (trace ?? []).filter(({ ms }) => endsMs.some((e) => ms > e - 2 * HOUR && ms <= e));
  if (hours.length === 0 || products.length === 0) return null;
  const some = (is: (h: AirHour, p: Product) => boolean): boolean =>
    hours.some((h) => products.some((p) => is(h, p)));
  switch (cause) {
    case 'wind':
      return some((h, p) => isNearMost(h.windMs, p.windMaxMs));
    case 'damp':
      return some((h, p) => isNearGap(h.gapK, p.dewGapMinK) || isNearMost(h.rhPct / 100, p.rhMaxFrac));
    case 'cold':
      return some((h, p) => isNearCold(h.panelC, p.tempMinC));
    case 'hot':
      return some((h, p) => isNearHot(h.panelC, p.tempMaxC));
  }
}
