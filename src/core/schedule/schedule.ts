/** From a build-up to a dated chain: the work whole or cut where it may rest, the search, alternatives, why not. */
import type { Notice } from '@/model/marks';
import type { Alternative, Plan, Session, Visit } from '@/model/plan';
import type { Suit } from '@/model/starts';
import { chainPool, pooledChance } from './decide/odds';
import { freeChains, type Attempt } from './attempt';
import type { ScheduleRequest } from './shared';
import { decided } from './decided';
import { alternativesOf } from './search/alternatives';
import type { Chain } from './search/chains';
import { startsOffered, suitOf } from './suits';
import { whyNone } from './why-none';
import { MOST_SESSIONS } from './tried';
import { draftsOf } from './work/drafts';
import { withCans, workOf } from './work/work';
import { toldDecision } from './write/decision';
import { writeSession } from './write/session';
import { writeVisits } from './write/visits';

export type { ScheduleRequest } from './shared';

export interface Scheduled {
  readonly sessions: readonly Session[];
  readonly visits: readonly Visit[];
  readonly chance: number | null;
  readonly decision: Plan['decision'];
  readonly suits: readonly Suit[];
  readonly startOptions: Plan['startOptions'];
  readonly alternatives: readonly Alternative[];
  readonly blockers: readonly Notice[];
  readonly handsOnH: number;
  /** Coats that are only there because the work rests past a bond: the parts, by layer. */
  readonly oneMore: ReadonlyMap<string, readonly string[]>;
}

export const NOTHING_SCHEDULED: Scheduled = {
  sessions: [],
  visits: [],
  chance: null,
  decision: null,
  suits: [],
  startOptions: [],
  alternatives: [],
  blockers: [],
  handsOnH: 0,
  oneMore: new Map(),
};

function written(of: Attempt, best: Chain): Pick<Scheduled, 'sessions' | 'visits' | 'handsOnH'> {
  const { air, job } = of.shared.request;
  const { tz } = job.place;
  const { live } = of;
  const sessions = live.map((l, k) => {
    const pick = best.picks[k]!;
    const ground = of.input.groundOf(k, best.picks[k - 1] ?? null);
    const isReady = !ground || pick.startMs >= ground.centralReadyMs;
    return writeSession(
      air,
      l,
      {
        pick,
        joint: best.joint[k]!,
        pool: chainPool(live.slice(0, k + 1).map((x) => x.pool)),
        isReady,
        free: of.shared.free,
        around: of.shared.around,
        rack: { areaM2: l.areaM2, rackM2: job.place.rackM2 ?? null },
      },
      tz,
    );
  });
  const visits = writeVisits(of, best);
  const handsOnMin = [...sessions, ...visits].reduce((a, w) => a + w.handsOnMin, 0);
  return {
    sessions: sessions.map((w) => w.session),
    visits: visits.map((w) => w.visit),
    handsOnH: handsOnMin / 60,
  };
}

function oneMoreOf(live: Attempt['live']): Scheduled['oneMore'] {
  const late = live.flatMap((l) => l.draft.steps).filter((s) => s.isOneMore);
  return new Map(late.map((s) => [s.layerId, s.partIds]));
}

export function schedule(request: ScheduleRequest): Scheduled {
  const { tz } = request.job.place;
  const work = withCans(workOf(request.job, request.system, request.nowMs), request.around?.cans ?? []);
  const sessions = draftsOf(work).sessions.length;
  if (sessions > MOST_SESSIONS) {
    const params = { sessions, most: MOST_SESSIONS };
    return { ...NOTHING_SCHEDULED, blockers: [{ code: 'too-many-sessions', params }] };
  }
  const { attempt: of, best, decision } = decided(request, work);
  const { live } = of;
  if (live.length === 0) return NOTHING_SCHEDULED;
  // A start is offered only where it can follow the session before as that is planned.
  const groundOf = (k: number): ReturnType<Attempt['input']['groundOf']> =>
    best ? of.input.groundOf(k, best.picks[k - 1] ?? null) : null;
  const week = {
    suits: live.map((l) => suitOf(l, tz)),
    startOptions: live.map((l, k) => startsOffered(l, groundOf(k), tz)),
  };
  if (!best) {
    const groundMs = of.input.groundOf(0, null)?.centralReadyMs ?? -Infinity;
    return { ...NOTHING_SCHEDULED, ...week, blockers: whyNone(live, groundMs, tz) };
  }
  const ids = live.map((l) => l.draft.id);
  const pool = chainPool(live.map((l) => l.pool));
  return {
    ...week,
    ...written(of, best),
    chance: pooledChance(best.joint.at(-1)!, best.picks[0]!.of, pool),
    decision: decision && toldDecision(decision, live[0]!, tz),
    alternatives: alternativesOf(best, freeChains(of), { ids, pool, tz }),
    oneMore: oneMoreOf(live),
    blockers: [],
  };
}
