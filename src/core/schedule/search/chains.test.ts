/** The search against a slow judge that tries every combination, on hundreds of seeded small weeks. */
import { describe, expect, it } from 'vitest';
import type { StartOption } from '../judge/start-option';
import { safetyFactor, searchChains, type SearchInput } from './chains';
import { endCost, fate, FUTURES, stepCost, week } from './week-kit';

interface Judged {
  readonly startsMs: readonly number[];
  readonly score: number;
  readonly joint: readonly number[];
}

/** What one chain of starts costs, by the book; null where it may not be. */
function judged(input: SearchInput, chain: readonly StartOption[]): Judged | null {
  let score = endCost(input, chain.at(-1)!);
  let all = [...Array(FUTURES).keys()];
  const joint: number[] = [];
  for (const [k, start] of chain.entries()) {
    const last = chain[k - 1] ?? null;
    const cost = stepCost(input, k, last, start);
    if (cost === null) return null;
    score += cost;
    all = all.filter((m) => fate(input.candidates[k]!, start, input.groundOf(k, last), m).well);
    joint.push(all.length);
  }
  return { startsMs: chain.map((s) => s.startMs), score, joint };
}

function everyChain(input: SearchInput): Judged[] {
  const walk = (k: number, chain: readonly StartOption[]): Judged[] => {
    const options = input.candidates[k];
    if (!options) return [judged(input, chain)].filter((x) => x !== null);
    return options.flatMap((s) => walk(k + 1, [...chain, s]));
  };
  return walk(0, []).sort((a, b) => a.score - b.score);
}

describe('the search finds what trying everything finds', () => {
  it.each([
    ['one session', 1, 12, 150],
    ['two sessions', 2, 12, 150],
    ['three sessions', 3, 9, 150],
  ] as const)('%s', (_name, sessions, starts, weeks) => {
    let possible = 0;
    for (let n = 0; n < weeks; n++) {
      const input = week(sessions, starts);
      const best = everyChain(input);
      const found = searchChains(input, 5);
      expect(found.length).toBe(Math.min(5, best.length));
      found.forEach((chain, i) => {
        expect(chain.score).toBeCloseTo(best[i]!.score, 9);
        const twin = best.find((b) => b.startsMs.join() === chain.picks.map((p) => p.startMs).join());
        expect(twin?.score).toBeCloseTo(chain.score, 9);
        expect(chain.joint).toEqual(twin?.joint);
      });
      if (best.length > 0) possible++;
    }
    expect(possible).toBeGreaterThan(weeks / 2);
  });
});

describe('rush and safe', () => {
  it('a lost session weighs a quarter in a rush, itself between, four times when safe', () => {
    expect(safetyFactor(0)).toBe(0.25);
    expect(safetyFactor(0.5)).toBe(1);
    expect(safetyFactor(1)).toBe(4);
  });
});
