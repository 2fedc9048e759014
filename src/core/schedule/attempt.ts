/** One way to cut the work: its sessions with every start judged, and the chains of starts that come of it. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { AtPart } from '../air/at-part';
import type { System } from '../seams/seam';
import { totalAreaM2 } from '../surface/area';
import { DAY, HALF_HOUR, HOUR, MINUTE, msOf, type Span } from '../time/instant';
import type { Memory } from './judge/memory';
import { Runner } from './judge/runner';
import { isFree, judgeStart, type StartOption } from './judge/start-option';
import { holdsUp, type Live } from './live';
import { searchChains, type Chain, type Ground, type SearchInput } from './search/chains';
import { hereFrom, lateDaysOf, latePerDay } from './search/deadlines';
import { DEFAULT_DELAY_PER_DAY, stakesOf } from './search/stakes';
import type { Cuts } from './work/cuts';
import type { Draft, Drafts } from './work/draft';
import { draftsOf } from './work/drafts';
import { doneTable, loudHours, placeWork, type HandHours } from './work/hands';
import { withShopping } from './work/shopping';

export interface ScheduleRequest {
  readonly job: Job;
  readonly system: System;
  readonly materials: readonly Material[];
  readonly air: AtPart;
  readonly nowMs: number;
  /** Only to see whether it goes at all: the whole, and cut at every seam, within the week. */
  readonly isQuick?: boolean;
}

/** What every attempt of one request shares. */
export interface Shared {
  readonly request: ScheduleRequest;
  readonly memory: Memory;
  readonly free: readonly Span[];
  readonly hours: HandHours;
  /** Starts are sought until then, ms. */
  readonly untilMs: number;
}

export interface Attempt {
  readonly cuts: Cuts;
  readonly drafts: Drafts;
  readonly live: readonly Live[];
  readonly input: SearchInput;
  readonly chains: readonly Chain[];
  /** Starts set by hand that belong to its sessions. */
  readonly pins: number;
  /** When the first session's work may begin on the central line, ms. */
  readonly firstReadyMs: number;
}

const FIVE_MIN = 5 * MINUTE;
/** Chains kept to choose alternatives from. */
const CHAINS_KEPT = 4000;

/** Now, every half hour that is free and every full hour besides, when the work before is done, a start set by hand. */
function startsOf({ request: { nowMs }, free, untilMs }: Shared, also: readonly number[]): number[] {
  const first = Math.ceil(nowMs / FIVE_MIN) * FIVE_MIN;
  const starts = new Set([first, ...also.filter((t) => Number.isFinite(t) && t >= first && t < untilMs)]);
  for (let t = Math.ceil(nowMs / HALF_HOUR) * HALF_HOUR; t < untilMs; t += HALF_HOUR)
    if (t % HOUR === 0 || isFree(free, t, t)) starts.add(t);
  return [...starts].sort((a, b) => a - b);
}

/** Every start of one session judged, from memory where the same was asked before. */
function liveOf(shared: Shared, draft: Draft, doneMs: number): Live {
  const { request, memory } = shared;
  const { job, air, materials } = request;
  const { place } = job;
  const isLoud = draft.steps.some((s) => s.product.carrier === 'gun');
  const free = isLoud ? loudHours(place, shared.free) : shared.free;
  const runner = new Runner({ air, place }, memory.clocks, (p) => memory.limitsOf(p), draft);
  const pin = job.starts?.find((s) => s.sessionId === draft.id);
  const pinMs = pin ? msOf(pin.at, place.tz) : null;
  const asked = JSON.stringify([
    place.lamp === true,
    free,
    { ...draft, visits: [], carry: [...draft.carry], open: [...draft.open] },
  ]);
  const judge = memory.judgeOf(asked, (startMs, always) =>
    judgeStart(air, runner, { startMs, always, free }),
  );
  const also = [Math.ceil(doneMs / FIVE_MIN) * FIVE_MIN, ...(pinMs === null ? [] : [pinMs])];
  const options = startsOf({ ...shared, free }, also).map((s) => judge(s, s === pinMs));
  const areaM2 = totalAreaM2(job.parts.filter((p) => draft.partIds.includes(p.id)));
  return { draft, runner, options, pinMs, stakes: stakesOf(job, draft, materials), areaM2 };
}

const chosenFreely = (l: Live): StartOption[] => l.options.filter((o) => o.free && holdsUp(o));
const candidatesOf = (l: Live): StartOption[] =>
  l.pinMs === null ? chosenFreely(l) : l.options.filter((o) => o.startMs === l.pinMs && o.laid);

/** When the film that is there is ready for the next session's hands. */
function groundBefore({ request, memory }: Shared, { before, sessions }: Drafts): Omit<Ground, 'latestMs'> {
  const { air, job } = request;
  const nowMs = Math.max(request.nowMs, sessions[0] ? hereFrom(job, sessions[0]) : -Infinity);
  const members = air.rows - 1;
  if (!before || sessions[0]?.started !== false)
    return {
      readyMs: new Float64Array(members).fill(nowMs),
      centralReadyMs: nowMs,
      centralLatestMs: Infinity,
    };
  const { film, ready } = before;
  const clock = memory.clocks.of(film.product);
  const readyAt = (row: number): number => Math.max(nowMs, clock.stageAt(ready, row, film.endedMs));
  return {
    readyMs: Float64Array.from({ length: members }, (_, m) => readyAt(m)),
    centralReadyMs: readyAt(members),
    centralLatestMs: Infinity,
  };
}

/** Grounds by session and by the start taken before it, made once each. */
function groundsOf(shared: Shared, drafts: Drafts): SearchInput['groundOf'] {
  const { air, nowMs } = shared.request;
  const { sessions } = drafts;
  const tables = sessions.map((d) => doneTable(d.visits, shared.hours, air));
  const begins = groundBefore(shared, drafts);
  const nowDoneMs = sessions[0] ? firstDone(shared, drafts) : nowMs;
  const here = sessions.map((d) => hereFrom(shared.request.job, d));
  const first: Ground = {
    readyMs: begins.readyMs.map((t) => (t <= nowMs ? nowDoneMs : tables[0]!(t))),
    latestMs: null,
    centralReadyMs: placeWork(sessions[0]?.visits ?? [], shared.hours, begins.centralReadyMs).doneMs,
    centralLatestMs: Infinity,
  };
  const known = sessions.map(() => new Map<StartOption, Ground>());
  return (k, last) => {
    if (!last) return sessions[0]!.started && here[0]! <= nowMs ? null : first;
    const made = known[k]!.get(last);
    if (made) return made;
    const done = tables[k]!;
    const bonds = sessions[k - 1]!.rest?.bonds === true;
    const ground: Ground = {
      readyMs: last.readyMs.map((t) => done(Math.max(t, here[k]!))),
      latestMs: bonds ? last.latestMs : null,
      centralReadyMs: Math.max(done(Math.max(last.centralReadyMs, last.endMs, here[k]!)), last.endMs),
      centralLatestMs: bonds ? last.centralLatestMs : Infinity,
    };
    known[k]!.set(last, ground);
    return ground;
  };
}

const firstDone = ({ hours, request }: Shared, { sessions }: Drafts): number =>
  placeWork(sessions[0]!.visits, hours, request.nowMs).doneMs;

/** Alternatives are free of what was set by hand, so that the way back is always on offer. */
export function freeChains({ input, live, chains }: Attempt): readonly Chain[] {
  if (!input.pinned.includes(true)) return chains;
  const free = { ...input, candidates: live.map(chosenFreely), pinned: live.map(() => false) };
  return searchChains(free, CHAINS_KEPT);
}

export function attempt(shared: Shared, cuts: Cuts): Attempt {
  const { job, system, materials, nowMs } = shared.request;
  const drafts = withShopping(draftsOf(job, system, cuts), job, materials);
  const { sessions } = drafts;
  const doneMs = sessions[0] ? firstDone(shared, drafts) : nowMs;
  const live = sessions.map((draft, k) => liveOf(shared, draft, k === 0 ? doneMs : nowMs));
  const pinned = live.map((l) => l.pinMs !== null);
  const delayPerDay = job.risk.delayPerDay ?? DEFAULT_DELAY_PER_DAY;
  const input: SearchInput = {
    nowMs,
    candidates: live.map(candidatesOf),
    pinned,
    stakes: live.map((l) => l.stakes),
    groundOf: groundsOf(shared, drafts),
    rushSafe: job.risk.rushSafe,
    delayPerDay,
    lateDays: lateDaysOf(job, sessions),
    latePerDay: latePerDay(job, delayPerDay),
  };
  const chains = searchChains(input, CHAINS_KEPT);
  const firstReadyMs = groundBefore(shared, drafts).centralReadyMs;
  return { cuts, drafts, live, input, chains, pins: pinned.filter(Boolean).length, firstReadyMs };
}

export const lastNodeMs = (air: AtPart): number => air.startMs + (air.nodes - 1) * air.stepMs;
export const horizonMs = ({ nowMs, air }: ScheduleRequest, days: number): number =>
  Math.min(nowMs + days * DAY, lastNodeMs(air));
