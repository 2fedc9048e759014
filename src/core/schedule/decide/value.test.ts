/** The value of a state, against every news and every decision written out. */
import { describe, expect, it } from 'vitest';
import { HERMITE_15, HERMITE_3, HERMITE_7, normalCdf, tiedWeights } from '../../numerics/normal';
import { uniform } from '../../numerics/random';
import { normalTail } from '../../numerics/stats';
import { Enumerated } from './enumerate';
import { newsOf } from './news';
import type { Offer, Problem, Stage } from './problem';
import { Values } from './value';

const COARSE = { shared: HERMITE_3, own: HERMITE_3 };

/** A small case: up to three sessions, a handful of starts each, bonds, news, limits. */
function caseOf(seed: number): Problem {
  const draw = uniform(seed);
  const between = (a: number, b: number): number => a + (b - a) * draw();
  const looks = 2 + Math.floor(draw() * 2);
  const stages = 1 + Math.floor(draw() * 2);
  const slots: { atMs: number; look: number; block: number }[] = [];
  let block = 0;
  for (let look = 0; look < looks; look++)
    for (let b = 0; b < 1 + Math.floor(draw() * 2); b++, block++)
      for (let s = 0; s < 1 + Math.floor(draw() * 2); s++)
        slots.push({ atMs: slots.length * 10, look, block });
  // Written out, every start more multiplies the cases by what may follow it.
  slots.length = Math.min(slots.length, stages === 1 ? 5 : 3);
  const stageOf = (k: number): Stage => ({
    offers: slots.map((slot): Offer => ({
      ...slot,
      chance: between(0.05, 0.95),
      known: slot.look === 0 ? 0 : between(0, 0.85),
      owes: slot.atMs * 0.4,
      nextMs: slot.atMs + between(1, 25),
      untilMs: draw() < 0.4 ? slot.atMs + between(5, 45) : Infinity,
      againMs: slot.atMs + between(1, 25),
    })),
    fails: between(5, 40),
    missed: between(1, 10),
    never: between(20, 60) * (stages - k),
  });
  return {
    stages: Array.from({ length: stages }, (_, k) => stageOf(k)),
    ties: Array.from({ length: looks }, (_, l) => (l < 2 ? 0 : between(0, 0.8))),
    shared: between(0, 1),
    least: draw() < 0.5 ? 0 : between(0, 0.6),
  };
}

describe('the value of a state', () => {
  it('is that of every news and every decision written out, in 400 small cases', () => {
    let bonds = 0;
    for (let seed = 1; seed <= 400; seed++) {
      const problem = caseOf(seed);
      const [first] = problem.stages;
      bonds += first!.offers.filter((o) => o.untilMs < Infinity).length;
      const values = new Values(problem, COARSE);
      const judge = new Enumerated(problem, COARSE);
      for (const node of seed % 8 === 0 ? [0, 1, 2] : [seed % 3])
        expect(values.arrive(0, 0, 0, node), `seed ${seed}`).toBeCloseTo(judge.value(node), 9);
    }
    expect(bonds).toBeGreaterThan(300);
  });
});

const offer = (o: Partial<Offer>): Offer => ({
  atMs: 0,
  look: 0,
  block: 0,
  chance: 0.6,
  known: 0,
  owes: 0,
  nextMs: 0,
  untilMs: Infinity,
  againMs: Infinity,
  ...o,
});

describe('by hand', () => {
  const stage = (offers: Offer[], never = 100): Stage => ({ offers, fails: 50, missed: 0, never });
  it('one start at 0.6, failing costs 50 and then never 100: 0.4 of 150 is 60', () => {
    const one = { stages: [stage([offer({})])], ties: [0], shared: 1, least: 0 };
    expect(new Values(one).arrive(0, 0, 0, 7)).toBeCloseTo(60, 9);
  });
  it('never is taken where it is cheaper: 0.4 of 150 is more than 55', () => {
    const one = { stages: [stage([offer({ againMs: Infinity })], 55)], ties: [0], shared: 1, least: 0 };
    expect(new Values(one).arrive(0, 0, 0, 7)).toBeCloseTo(Math.min(55, 0.4 * 105), 9);
    const dear = { ...one, stages: [stage([offer({ chance: 0.1 })], 55)] };
    expect(new Values(dear).arrive(0, 0, 0, 7)).toBeCloseTo(55, 9);
  });
  it('no start is made on less than the limit: at 0.6 under a limit of 0.8 it is never', () => {
    const one = { stages: [stage([offer({})])], ties: [0], shared: 1, least: 0.8 };
    expect(new Values(one).arrive(0, 0, 0, 7)).toBeCloseTo(100, 9);
  });
  it('two sessions, nothing in doubt: the second’s end is paid', () => {
    const sure = { chance: 1 - 1e-9, known: 0 };
    const first = stage([offer({ ...sure, nextMs: 10, untilMs: 30 })]);
    const second = stage([
      offer({ ...sure, atMs: 5, owes: 1 }),
      offer({ ...sure, atMs: 20, owes: 7, block: 1 }),
    ]);
    const two = { stages: [first, second], ties: [0], shared: 1, least: 0 };
    expect(new Values(two).arrive(0, 0, 0, 7)).toBeCloseTo(7, 4);
    // Its bond gone by, the coat that goes on once more is paid too.
    const late = stage([offer({ ...sure, nextMs: 10, untilMs: 15 })]);
    const missed = { ...two, stages: [late, { ...second, missed: 9 }] };
    expect(new Values(missed).arrive(0, 0, 0, 7)).toBeCloseTo(16, 4);
  });
  it('waiting for news is worth more than starting on what is known', () => {
    // Perfect news would be worth 0.6 of nothing and 0.4 of never: 40; none at all 60.
    const later = stage([offer({ look: 1, block: 1, known: 0.9 })]);
    const v = new Values({ stages: [later], ties: [0, 0], shared: 1, least: 0 }).arrive(0, 0, 0, 7);
    expect(v).toBeGreaterThan(40);
    expect(v).toBeLessThan(50);
  });
});

/** The best of six starts at 0.6, when a miss costs one and nothing else does: the chance to do well. */
function bestOfSix(shared: number): number {
  const offers = Array.from({ length: 6 }, (_, i) => offer({ look: 1, block: i, atMs: i, known: 0.85 }));
  const stages = [{ offers, fails: 0, missed: 0, never: 1 }];
  return 1 - new Values({ stages, ties: [0, 0], shared, least: 0 }).arrive(0, 0, 0, 7);
}

describe('the best of several', () => {
  it('of six at 0.6 is 0.94 or more where their news is independent, 0.60 where it is one', () => {
    expect(bestOfSix(0)).toBeGreaterThan(0.94);
    expect(bestOfSix(1)).toBeCloseTo(0.6, 3);
    expect(bestOfSix(0.5)).toBeGreaterThan(0.7);
    expect(bestOfSix(0.5)).toBeLessThan(0.94);
  });
});

describe('news', () => {
  it('leaves every chance what it is on average, within 0.005, and exactly once it is moved', () => {
    const offers = [0.02, 0.1, 0.35, 0.6, 0.85, 0.98].flatMap((chance) =>
      [0, 0.2, 0.5, 0.8, 0.9].map((known) => offer({ chance, known })),
    );
    for (const tie of [0, 0.4, 1]) {
      const news = newsOf(offers, { shared: HERMITE_15, own: HERMITE_7 }, tie);
      const w = HERMITE_15.w.flatMap((a) => HERMITE_7.w.map((b) => a * b));
      offers.forEach((o, i) => {
        const mean = w.reduce((sum, x, j) => sum + x * news[i * w.length + j]!, 0);
        expect(Math.abs(mean - o.chance)).toBeLessThan(0.005);
      });
    }
  });
});

describe('the normal', () => {
  it('from the table is that of the registry’s statistics within 4e-6', () => {
    for (let z = -6; z <= 6; z += 0.0137)
      expect(Math.abs(normalCdf(z) - (1 - normalTail(z)))).toBeLessThan(4e-6);
  });
  it('has mean 0, variance 1, fourth moment 3 and sixth 15 by its nodes', () => {
    for (const { x, w } of [HERMITE_15, HERMITE_7]) {
      const moment = (n: number): number => x.reduce((sum, v, i) => sum + w[i]! * v ** n, 0);
      expect(moment(0)).toBeCloseTo(1, 9);
      expect(moment(1)).toBeCloseTo(0, 9);
      expect(moment(2)).toBeCloseTo(1, 9);
      expect(moment(4)).toBeCloseTo(3, 7);
      expect(moment(6)).toBeCloseTo(15, 6);
    }
  });
  it('tied at 0.6: the mean of the second is 0.6 of the first', () => {
    const { x } = HERMITE_15;
    const tied = tiedWeights(HERMITE_15, 0.6);
    for (const [i, from] of x.entries()) {
      if (Math.abs(from) > 3) continue;
      const mean = x.reduce((sum, to, j) => sum + tied[i * 15 + j]! * to, 0);
      expect(mean).toBeCloseTo(0.6 * from, 1);
    }
  });
});
