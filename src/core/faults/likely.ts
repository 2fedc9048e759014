/**
 * What is likeliest to go wrong in a session: what shows on its films while they are sprayed and dry, how often it
 * comes, and what of its causes the hour brings. From memory.
 */
import type { Job, Part } from '@/model/job';
import type { Session } from '@/model/plan';
import { actOn, type Cause, type FaultCard, type FilmSeen } from './card';
import { FAULT_CARDS } from './cards';
import { isNearCold, isNearGap, isNearHot, isNearMost } from './near';
import type { FaultCode, FaultMoment } from '@/model/fault';

/** A can below this sprays coarse, °C. Common practice. */
const CAN_COLD_C = 18;

type Checks = Session['tasks'][number]['checks'];

const numberOf = (value: string | number | undefined, none: number): number =>
  value === undefined ? none : Number(value);

function causesOfCheck({ code, params }: Checks[number]): Cause[] {
  const value = numberOf(params.value, NaN);
  const max = numberOf(params.max, Infinity);
  const min = numberOf(params.min, -Infinity);
  switch (code) {
    case 'check-wind':
      return isNearMost(value, max) ? ['wind', 'far'] : [];
    case 'check-humidity':
      return isNearMost(value, max) ? ['damp'] : [];
    case 'check-dew-gap':
      return isNearGap(value, min) ? ['damp'] : [];
    case 'check-panel':
      return [
        ...(isNearCold(value, min) ? (['cold'] as const) : []),
        ...(isNearHot(value, max) ? (['hot'] as const) : []),
      ];
    default:
      return [];
  }
}

type Asked = Pick<Session, 'tasks' | 'paintC' | 'coldCure' | 'partIds'>;

/** What the hour and the parts bring. */
export function causesIn(
  { tasks, paintC, coldCure, partIds }: Asked,
  parts: readonly Part[],
): ReadonlySet<Cause> {
  const found = new Set<Cause>(
    tasks.filter((t) => t.kind === 'coat').flatMap((t) => t.checks.flatMap(causesOfCheck)),
  );
  if (paintC !== null && paintC < CAN_COLD_C) found.add('can-cold');
  if (coldCure !== null) found.add('cold');
  const isHung = parts.some((p) => partIds.includes(p.id) && p.posture !== 'flat');
  if (isHung) found.add('thick');
  return found;
}

const ON_THE_DAY: readonly FaultMoment[] = ['spraying', 'waiting', 'unmasking', 'next-morning'];
/** A cause that is there makes it so many times likelier. ASSUMED. */
const TIMES_LIKELIER = 2;

type Own = NonNullable<Job['faultsOwn']>;

/** How many times as often as usual it came on one's own jobs, where they were like this hour. */
const ownTimes = (own: Own, code: FaultCode, found: ReadonlySet<Cause>): number =>
  own.find((o) => o.code === code && (o.when === undefined || found.has(o.when)))?.times ?? 1;

function weightOf({ often, causes }: FaultCard, found: ReadonlySet<Cause>): number {
  const hit = causes.findIndex((c) => found.has(c));
  return hit < 0 ? often : often * (1 + TIMES_LIKELIER / (hit + 1));
}

/** The likeliest first, at most so many; what hurts people is said elsewhere. */
export function likelyFaults(
  films: readonly FilmSeen[],
  found: ReadonlySet<Cause>,
  { most, own = [] }: { readonly most: number; readonly own?: Own | undefined },
): FaultCode[] {
  return FAULT_CARDS.filter(
    (c) => c.causes.length > 0 && films.some(c.on) && c.moments.some((m) => ON_THE_DAY.includes(m)),
  )
    .map((c) => ({
      code: c.code,
      weight: weightOf(c, found) * ownTimes(own, c.code, found),
      stops: films.some((f) => actOn(c, f) === 'stop'),
    }))
    .sort((a, b) => b.weight - a.weight || Number(b.stops) - Number(a.stops))
    .slice(0, most)
    .map((c) => c.code);
}
