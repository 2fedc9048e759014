/** One way to cut the work: its sessions with every start judged, and the chains of starts that come of it. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { AtPart } from '../air/at-part';
import { lastNodeMs } from '../air/grid';
import { remember } from '../records/remember';
import type { System } from '../seams/seam';
import { totalAreaM2 } from '../surface/area';
import { DAY, HALF_HOUR, HOUR, MINUTE, msOf, type Span } from '../time/instant';
import { withoutSpans } from '../time/spans';
import { beside, type Around } from './around';
import { dryingSince, reachedOver, type Elsewhere } from './judge/elsewhere';
import { memoryOf, type Memory } from './judge/memory';
import { Runner } from './judge/runner';
import { isFree, judgeStart, Tried, type Manner, type StartOption } from './judge/start-option';
import { poolOf } from './decide/odds';
import { holdsUp, type Live } from './live';
import { searchChains, type Chain, type Ground, type SearchInput } from './search/chains';
import { hereFrom, lateBy, lateDaysOf, latePerDay, type LateBy } from './search/deadlines';
import { oneMoreMoney, stakesOf } from './search/stakes';
import type { Worth } from './search/worth';
import type { Cuts } from './work/cuts';
import type { Draft, Drafts } from './work/draft';
import { draftsOf } from './work/drafts';
import type { Work } from './work/work';
import { doneTable, loudHours, placeWork, type HandHours } from './work/hands';
import { withShopping } from './work/shopping';

export interface ScheduleRequest {
  readonly job: Job;
  readonly system: System;
  readonly materials: readonly Material[];
  readonly air: AtPart;
  /** Where the films dry when that is elsewhere; left out or null: where they are sprayed. */
  readonly cureAir?: AtPart | null;
  readonly nowMs: number;
  /** What the jobs before this one in turn take; left out: nothing. */
  readonly around?: Around;
  /** Only to see whether it goes at all: the whole, and cut at every seam, within the week. */
  readonly isQuick?: boolean;
  /** Every quarter of an hour to the end, so that it can be seen what the coarser grid leaves. */
  readonly isFine?: boolean;
}

/** What every attempt of one request shares. */
export interface Shared {
  readonly request: ScheduleRequest;
  readonly work: Work;
  readonly memory: Memory;
  /** Hours of the owner that no other job takes. */
  readonly free: readonly Span[];
  readonly around: Around;
  readonly hours: HandHours;
  readonly elsewhere: Elsewhere | null;
  readonly worth: Worth;
  /** Starts are sought until then, ms. */
  readonly untilMs: number;
}

/** Where the films dry, when that is elsewhere. @param hands hours that can move them */
export function elsewhereOf(
  { job, cureAir }: Pick<ScheduleRequest, 'job' | 'cureAir'>,
  hands: readonly Span[],
): Elsewhere | null {
  if (!cureAir || !job.dryIn) return null;
  const { clocks, limitsOf } = memoryOf(cureAir, job.schools?.drying ?? 'energy');
  const move = job.dryIn.kind === 'heated' ? 'heated' : job.dryIn.carry;
  const place = job.dryIn.kind === 'elsewhere' ? job.dryIn.place : job.place;
  return { move, place, air: cureAir, clocks, limitsOf, free: hands };
}

export interface Attempt {
  readonly shared: Shared;
  readonly cuts: Cuts;
  readonly live: readonly Live[];
  readonly input: SearchInput;
  readonly late: LateBy;
  /** The best first. */
  readonly chains: readonly Chain[];
  /** Starts set by hand that belong to its sessions. */
  readonly pins: number;
  /** What resting costs in paint, money. */
  readonly restCost: number;
  /** When hands may go to the work before session k on the central line, after the start taken for the one before. */
  readonly beginsMs: (k: number, last: StartOption | null) => number;
}

const FIVE_MIN = 5 * MINUTE;
/** Chains kept to choose alternatives from. */
const CHAINS_KEPT = 4000;

/**
 * How finely starts are tried by how far ahead they lie: a forecast tells a quarter of an hour of today, not of next
 * week. From memory.
 */
const GRID: readonly { readonly untilMs: number; readonly stepMs: number }[] = [
  { untilMs: 6 * HOUR, stepMs: HALF_HOUR / 2 },
  { untilMs: 3 * DAY, stepMs: HALF_HOUR },
  { untilMs: Infinity, stepMs: HOUR },
];

const QUARTERS: typeof GRID = [{ untilMs: Infinity, stepMs: HALF_HOUR / 2 }];

/** Now, the free instants of the grid and every full hour besides, when the work before is done, a start set by hand. */
function startsOf({ request, free, untilMs }: Shared, also: readonly number[]): number[] {
  const { nowMs, isFine = false } = request;
  const first = Math.ceil(nowMs / FIVE_MIN) * FIVE_MIN;
  const starts = new Set([first, ...also.filter((t) => Number.isFinite(t) && t >= first && t < untilMs)]);
  let t = nowMs;
  for (const { untilMs: endMs, stepMs } of isFine ? QUARTERS : GRID)
    for (t = Math.ceil(t / stepMs) * stepMs; t < Math.min(nowMs + endMs, untilMs); t += stepMs)
      if (t % HOUR === 0 || isFree(free, t, t)) starts.add(t);
  return [...starts].sort((a, b) => a - b);
}

/** What hands do in a session at least, ms: no wait and no cup counted. */
export const handsMs = ({ prepMin, steps }: Draft): number =>
  (prepMin + steps.reduce((a, s) => a + s.minutes, 0)) * MINUTE;

/** Every start of one session judged, from memory where the same was asked before. */
function liveOf(shared: Shared, draft: Draft, doneMs: number, manner: Manner): Live {
  const { request, memory, worth } = shared;
  const { job, air, materials } = request;
  const { place } = job;
  const isLoud = draft.steps.some((s) => s.product.carrier === 'gun');
  const still = withoutSpans(shared.free, shared.around.wet);
  const free = isLoud ? loudHours(place, still) : still;
  const { elsewhere } = shared;
  const runner = new Runner({ air, place, elsewhere }, memory.clocks, (p) => memory.limitsOf(p), draft);
  const pin = job.starts?.find((s) => s.sessionId === draft.id);
  const pinMs = pin ? msOf(pin.at, place.tz) : null;
  const asked = JSON.stringify([
    place.lamp === true,
    elsewhere && [elsewhere.move, job.dryIn, elsewhere.free],
    { ...draft, visits: [], carry: [...draft.carry], open: [...draft.open] },
  ]);
  const tried = memory.triedOf(asked, (startMs) => new Tried(air, runner, startMs));
  const also = [Math.ceil(doneMs / FIVE_MIN) * FIVE_MIN, ...(pinMs === null ? [] : [pinMs])];
  // No session is over before its hands are through: what cannot end in free hours is not tried.
  const leastMs = handsMs(draft);
  const isAsked = (t: number): boolean => manner !== 'trial' || t === pinMs || isFree(free, t, t + leastMs);
  const starts = startsOf({ ...shared, free }, also).filter(isAsked);
  const judged = starts.map((s) =>
    judgeStart(tried(s), draft, { manner: s === pinMs ? 'by-hand' : manner, free }),
  );
  const areaM2 = totalAreaM2(job.parts.filter((p) => draft.partIds.includes(p.id)));
  const rack = { areaM2, rackM2: place.rackM2 ?? null };
  const options = judged.map((o) => beside(o, shared.around, rack));
  const pool = poolOf(options.filter((o) => o.free));
  return { draft, runner, options, pinMs, pool, stakes: stakesOf(draft, materials, worth.hour), areaM2 };
}

const chosenFreely = (l: Live): StartOption[] => l.options.filter((o) => o.free && holdsUp(o));
const candidatesOf = (l: Live): StartOption[] =>
  l.pinMs === null ? chosenFreely(l) : l.options.filter((o) => o.startMs === l.pinMs && o.laid);

/** When the film that is there is ready for the first session's hands: by row, the central line last. */
function firstBegins(shared: Shared, { before, sessions, boughtMs = -Infinity }: Drafts): Float64Array {
  const { request, memory, elsewhere } = shared;
  const { air, job, nowMs } = request;
  const [first] = sessions;
  const hereMs = Math.max(nowMs, boughtMs, first ? hereFrom(job, first) : -Infinity);
  const begins = new Float64Array(air.rows).fill(hereMs);
  if (!before || !first || first.carry.size > 0) return begins;
  const { film, ready } = before;
  const here = memory.clocks.of(film.product);
  const there = (elsewhere?.clocks ?? memory.clocks).of(film.product);
  const readyAt = (row: number): number =>
    reachedOver(
      here.stage(ready),
      there.stage(ready),
      dryingSince(elsewhere, here, { row, endedMs: film.endedMs }),
    );
  return begins.map((_, row) => Math.max(hereMs, readyAt(row)));
}

/** What the sessions of one attempt wait for, and when the work before each may begin. */
interface Waits {
  readonly groundOf: SearchInput['groundOf'];
  readonly beginsMs: Attempt['beginsMs'];
}

/** Grounds by session and by the start taken before it, made once each. @param nowDoneMs the first's work, begun now */
function waitsOf(shared: Shared, drafts: Drafts, nowDoneMs: number): Waits {
  const { air, nowMs, job } = shared.request;
  const { sessions } = drafts;
  const tables = sessions.map((d) => doneTable(d.visits, shared.hours, air));
  const here = sessions.map((d) => hereFrom(job, d));
  const begins = firstBegins(shared, drafts);
  const centralMs = begins[air.rows - 1]!;
  const first: Ground = {
    readyMs: begins.slice(0, -1).map((t) => (t <= nowMs ? nowDoneMs : tables[0]!(t))),
    latestMs: null,
    centralReadyMs: placeWork(sessions[0]?.visits ?? [], shared.hours, centralMs).doneMs,
    centralLatestMs: Infinity,
  };
  const beginsMs: Waits['beginsMs'] = (k, last) =>
    last ? Math.max(last.centralReadyMs, last.endMs, here[k]!) : centralMs;
  const known = sessions.map(() => new Map<StartOption, Ground>());
  const after = (k: number, last: StartOption): Ground => {
    const done = tables[k]!;
    const bonds = sessions[k - 1]!.rest?.why === 'bond';
    return {
      readyMs: last.readyMs.map((t) => done(Math.max(t, here[k]!))),
      latestMs: bonds ? last.latestMs : null,
      centralReadyMs: Math.max(done(beginsMs(k, last)), last.endMs),
      centralLatestMs: bonds ? last.centralLatestMs : Infinity,
    };
  };
  const groundOf: Waits['groundOf'] = (k, last) => {
    if (!last) return sessions[0]!.carry.size > 0 && here[0]! <= nowMs ? null : first;
    return remember(known[k]!, last, Infinity, () => after(k, last));
  };
  return { groundOf, beginsMs };
}

/** Alternatives are free of what was set by hand, so that the way back is always on offer. */
export function freeChains({ input, live, chains }: Attempt): readonly Chain[] {
  if (!input.pinned.includes(true)) return chains;
  const free = { ...input, candidates: live.map(chosenFreely), pinned: live.map(() => false) };
  return searchChains(free, CHAINS_KEPT);
}

/** @param manner a trial leaves out what only the week on the screen shows */
export function attempt(shared: Shared, cuts: Cuts, manner: Manner): Attempt {
  const { worth } = shared;
  const { job, materials, nowMs } = shared.request;
  const { trips } = shared.around;
  const shops = { job, materials, trips, hours: shared.hours, nowMs };
  const drafts = withShopping(draftsOf(shared.work, cuts), shops);
  const { sessions } = drafts;
  const nowDoneMs = placeWork(sessions[0]?.visits ?? [], shared.hours, nowMs).doneMs;
  const live = sessions.map((draft, k) => liveOf(shared, draft, k === 0 ? nowDoneMs : nowMs, manner));
  const pinned = live.map((l) => l.pinMs !== null);
  const { groundOf, beginsMs } = waitsOf(shared, drafts, nowDoneMs);
  const late = lateBy(job, sessions);
  const input: SearchInput = {
    nowMs,
    candidates: live.map(candidatesOf),
    pinned,
    stakes: live.map((l) => l.stakes),
    pools: live.map((l) => l.pool),
    groundOf,
    rushSafe: job.risk.rushSafe,
    worth,
    lateDays: lateDaysOf(late),
    latePerDay: latePerDay(job, worth.delayPerDay),
  };
  const chains = searchChains(input, CHAINS_KEPT);
  const pins = pinned.filter(Boolean).length;
  return { shared, cuts, live, input, late, chains, pins, restCost: oneMoreMoney(sessions), beginsMs };
}

export const horizonMs = ({ nowMs, air }: ScheduleRequest, days: number): number =>
  Math.min(nowMs + days * DAY, lastNodeMs(air));
