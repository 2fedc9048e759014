/**
 * The search for the chain of starts: least expected cost, jointly over the ensemble. What can be
 * lost (materials, hours done again) is weighed against waiting, by the user's own urgency.
 * The optimum of a fixed plan: the best way to each start is carried on (HiGHS finds no better in `solver/fixed-plan`).
 */
import { pooledChance, type Pool } from '../decide/odds';
import { lowerBound } from '../../numerics/sorted';
import { remember } from '../../records/remember';
import { DAY } from '../../time/instant';
import {
  addMember,
  allMembers,
  bothOf,
  countMembers,
  hasMember,
  notBefore,
  readyBy,
  type MemberMask,
} from '../judge/members';
import type { StartOption } from '../judge/start-option';
import type { Stakes } from './stakes';
import type { Worth } from './worth';

/** From when until when a session finds its ground: per member, and on the central line, ms. */
export interface Ground {
  readonly readyMs: Float64Array;
  readonly latestMs: Float64Array | null;
  readonly centralReadyMs: number;
  readonly centralLatestMs: number;
}

export interface SearchInput {
  readonly nowMs: number;
  /** Candidate starts per session, in time order. */
  readonly candidates: readonly (readonly StartOption[])[];
  /** True for a session whose start was set by hand: readiness is then reported, not required. */
  readonly pinned: readonly boolean[];
  readonly stakes: readonly Stakes[];
  /** The week of each session's starts, towards which odds are drawn. */
  readonly pools: readonly Pool[];
  /**
   * When session k finds its ground, its own preparation done: after the start taken for the one before, or
   * for the first with null; null when it waits for nothing.
   */
  readonly groundOf: (k: number, last: StartOption | null) => Ground | null;
  /** 0 rush … 1 safe. */
  readonly rushSafe: number;
  readonly worth: Pick<Worth, 'delayPerDay' | 'edge'>;
  /** Days past the deadline, by when each session so far is handle-dry; and what one costs. */
  readonly lateDays: (handlesMs: readonly number[]) => number;
  readonly latePerDay: number;
}

export interface Chain {
  readonly picks: readonly StartOption[];
  /** Futures that end well up to and with each session. */
  readonly joint: readonly number[];
  readonly expectedLoss: number;
  readonly score: number;
}

interface Path extends Chain {
  readonly mask: MemberMask;
}

/** How much a lost session weighs: a quarter of its stake in a rush, four times it when safe. */
export const safetyFactor = (rushSafe: number): number => 4 ** (2 * rushSafe - 1);

function scoreOf(input: SearchInput, picks: readonly StartOption[], loss: number): number {
  const edge = picks.filter((x) => x.verdict !== 'good').length * input.worth.edge;
  const opens = picks.reduce((a, x) => a + x.opens, 0);
  const waitedDays = Math.max(0, picks.at(-1)!.handleMs - input.nowMs) / DAY;
  // A path that is not whole yet is judged by what it has; its last parts come later still.
  const isWhole = picks.length === input.candidates.length;
  const late = isWhole ? input.lateDays(picks.map((p) => p.handleMs)) * input.latePerDay : 0;
  return safetyFactor(input.rushSafe) * loss + edge + opens + waitedDays * input.worth.delayPerDay + late;
}

/** Whether a start finds its ground, on the central line. @param ground null where it waits for nothing */
export const findsGround = (
  start: StartOption,
  ground: Pick<Ground, 'centralReadyMs' | 'centralLatestMs'> | null,
): boolean =>
  !ground || (start.startMs >= ground.centralReadyMs && start.firstCoatMs <= ground.centralLatestMs);

/** Whether a session may start then, on the central line. */
const fits = (start: StartOption, last: StartOption | undefined, ground: Ground | null): boolean =>
  !(last && start.startMs < last.endMs) && findsGround(start, ground);

/** A session that waits for its ground is begun within this, or its hour is lost, ms. ASSUMED. */
const WAITS_MS = DAY;

/** Futures in which a session ends well, and the days that others wait for their ground, all futures together. */
interface Outcome {
  readonly well: MemberMask;
  readonly waitedDays: number;
}

/**
 * In a future whose ground is not ready yet the painter waits: he begins at the next start that is, and it ends
 * well when that one does.
 */
function outcomeOf(input: SearchInput, k: number, start: StartOption, ground: Ground | null): Outcome {
  if (!ground) return { well: start.ok, waitedDays: 0 };
  const bonds = ground.latestMs ? notBefore(ground.latestMs, start.firstCoatMs) : allMembers();
  const well = bothOf(bothOf(readyBy(ground.readyMs, start.startMs), bonds), start.ok);
  let waitedDays = 0;
  for (let m = 0; m < start.of; m++) {
    const readyMs = ground.readyMs[m]!;
    if (readyMs <= start.startMs) continue;
    const later = laterStart(input.candidates[k]!, start, readyMs);
    if (!later) continue;
    waitedDays += (later.startMs - start.startMs) / DAY;
    const isInTime = !ground.latestMs || later.firstCoatMs <= ground.latestMs[m]!;
    if (isInTime && hasMember(later.ok, m)) addMember(well, m);
  }
  return { well, waitedDays: waitedDays / start.of };
}

/** @param candidates by time */
function laterStart(
  candidates: readonly StartOption[],
  start: StartOption,
  readyMs: number,
): StartOption | undefined {
  const untilMs = start.startMs + WAITS_MS;
  if (readyMs > untilMs) return undefined;
  const first = candidates[lowerBound(candidates, (c) => c.startMs, readyMs)];
  return first && first.startMs <= untilMs ? first : undefined;
}

/** One session after another: what hangs on the two of them alone. */
interface Step {
  readonly start: StartOption;
  readonly well: MemberMask;
  /** What failing and waiting are expected to cost, money. */
  readonly loss: number;
}

/** null where that session may not start then. */
function stepTo(
  input: SearchInput,
  k: number,
  last: StartOption | undefined,
  start: StartOption,
): Step | null {
  const ground = input.groundOf(k, last ?? null);
  if (input.pinned[k] ? last && start.startMs < last.endMs : !fits(start, last, ground)) return null;
  const { well, waitedDays } = outcomeOf(input, k, start, ground);
  // A session's own odds carry its stakes: were only the first failure counted, failing early would look cheap.
  const chance = pooledChance(Math.min(start.of, countMembers(well)), start.of, input.pools[k]!);
  const lost = (1 - chance) * input.stakes[k]!.money;
  return { start, well, loss: lost + waitedDays * input.worth.delayPerDay };
}

/** The path with one more session. */
function extended(input: SearchInput, path: Path, { start, well, loss }: Step): Path {
  const expectedLoss = path.expectedLoss + loss;
  const mask = bothOf(well, path.mask);
  const picks = [...path.picks, start];
  const joint = [...path.joint, countMembers(mask)];
  return { picks, mask, joint, expectedLoss, score: scoreOf(input, picks, expectedLoss) };
}

/** Every path with every session that may follow it; steps are taken once for all paths that end in one start. */
function allExtended(input: SearchInput, paths: readonly Path[], k: number): Path[] {
  const steps = new Map<StartOption | undefined, readonly Step[]>();
  const stepsFrom = (last: StartOption | undefined): readonly Step[] =>
    input.candidates[k]!.flatMap((start) => stepTo(input, k, last, start) ?? []);
  return paths.flatMap((path) => {
    const last = path.picks.at(-1);
    return remember(steps, last, Infinity, () => stepsFrom(last)).map((step) => extended(input, path, step));
  });
}

/** Paths carried on in all, where there are fewer starts than that: the best of each start, so many at most. */
const CARRIED = 192;
const MOST_A_START = 5;

/**
 * What follows a start hangs on that start alone, so the best path to each is carried on and the optimum is never
 * lost; some more of each for other ways to show. @param paths the best first @param most ways of a start
 */
function narrowed(paths: readonly Path[], starts: number, most: number): Path[] {
  const each = Math.max(1, Math.min(most, MOST_A_START, Math.floor(CARRIED / Math.max(1, starts))));
  const taken = new Map<StartOption, number>();
  return paths.filter(({ picks }) => {
    const last = picks.at(-1)!;
    const n = taken.get(last) ?? 0;
    taken.set(last, n + 1);
    return n < each;
  });
}

/** @param keep how many chains to return, best first, each with another start of some session */
export function searchChains(input: SearchInput, keep: number): Chain[] {
  const rounds = input.candidates.length;
  let open: Path[] = [{ picks: [], mask: allMembers(), joint: [], expectedLoss: 0, score: 0 }];
  for (let k = 0; k < rounds; k++) {
    const next = allExtended(input, open, k);
    // A chain that does not end within the forecast scores Infinity; two of them are level.
    next.sort((a, b) => a.score - b.score || 0);
    open = k < rounds - 1 ? narrowed(next, input.candidates[k]!.length, keep) : next;
  }
  return open.slice(0, keep).map(({ mask: _mask, ...chain }) => chain);
}
