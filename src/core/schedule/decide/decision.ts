/** What to do now: begin, wait for news, or leave it; with what each would cost and when to look again. */
import { likelyStarts } from './likely';
import { problemOf, type Sessions } from './looks';
import { Values } from './value';

/** A start with its odds and its expected cost, money. */
export interface Weighed {
  readonly atMs: number;
  readonly chance: number;
  readonly cost: number;
}

export interface Decision {
  readonly act: 'go' | 'wait' | 'stop';
  /** The cheapest start before the next look; null where none may be had. */
  readonly now: Weighed | null;
  /** The likeliest start to be made: that of now, or of a later look with the chance that it will be the one. */
  readonly likely: { readonly atMs: number; readonly chance: number; readonly share: number } | null;
  /** Chance that any start is made at all in the days that are known, 0…1. */
  readonly begun: number;
  /** Expected cost of the best that can be done, of waiting, of leaving it, money. */
  readonly cost: number;
  readonly waiting: number;
  readonly never: number;
  /** When to look again, ms; null where no look is left. */
  readonly nextLookMs: number | null;
  /** No smaller chance is started on, 0…1. */
  readonly least: number;
  /** Starts were left out because their odds are under the limit. */
  readonly isLimited: boolean;
}

const ANY_NODE = 0;
/** Sums nearer than this share of the stake are level: then what is in hand is taken. ASSUMED; the model is no finer. */
export const LEVEL_SHARE = 0.02;

/** Cheapest start of the first look. @param least no smaller chance, 0…1 */
function bestNow(values: Values, least: number): Weighed | null {
  let best: Weighed | null = null;
  const { offers } = values.problem.stages[0]!;
  for (let i = 0; i < offers.length && offers[i]!.look === 0; i++) {
    const { chance, atMs } = offers[i]!;
    if (chance < least) continue;
    const [fails, goes] = values.ends(0, i, ANY_NODE);
    const cost = fails + chance * (goes - fails);
    if (!best || cost < best.cost) best = { atMs, chance, cost };
  }
  return best;
}

function likeliest(values: Values): { readonly best: Decision['likely']; readonly begun: number } {
  const shares = likelyStarts(values);
  let at = -1;
  let begun = 0;
  shares.forEach((share, i) => {
    begun += share;
    if (share > 0 && (at < 0 || share > shares[at]!)) at = i;
  });
  const offer = values.problem.stages[0]!.offers[at];
  const best = offer ? { atMs: offer.atMs, chance: offer.chance, share: shares[at]! } : null;
  return { best, begun };
}

export function decide(sessions: Sessions): Decision {
  const { problem, looks } = problemOf(sessions);
  const values = new Values(problem);
  const { offers, never } = problem.stages[0]!;
  const later = offers.findIndex((o) => o.look > 0);
  const waiting = later < 0 ? never : values.arrive(0, later, 0, ANY_NODE);
  const now = bestNow(values, problem.least);
  const cost = Math.min(never, waiting, now?.cost ?? Infinity);
  const level = LEVEL_SHARE * (sessions.stakes[0]?.money ?? 0);
  const isNow = now !== null && now.cost <= Math.min(waiting + level, never);
  const { best, begun } = isNow
    ? { best: { atMs: now.atMs, chance: now.chance, share: 1 }, begun: 1 }
    : likeliest(values);
  const freely = bestNow(values, 0);
  const waits = best ? 'wait' : 'stop';
  return {
    act: isNow ? 'go' : waits,
    now: now ?? freely,
    likely: best,
    begun,
    cost,
    waiting,
    never,
    nextLookMs: looks[1] ?? null,
    least: problem.least,
    isLimited: offers.some((o) => o.chance < problem.least),
  };
}
