/** Readings of a place beside what was told for it, the place as it is usual: what it does of its own shows between. */
import { MOST_BESIDE, type Beside } from '@/model/beside';
import type { Place } from '@/model/place';
import type { Reading } from '@/model/reading';
import { rounded } from './numerics/round';
import type { PlaceHour } from './place-air';
import { HOUR } from './time/instant';
import { dewPointC } from './air/moist';

/** Readings nearer together than this say the same, h. From memory. */
const APART_H = 2;

/** The place without what was learned of it. */
export function asUsual(place: Place): Place {
  const { own: _own, ...usual } = place;
  return usual;
}

/** What a reading tells of the air; the surface of a part says nothing of the place alone. */
function readOf({ airC, rhPct, windMs }: Reading): Beside['read'] {
  return {
    ...(airC !== undefined && { airC: rounded(airC) }),
    ...(airC !== undefined && rhPct !== undefined && { dewC: rounded(dewPointC(airC, rhPct / 100)) }),
    ...(windMs !== undefined && { windMs: rounded(windMs) }),
  };
}

/** Readings far enough apart, the oldest first. */
export function readingsApart(readings: readonly Reading[]): Reading[] {
  const kept: Reading[] = [];
  for (const r of readings.toSorted((a, b) => a.ms - b.ms)) {
    const last = kept.at(-1);
    const tells = r.airC !== undefined || r.windMs !== undefined;
    if (tells && (!last || r.ms - last.ms >= APART_H * HOUR)) kept.push(r);
  }
  return kept.slice(-MOST_BESIDE);
}

/** null where the forecast does not reach the reading. @param hours of the place as it is usual */
export function besideOf(reading: Reading, hours: readonly PlaceHour[]): Beside | null {
  const hour = hours.find((h) => Math.abs(h.ms - reading.ms) <= HOUR / 2);
  if (!hour) return null;
  const { airC, rhPct, windMs } = hour;
  const told = {
    airC: rounded(airC),
    dewC: rounded(dewPointC(airC, Math.min(100, Math.max(1, rhPct)) / 100)),
    windMs: rounded(windMs),
  };
  return { ms: reading.ms, told, read: readOf(reading) };
}
