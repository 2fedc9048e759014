/**
 * The search for the chain of starts: least expected cost, jointly over the ensemble. What can be
 * lost (materials, hours done again) is weighed against waiting, by the user's own urgency.
 * Exhaustive for one and two sessions; for three, the best pairs are carried on (a beam of 96).
 */
import { chanceOf } from '../../numerics/stats';
import { DAY } from '../../time/instant';
import { allMembers, bothOf, countMembers, readyBy, type MemberMask } from '../judge/members';
import type { StartOption } from '../judge/start-option';
import type { Stakes } from './stakes';

export interface SearchInput {
  readonly nowMs: number;
  /** Candidate starts per session, in time order. */
  readonly candidates: readonly (readonly StartOption[])[];
  /** True for a session whose start was set by hand: readiness is then reported, not required. */
  readonly pinned: readonly boolean[];
  readonly stakes: readonly Stakes[];
  /**
   * When the first session's ground can be sanded, per member and on the central line; null when it waits for
   * nothing.
   */
  readonly before: { readonly sandMs: Float64Array; readonly centralMs: number } | null;
  /** 0 rush … 1 safe. */
  readonly rushSafe: number;
  readonly delayPerDay: number;
}

export interface Chain {
  readonly picks: readonly StartOption[];
  /** Futures that end well up to and with each session. */
  readonly joint: readonly number[];
  readonly expectedLoss: number;
  readonly score: number;
}

/** What a session that is only just inside costs beyond its odds, in money. ASSUMED; the log will tell. */
export const EDGE_COST = 2;
const BEAM = 96;

interface Path extends Chain {
  readonly mask: MemberMask;
}

/** How much a lost session weighs: a quarter of its stake in a rush, four times it when safe. */
export const safetyFactor = (rushSafe: number): number => 4 ** (2 * rushSafe - 1);

function scoreOf(input: SearchInput, picks: readonly StartOption[], loss: number): number {
  const edge = picks.filter((x) => x.verdict !== 'good').length * EDGE_COST;
  const waitedDays = Math.max(0, picks.at(-1)!.handleMs - input.nowMs) / DAY;
  return safetyFactor(input.rushSafe) * loss + edge + waitedDays * input.delayPerDay;
}

/** What the next session waits for: per member, and on the central line. */
function groundOf(
  input: SearchInput,
  last: StartOption | undefined,
): NonNullable<SearchInput['before']> | null {
  if (!last) return input.before;
  return { sandMs: last.sandMs, centralMs: Math.max(last.centralSandMs, last.endMs) };
}

/** The path with one more session, or null where that session may not start then. */
function extended(input: SearchInput, path: Path, start: StartOption): Path | null {
  const k = path.picks.length;
  const last = path.picks.at(-1);
  const ground = groundOf(input, last);
  if (last && start.startMs < last.endMs) return null;
  if (!input.pinned[k] && ground && start.startMs < ground.centralMs) return null;
  const ready = ground ? readyBy(ground.sandMs, start.startMs) : allMembers();
  const own = bothOf(start.ok, ready);
  // A session's own odds carry its stakes: were only the first failure counted, failing early would look cheap.
  const chance = chanceOf(Math.min(start.of, countMembers(own)), start.of);
  const expectedLoss = path.expectedLoss + (1 - chance) * input.stakes[k]!.money;
  const mask = bothOf(own, path.mask);
  const picks = [...path.picks, start];
  const joint = [...path.joint, countMembers(mask)];
  return { picks, mask, joint, expectedLoss, score: scoreOf(input, picks, expectedLoss) };
}

/** @param keep how many chains to return, best first, each with another start of some session */
export function searchChains(input: SearchInput, keep: number): Chain[] {
  const rounds = input.candidates.length;
  let beam: Path[] = [{ picks: [], mask: allMembers(), joint: [], expectedLoss: 0, score: 0 }];
  for (let k = 0; k < rounds; k++) {
    const next = beam.flatMap((path) =>
      input.candidates[k]!.flatMap((start) => extended(input, path, start) ?? []),
    );
    // A chain that does not end within the forecast scores Infinity; two of them are level.
    next.sort((a, b) => a.score - b.score || 0);
    // A chain of two is searched whole: only from the second session on is the beam narrowed.
    const narrow = k > 0 && k < rounds - 1;
    beam = narrow ? next.slice(0, BEAM) : next;
  }
  return beam.slice(0, keep).map(({ mask: _mask, ...chain }) => chain);
}
