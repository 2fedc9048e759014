/** From a build-up to a dated chain: options per session, the search, alternatives, and why other hours do not do. */
import type { Job } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { Alternative, Material, Plan, Session, Suit } from '@/model/plan';
import type { AtPart } from '../air/at-part';
import { chanceOf } from '../numerics/stats';
import type { System } from '../seams/seam';
import { freeSpans } from '../time/free-hours';
import { DAY, HALF_HOUR, HOUR, MINUTE, msOf, type Span } from '../time/instant';
import { memoryOf, type Memory } from './judge/memory';
import { Runner } from './judge/runner';
import { isFree, judgeStart, type StartOption } from './judge/start-option';
import { holdsUp, type Live } from './live';
import { alternativesOf } from './search/alternatives';
import { searchChains, type Chain, type SearchInput } from './search/chains';
import { DEFAULT_DELAY_PER_DAY, stakesOf } from './search/stakes';
import { startsOffered, suitOf } from './suits';
import { whyNone } from './why-none';
import { draftsOf } from './tasks/drafts';
import type { Draft, Drafts } from './tasks/draft';
import { writeSession } from './write/session';

export const HORIZON_DAYS = 7;
const MOST_SESSIONS = 3;
const FIVE_MIN = 5 * MINUTE;
/** Chains kept to choose alternatives from. */
const CHAINS_KEPT = 4000;

export interface Scheduled {
  readonly sessions: readonly Session[];
  readonly chance: number | null;
  readonly suits: readonly Suit[];
  readonly startOptions: Plan['startOptions'];
  readonly alternatives: readonly Alternative[];
  readonly blockers: readonly Notice[];
  readonly handsOnH: number;
}

export const NOTHING_SCHEDULED: Scheduled = {
  sessions: [],
  chance: null,
  suits: [],
  startOptions: [],
  alternatives: [],
  blockers: [],
  handsOnH: 0,
};

export interface ScheduleRequest {
  readonly job: Job;
  readonly system: System;
  readonly materials: readonly Material[];
  readonly air: AtPart;
  readonly nowMs: number;
}

const gridEndMs = (air: AtPart): number => air.startMs + (air.nodes - 1) * air.stepMs;

/** Now, every half hour that is free and every full hour besides for seven days, and a start set by hand. */
function startsOf({ nowMs, air }: ScheduleRequest, pinMs: number | null, free: readonly Span[]): number[] {
  const starts = new Set([Math.ceil(nowMs / FIVE_MIN) * FIVE_MIN]);
  const endMs = Math.min(nowMs + HORIZON_DAYS * DAY, gridEndMs(air));
  for (let t = Math.ceil(nowMs / HALF_HOUR) * HALF_HOUR; t < endMs; t += HALF_HOUR)
    if (t % HOUR === 0 || isFree(free, t, t)) starts.add(t);
  if (pinMs !== null) starts.add(pinMs);
  return [...starts].sort((a, b) => a - b);
}

/** Every start of one session judged, from memory where the same was asked before. */
function liveOf(request: ScheduleRequest, draft: Draft, free: readonly Span[], memory: Memory): Live {
  const { job, air, materials } = request;
  const { place } = job;
  const runner = new Runner({ air, place }, memory.clocks, (p) => memory.limitsOf(p), draft);
  const pin = job.starts?.find((s) => s.sessionId === draft.id);
  const pinMs = pin ? msOf(pin.at, place.tz) : null;
  const asked = JSON.stringify([
    place.lamp === true,
    free,
    { ...draft, activatedMs: [...draft.activatedMs] },
  ]);
  const judge = memory.judgeOf(asked, (startMs, always) =>
    judgeStart(air, runner, { startMs, always, free }),
  );
  const options = startsOf(request, pinMs, free).map((s) => judge(s, s === pinMs));
  return { draft, runner, options, pinMs, stakes: stakesOf(job, draft, materials) };
}

/** When the film of a session that is done can be sanded, which the next one waits for. */
function groundReady(drafts: Drafts, memory: Memory, air: AtPart): SearchInput['before'] {
  const film = drafts.before;
  if (!film || drafts.sessions[0]?.started !== false) return null;
  const clock = memory.clocks.of(film.product);
  const sandAt = (row: number): number => clock.stageAt('sand', row, film.endedMs);
  const members = air.rows - 1;
  return { sandMs: Float64Array.from({ length: members }, (_, m) => sandAt(m)), centralMs: sandAt(members) };
}

const chosenFreely = (l: Live): StartOption[] => l.options.filter((o) => o.free && holdsUp(o));
const candidatesOf = (l: Live): StartOption[] =>
  l.pinMs === null ? chosenFreely(l) : l.options.filter((o) => o.startMs === l.pinMs && o.laid);

function inputOf(
  { job, nowMs }: ScheduleRequest,
  live: readonly Live[],
  before: SearchInput['before'],
): SearchInput {
  return {
    nowMs,
    candidates: live.map(candidatesOf),
    pinned: live.map((l) => l.pinMs !== null),
    stakes: live.map((l) => l.stakes),
    before,
    rushSafe: job.risk.rushSafe,
    delayPerDay: job.risk.delayPerDay ?? DEFAULT_DELAY_PER_DAY,
  };
}

/** Alternatives are free of what was set by hand, so that the way back is always on offer. */
function freeChains(input: SearchInput, live: readonly Live[], chains: readonly Chain[]): readonly Chain[] {
  if (!input.pinned.includes(true)) return chains;
  const free = { ...input, candidates: live.map(chosenFreely), pinned: live.map(() => false) };
  return searchChains(free, CHAINS_KEPT);
}

export function schedule(request: ScheduleRequest): Scheduled {
  const { job, system, air, nowMs } = request;
  const { tz } = job.place;
  const drafts = draftsOf(job, system);
  const { sessions } = drafts;
  if (sessions.length === 0) return NOTHING_SCHEDULED;
  if (sessions.length > MOST_SESSIONS) {
    const params = { sessions: sessions.length, most: MOST_SESSIONS };
    return { ...NOTHING_SCHEDULED, blockers: [{ code: 'too-many-sessions', params }] };
  }
  const memory = memoryOf(air);
  const untilMs = Math.min(gridEndMs(air), nowMs + (HORIZON_DAYS + 1) * DAY);
  const free = freeSpans(job.freeHours, tz, nowMs, untilMs);
  const live = sessions.map((draft) => liveOf(request, draft, free, memory));
  const before = groundReady(drafts, memory, air);
  const input = inputOf(request, live, before);
  const chains = searchChains(input, CHAINS_KEPT);
  const week = { suits: live.map((l) => suitOf(l, tz)), startOptions: live.map((l) => startsOffered(l, tz)) };
  const best = chains[0];
  if (!best)
    return { ...NOTHING_SCHEDULED, ...week, blockers: whyNone(live, before?.centralMs ?? -Infinity, tz) };
  const written = live.map((l, k) =>
    writeSession(air, l, { pick: best.picks[k]!, joint: best.joint[k]!, hasNext: k < live.length - 1 }, tz),
  );
  const ids = live.map((l) => l.draft.id);
  return {
    ...week,
    sessions: written.map((w) => w.session),
    chance: chanceOf(best.joint.at(-1)!, best.picks[0]!.of),
    alternatives: alternativesOf(best, freeChains(input, live, chains), ids, tz),
    blockers: [],
    handsOnH: written.reduce((a, w) => a + w.handsOnMin, 0) / 60,
  };
}
