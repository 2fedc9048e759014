/**
 * The search for the chain of starts: least expected cost, jointly over the ensemble. What can be
 * lost (materials, hours done again) is weighed against waiting, by the user's own urgency.
 * Exhaustive for one and two sessions; for three, the best pairs are carried on (a beam of 96).
 */
import { chanceOf } from '../numerics/stats';
import { DAY } from '../time/instant';
import { countBits, readyBy, WORDS, type StartOption } from './options';

export interface Stakes {
  readonly materials: number;
  readonly hours: number;
  readonly money: number;
}
export interface SearchInput {
  readonly nowMs: number;
  /** Candidate starts per session, in time order. */
  readonly candidates: readonly (readonly StartOption[])[];
  /** True for a session whose start was set by hand: readiness is then reported, not required. */
  readonly pinned: readonly boolean[];
  readonly stakes: readonly Stakes[];
  /** When the first session's ground can be sanded, per member and on the central line; null when it waits for nothing. */
  readonly before: { readonly sandMs: Float64Array; readonly centralMs: number } | null;
  readonly rushSafe: number;
  readonly delayPerDay: number;
}
export interface Chain {
  readonly picks: readonly StartOption[];
  readonly joint: readonly number[];
  readonly expectedLoss: number;
  readonly score: number;
}

/** What a session that is only just inside costs beyond its odds, in money. ASSUMED; the log will tell. */
const EDGE_COST = 2;
const BEAM = 96;

interface Partial {
  picks: StartOption[];
  mask: Uint32Array;
  joint: number[];
  loss: number;
  score: number;
}

/**
 * @param keep how many chains to return, best first, each with another start of some session
 */
export function searchChains(input: SearchInput, keep: number): Chain[] {
  const { candidates, stakes, nowMs } = input;
  const safety = 4 ** (2 * input.rushSafe - 1);
  const n = candidates[0]?.[0]?.of ?? 0;
  const scoreOf = (picks: readonly StartOption[], loss: number): number => {
    const edge = picks.filter((x) => x.verdict !== 'good').length * EDGE_COST;
    return safety * loss + edge + (Math.max(0, picks.at(-1)!.handleMs - nowMs) / DAY) * input.delayPerDay;
  };
  const ready = new Uint32Array(WORDS);
  let beam: Partial[] = [
    { picks: [], mask: new Uint32Array(WORDS).fill(0xffffffff), joint: [], loss: 0, score: 0 },
  ];
  for (let k = 0; k < candidates.length; k++) {
    const next: Partial[] = [];
    for (const path of beam) {
      const last = path.picks.at(-1);
      const sand = last ? last.sandMs : k === 0 ? (input.before?.sandMs ?? null) : null;
      const centralReady = last
        ? Math.max(last.centralSandMs, last.endMs)
        : (input.before?.centralMs ?? -Infinity);
      for (const c of candidates[k]!) {
        if (last && c.startMs < last.endMs) continue;
        if (!input.pinned[k] && c.startMs < centralReady) continue;
        const mask = new Uint32Array(WORDS);
        if (sand) readyBy(sand, c.startMs, ready);
        // A session's own odds carry its stakes: were only the first failure counted, failing early would look cheap.
        for (let w = 0; w < WORDS; w++) mask[w] = c.ok[w]! & (sand ? ready[w]! : 0xffffffff);
        const loss = path.loss + (1 - chanceOf(Math.min(n, countBits(mask)), n)) * stakes[k]!.money;
        for (let w = 0; w < WORDS; w++) mask[w] = mask[w]! & path.mask[w]!;
        const good = countBits(mask);
        const picks = [...path.picks, c];
        next.push({ picks, mask, joint: [...path.joint, good], loss, score: scoreOf(picks, loss) });
      }
    }
    const lastRound = k === candidates.length - 1;
    next.sort((a, b) => a.score - b.score);
    // A chain of two is searched whole: only from the second session on is the beam narrowed.
    beam = lastRound || k === 0 ? next : next.slice(0, BEAM);
  }
  return beam
    .slice(0, keep)
    .map((p) => ({ picks: p.picks, joint: p.joint, expectedLoss: p.loss, score: p.score }));
}
