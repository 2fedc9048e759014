/** One way to cut the work: its sessions with every start judged, and the chains of starts that come of it. */
import { timesOver } from '../drying/clocks';
import { filmAt } from '../material/film-on';
import { remember } from '../records/remember';
import { dryingSince, reachedOver } from './judge/elsewhere';
import type { Manner, StartOption } from './judge/start-option';
import { liveOf } from './judged';
import { holdsUp, type Live } from './live';
import { searchChains, type Chain, type Ground, type SearchInput } from './search/chains';
import { hereFrom, lateBy, lateDaysOf, latePerDay, type LateBy } from './search/deadlines';
import { oneMoreMoney } from './search/stakes';
import type { Shared } from './shared';
import type { Cuts } from './work/cuts';
import type { Drafts } from './work/draft';
import { draftsOf } from './work/drafts';
import { doneTable, placeWork } from './work/hands';
import { withShopping } from './work/shopping';

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

/** Chains kept to choose alternatives from; of a way that is only compared the best is enough. */
const CHAINS_KEPT = 4000;
const chainsFor = (manner: Manner): number => (manner === 'trial' ? 1 : CHAINS_KEPT);

const chosenFreely = (l: Live): StartOption[] => l.options.filter((o) => o.free && holdsUp(o));
const candidatesOf = (l: Live): StartOption[] =>
  l.pinMs === null ? chosenFreely(l) : l.options.filter((o) => o.startMs === l.pinMs && o.laid);

/** When a film is ready for the work on it, ms. */
function readyAt({ memory, elsewhere }: Shared, { film, ready, times }: Ready, row: number): number {
  const here = memory.clocks.of(film.product);
  const there = (elsewhere?.clocks ?? memory.clocks).of(film.product);
  return reachedOver(
    timesOver(here.stage(ready), times),
    timesOver(there.stage(ready), times),
    dryingSince(elsewhere, here, { row, endedMs: film.endedMs, film: filmAt(film.film, ready) }),
  );
}
type Ready = NonNullable<Drafts['before']>;

/** When the film that is there is ready for the first session's hands: by row, the central line last. */
function firstBegins(shared: Shared, { before, sessions, boughtMs = -Infinity }: Drafts): Float64Array {
  const { air, job, nowMs } = shared.request;
  const [first] = sessions;
  const hereMs = Math.max(nowMs, boughtMs, first ? hereFrom(job, first) : -Infinity);
  const begins = new Float64Array(air.rows).fill(hereMs);
  if (!before || !first || first.carry.size > 0) return begins;
  return begins.map((_, row) => Math.max(hereMs, readyAt(shared, before, row)));
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
  // What waits for a film of its own parts, whatever is sprayed before it, does so on the central line.
  const here = sessions.map((d) =>
    Math.max(hereFrom(job, d), d.ground ? readyAt(shared, d.ground, air.rows - 1) : -Infinity),
  );
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
  const chains = searchChains(input, chainsFor(manner));
  const pins = pinned.filter(Boolean).length;
  return { shared, cuts, live, input, late, chains, pins, restCost: oneMoreMoney(sessions), beginsMs };
}
