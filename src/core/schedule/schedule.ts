/** From a build-up to a dated chain: the work whole or cut where it may rest, the search, alternatives, why not. */
import type { Notice } from '@/model/marks';
import type { Alternative, Plan, Session, Suit, Visit } from '@/model/plan';
import { lastNodeMs } from '../air/grid';
import { chanceOf } from '../numerics/stats';
import { freeSpans } from '../time/free-hours';
import { DAY } from '../time/instant';
import { attempt, freeChains, horizonMs, type Attempt, type ScheduleRequest, type Shared } from './attempt';
import { memoryOf } from './judge/memory';
import { GOOD_SHARE } from './judge/start-option';
import { alternativesOf } from './search/alternatives';
import type { Chain } from './search/chains';
import { startsOffered, suitOf } from './suits';
import { whyNone } from './why-none';
import { NO_CUTS, waysToCut } from './work/cuts';
import { coatsLeft, draftsOf, workOf, type Work } from './work/drafts';
import { handHours } from './work/hands';
import { writeSession } from './write/session';
import { writeVisits } from './write/visits';

export type { ScheduleRequest } from './attempt';

/** Days looked ahead; where nothing is found in them, as far as the forecast goes. */
const HORIZON_DAYS = 7;
const ALL_DAYS = 14;
/** Ways to cut that are tried, each over the whole week: where nothing is found, and where something is. */
const MOST_WAYS = 8;
const WAYS_BESIDE = 2;
/** The search carries on with this many sessions at most; more are no plan any more but a year. */
const MOST_SESSIONS = 12;

export interface Scheduled {
  readonly sessions: readonly Session[];
  readonly visits: readonly Visit[];
  readonly chance: number | null;
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
  suits: [],
  startOptions: [],
  alternatives: [],
  blockers: [],
  handsOnH: 0,
  oneMore: new Map(),
};

function sharedOf(request: ScheduleRequest, work: Work, days: number): Shared {
  const { job, air, nowMs } = request;
  const untilMs = horizonMs(request, days);
  const free = freeSpans(job.freeHours, job.place.tz, nowMs, Math.min(lastNodeMs(air), untilMs + DAY));
  return {
    request,
    work,
    memory: memoryOf(air, job.schools?.drying ?? 'energy'),
    free,
    hours: handHours(air, job.place, free),
    untilMs,
  };
}

function isGood({ chains, input }: Attempt): boolean {
  const best = chains[0];
  if (!best) return false;
  const share = best.joint.at(-1)! / best.picks[0]!.of;
  return input.pinned.includes(true) || share >= GOOD_SHARE;
}

/** More of what was set by hand kept, then the lower cost; the earlier tried where they are level. */
function better(a: Attempt, b: Attempt): Attempt {
  if (a.pins !== b.pins) return a.pins > b.pins ? a : b;
  const score = (x: Attempt): number => (x.chains[0]?.score ?? Infinity) + x.restCost;
  return score(b) < score(a) ? b : a;
}

/** The whole, and where that does not do, every way to cut it. */
function tried(shared: Shared): Attempt {
  const { job, isQuick = false } = shared.request;
  const whole = attempt(shared, NO_CUTS, isQuick ? 'trial' : 'told');
  const isFound = whole.chains.length > 0 && whole.pins >= (job.starts?.length ?? 0);
  if (whole.live.length === 0 || (isFound && (isQuick || isGood(whole)))) return whole;
  const ways = waysToCut(coatsLeft(shared.work), isFound);
  const most = isFound ? WAYS_BESIDE : MOST_WAYS;
  const tries = ways
    .slice(0, isQuick ? 1 : most)
    .map((cuts) => (): Attempt => attempt(shared, cuts, 'trial'));
  const best = tries.reduce((a, next) => better(a, next()), whole);
  return best === whole || isQuick ? best : attempt(shared, best.cuts, 'told');
}

/** A week, and where nothing is found in it as far as the forecast goes. */
function found(request: ScheduleRequest, work: Work): { shared: Shared; best: Attempt } {
  const week = sharedOf(request, work, HORIZON_DAYS);
  const best = tried(week);
  const isDone = best.chains.length > 0 || best.live.length === 0;
  if (isDone || request.isQuick === true) return { shared: week, best };
  const all = sharedOf(request, work, ALL_DAYS);
  if (all.untilMs <= week.untilMs) return { shared: week, best };
  return { shared: all, best: tried(all) };
}

function written(
  shared: Shared,
  of: Attempt,
  best: Chain,
): Pick<Scheduled, 'sessions' | 'visits' | 'handsOnH'> {
  const { air, job } = shared.request;
  const { tz } = job.place;
  const { live } = of;
  const sessions = live.map((l, k) => {
    const pick = best.picks[k]!;
    const ground = of.input.groundOf(k, best.picks[k - 1] ?? null);
    const isReady = !ground || pick.startMs >= ground.centralReadyMs;
    return writeSession(air, l, { pick, joint: best.joint[k]!, isReady }, tz);
  });
  const visits = writeVisits(shared, of, best);
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
  const work = workOf(request.job, request.system);
  const sessions = draftsOf(work).sessions.length;
  if (sessions > MOST_SESSIONS) {
    const params = { sessions, most: MOST_SESSIONS };
    return { ...NOTHING_SCHEDULED, blockers: [{ code: 'too-many-sessions', params }] };
  }
  const { shared, best: of } = found(request, work);
  const { live } = of;
  if (live.length === 0) return NOTHING_SCHEDULED;
  const week = { suits: live.map((l) => suitOf(l, tz)), startOptions: live.map((l) => startsOffered(l, tz)) };
  const best = of.chains[0];
  if (!best) {
    const groundMs = of.input.groundOf(0, null)?.centralReadyMs ?? -Infinity;
    return { ...NOTHING_SCHEDULED, ...week, blockers: whyNone(live, groundMs, tz) };
  }
  const ids = live.map((l) => l.draft.id);
  return {
    ...week,
    ...written(shared, of, best),
    chance: chanceOf(best.joint.at(-1)!, best.picks[0]!.of),
    alternatives: alternativesOf(best, freeChains(of), ids, tz),
    oneMore: oneMoreOf(live),
    blockers: [],
  };
}
