/** The search against a slow judge that tries every combination, on hundreds of seeded small weeks. */
import { describe, expect, it } from 'vitest';
import { uniform } from '../../numerics/random';
import type { StartOption } from '../judge/start-option';
import { safetyFactor, searchChains, type SearchInput } from './chains';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const FUTURES = 5;
const draws = uniform(91);
const upTo = (n: number): number => Math.floor(draws() * n);

/** A start with its own luck: which of five futures end well, and when the film can be sanded in each. */
function option(startMs: number): StartOption {
  const ok = new Uint32Array(4);
  const sandMs = new Float64Array(FUTURES);
  for (let m = 0; m < FUTURES; m++) {
    const well = draws() < 0.7;
    if (well) ok[0]! |= 1 << m;
    sandMs[m] = well ? startMs + (2 + upTo(20)) * HOUR : -Infinity;
  }
  const endMs = startMs + (1 + upTo(4)) * HOUR;
  return {
    startMs,
    sprayMs: startMs,
    ok,
    good: 0,
    of: FUTURES,
    counted: true,
    centralOk: true,
    centralCause: null,
    handsOffMs: endMs,
    endMs,
    handleMs: endMs + upTo(30) * HOUR,
    centralSandMs: startMs + (2 + upTo(20)) * HOUR,
    laid: true,
    sandMs,
    causes: new Map(),
    free: true,
    verdict: draws() < 0.5 ? 'good' : 'edge',
  } as StartOption;
}

function week(sessions: number, starts: number): SearchInput {
  const candidates = Array.from({ length: sessions }, () => {
    const hours = new Set<number>();
    while (hours.size < starts) hours.add(upTo(120));
    return [...hours].sort((a, b) => a - b).map((h) => option(h * HOUR));
  });
  const waits = draws() < 0.5;
  return {
    nowMs: 0,
    candidates,
    pinned: Array.from({ length: sessions }, () => draws() < 0.2),
    stakes: Array.from({ length: sessions }, () => ({ materials: 0, hours: 0, money: 10 + upTo(90) })),
    before: waits
      ? { sandMs: new Float64Array(FUTURES).map(() => upTo(40) * HOUR), centralMs: upTo(30) * HOUR }
      : null,
    rushSafe: upTo(11) / 10,
    delayPerDay: upTo(9),
  };
}

interface Judged {
  readonly startsMs: readonly number[];
  readonly score: number;
  readonly joint: readonly number[];
}

/**
 * What one chain of starts costs, by the book; null where it may not be. Two money a start that is not good;
 * 4 to the 2r − 1 for safety.
 */
function judged(input: SearchInput, chain: readonly StartOption[]): Judged | null {
  let loss = 0;
  let all = [...Array(FUTURES).keys()];
  const joint: number[] = [];
  for (const [k, start] of chain.entries()) {
    const last = chain[k - 1];
    const ground = last
      ? { sandMs: last.sandMs, centralMs: Math.max(last.centralSandMs, last.endMs) }
      : input.before;
    if (last && start.startMs < last.endMs) return null;
    if (ground && !input.pinned[k] && start.startMs < ground.centralMs) return null;
    const own = [...Array(FUTURES).keys()].filter(
      (m) => (start.ok[0]! >> m) % 2 !== 0 && (!ground || ground.sandMs[m]! <= start.startMs),
    );
    loss += (1 - (own.length + 1) / (FUTURES + 2)) * input.stakes[k]!.money;
    all = all.filter((m) => own.includes(m));
    joint.push(all.length);
  }
  const days = Math.max(0, chain.at(-1)!.handleMs) / DAY;
  const edges = chain.filter((s) => s.verdict !== 'good').length;
  const safety = Math.exp(Math.log(4) * (2 * input.rushSafe - 1));
  return {
    startsMs: chain.map((s) => s.startMs),
    score: safety * loss + 2 * edges + days * input.delayPerDay,
    joint,
  };
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
