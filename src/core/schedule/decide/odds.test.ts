/** Odds of one start among many, and how far starts share their fate. */
import { describe, expect, it } from 'vitest';
import { normals, uniform } from '../../numerics/random';
import { addMember, noMembers } from '../judge/members';
import type { StartOption } from '../judge/start-option';
import { isInDoubt, likenessOf, tetrachoric, type Fate } from './likeness';
import { chainPool, pooledChance, poolOf } from './odds';

const counted = (good: number, of = 50): StartOption =>
  ({ good, of, counted: true }) as Partial<StartOption> as StartOption;

describe('a chance among those of its week', () => {
  it('by hand: 40 of 50 drawn towards a mean of 0.5 that counts for 5: (40 + 2.5 + 0.5) of 56', () => {
    expect(pooledChance(40, 50, { mean: 0.5, pull: 5 })).toBeCloseTo(43 / 56, 12);
  });
  it('is never 0 and never 1', () => {
    expect(pooledChance(0, 50, { mean: 0, pull: 5 })).toBeGreaterThan(0);
    expect(pooledChance(50, 50, { mean: 1, pull: 5 })).toBeLessThan(1);
  });
  it('a week whose starts differ as samples alone would pulls by all it may; one of two kinds by the least', () => {
    const draw = uniform(5);
    const sampled = Array.from({ length: 200 }, () =>
      counted(Array.from({ length: 50 }, () => draw()).filter((x) => x < 0.6).length),
    );
    expect(poolOf(sampled).pull).toBe(5);
    expect(poolOf(sampled).mean).toBeCloseTo(0.6, 1);
    const split = Array.from({ length: 40 }, (_, i) => counted(i % 2 === 0 ? 2 : 48));
    expect(poolOf(split)).toEqual({ mean: 0.5, pull: 2 });
  });
  it('starts whose futures were not run tell nothing of the week', () => {
    const blind = { ...counted(0), counted: false };
    expect(poolOf([counted(30), counted(34), blind]).mean).toBeCloseTo(0.64, 9);
  });
  it('the best of forty equal starts looks better than it is, and is drawn back', () => {
    const draw = uniform(11);
    let raw = 0;
    let drawn = 0;
    for (let n = 0; n < 200; n++) {
      const week = Array.from({ length: 40 }, () =>
        counted(Array.from({ length: 50 }, () => draw()).filter((x) => x < 0.7).length),
      );
      const best = Math.max(...week.map((o) => o.good));
      raw += best / 50 - 0.7;
      drawn += pooledChance(best, 50, poolOf(week)) - 0.7;
    }
    expect(drawn / 200).toBeLessThan(raw / 200 - 0.01);
  });
  it('of two sessions the pool is asked twice', () => {
    const pool = chainPool([
      { mean: 0.8, pull: 4 },
      { mean: 0.5, pull: 2 },
    ]);
    expect(pool).toEqual({ mean: 0.4, pull: 3 });
  });
});

/** Signs of two normals of that correlation, as starts that go well where they are positive. */
function pairOf(r: number, seed: number): readonly [Fate, Fate] {
  const draw = normals(seed);
  const a = noMembers();
  const b = noMembers();
  for (let m = 0; m < 100; m++) {
    const x = draw();
    const y = r * x + Math.sqrt(1 - r * r) * draw();
    if (x > 0) addMember(a, m);
    if (y > 0) addMember(b, m);
  }
  const at = { look: 1, of: 100 };
  return [
    { ...at, block: 0, ok: a },
    { ...at, block: 1, ok: b },
  ];
}

describe('how far two starts share their fate', () => {
  it('by hand: 40, 10, 10, 40 of a hundred has an odds ratio of 16 (14.9 with the halves) and r of 0.77', () => {
    const [a, b] = [noMembers(), noMembers()];
    for (let m = 0; m < 50; m++) addMember(a, m);
    for (let m = 10; m < 60; m++) addMember(b, m);
    const of = { look: 0, of: 100 };
    expect(tetrachoric({ ...of, block: 0, ok: a }, { ...of, block: 1, ok: b })).toBeCloseTo(0.767, 2);
  });
  it('finds the correlation of normals of which it sees the signs, within 0.08 on average over 200 pairs', () => {
    for (const r of [0, 0.3, 0.6, 0.9]) {
      const mean =
        Array.from({ length: 200 }, (_, n) => tetrachoric(...pairOf(r, n + 1))).reduce((a, b) => a + b, 0) /
        200;
      expect(Math.abs(mean - r)).toBeLessThan(0.08);
    }
  });
  it('starts that go well in the same futures are one chance; what is sure tells nothing', () => {
    const [a] = pairOf(0, 3);
    const twin = { ...a, block: 1 };
    expect(likenessOf([a, twin]).shared).toBeGreaterThan(0.95);
    const sure = { ...a, ok: noMembers() };
    expect(isInDoubt([sure])).toBe(false);
    expect(isInDoubt([a])).toBe(true);
    expect(likenessOf([sure, { ...sure, block: 1 }])).toEqual({ shared: 0.6, tie: 0.4 });
  });
});
