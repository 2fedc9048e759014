/** The whole, and where that does not do well and soon, the ways to part it: coats that rest, parts in lots. */
import { DAY } from '../time/instant';
import { attempt, type Attempt } from './attempt';
import { handsMs } from './judged';
import type { Shared } from './shared';
import { GOOD_SHARE } from './judge/start-option';
import { NO_CUTS, waysToCut } from './work/cuts';
import { draftsOf } from './work/drafts';
import { coatsLeft, inLots } from './work/work';

/** Ways to cut that are tried, each over the whole week: where nothing is found, and where something is. */
const MOST_WAYS = 8;
const WAYS_BESIDE = 2;
/** Lots that the parts may go on in; and so many of those ways are tried with every coat resting too. */
const MOST_LOTS = 6;
const RESTED_LOTS = 2;
/** The search carries on with this many sessions at most; more are no plan any more but a year. */
export const MOST_SESSIONS = 12;

function isGood({ chains, input }: Attempt): boolean {
  const best = chains[0];
  if (!best) return false;
  const share = best.joint.at(-1)! / best.picks[0]!.of;
  return input.pinned.includes(true) || share >= GOOD_SHARE;
}

/** It begins in the first day that it could: in lots it would hardly be done before. */
function isSoon({ chains, input, shared }: Attempt): boolean {
  const readyMs = input.groundOf(0, null)?.centralReadyMs ?? -Infinity;
  const fromMs = Math.max(shared.request.nowMs, readyMs);
  return chains[0]!.picks[0]!.startMs - fromMs <= DAY;
}

/** More of what was set by hand kept, then the lower cost; the earlier tried where they are level. */
function better(a: Attempt, b: Attempt): Attempt {
  if (a.pins !== b.pins) return a.pins > b.pins ? a : b;
  const score = (x: Attempt): number => (x.chains[0]?.score ?? Infinity) + x.restCost;
  return score(b) < score(a) ? b : a;
}

/** A way to part the work: the shared or its parts in lots, and where its coats rest. */
type Way = Pick<Attempt, 'shared' | 'cuts'>;

/** Ways to let the coats rest, at most so many. */
const waysToRest = (shared: Shared, isFound: boolean, most: number): Way[] =>
  waysToCut(coatsLeft(shared.work), isFound)
    .slice(0, most)
    .map((cuts) => ({ shared, cuts }));

/** The longest stretch of free hours holds each of its sessions, as far as hands go. */
function fitsFree({ work, free }: Shared): boolean {
  const longestMs = Math.max(0, ...free.map((s) => s.endMs - s.startMs));
  const { sessions } = draftsOf(work);
  return sessions.length <= MOST_SESSIONS && sessions.every((d) => handsMs(d) <= longestMs);
}

/** The work in lots, the fewest first, each in the orders that may matter: those whose sessions fit the free hours. */
function inFewLots(shared: Shared): Shared[][] {
  const works = Array.from({ length: MOST_LOTS - 1 }, (_, i) => inLots(shared.work, i + 2));
  const parted = works.filter((w) => w.length > 0).map((w) => w.map((work) => ({ ...shared, work })));
  const fitting = parted.filter(([first]) => fitsFree(first!));
  return fitting.length > 0 ? fitting : parted;
}

/** The parts in as few lots as do, each in one go; where none does, with every coat resting too. */
function inLotsTried(shared: Shared, best: Attempt): Attempt {
  const isFound = best.chains.length > 0;
  const parted = inFewLots(shared).slice(0, isFound ? 1 : MOST_LOTS);
  for (const orders of parted) {
    const next = orders.map((one) => attempt(one, NO_CUTS, 'trial')).reduce(better);
    if (next.chains.length > 0) return better(best, next);
  }
  if (isFound) return best;
  const rested = parted.slice(0, RESTED_LOTS).flatMap(([first]) => waysToRest(first!, false, 1));
  return rested.reduce(keptOf, best);
}

/** The whole does: nothing is left, or it goes well and soon; to see whether it goes, any chain will. */
function isEnough(whole: Attempt, isFound: boolean): boolean {
  const { isQuick = false } = whole.shared.request;
  return whole.live.length === 0 || (isFound && (isQuick || (isGood(whole) && isSoon(whole))));
}

/** The whole, and where that does not do, every way to part it. */
export function tried(shared: Shared): Attempt {
  const { job, isQuick = false } = shared.request;
  const whole = attempt(shared, NO_CUTS, isQuick ? 'trial' : 'told');
  const isFound = whole.chains.length > 0 && whole.pins >= (job.starts?.length ?? 0);
  if (isEnough(whole, isFound)) return whole;
  if (isQuick) return waysToRest(shared, false, 1).reduce(keptOf, whole);
  const rests = isGood(whole) ? [] : waysToRest(shared, isFound, isFound ? WAYS_BESIDE : MOST_WAYS);
  const best = inLotsTried(shared, rests.reduce(keptOf, whole));
  return best === whole ? whole : attempt(best.shared, best.cuts, 'told');
}

const keptOf = (best: Attempt, { shared, cuts }: Way): Attempt =>
  better(best, attempt(shared, cuts, 'trial'));
