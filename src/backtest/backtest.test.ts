/** The backtest in small: what the policies may not do, whatever the worlds hold. */
import { describe, expect, it } from 'vitest';
import { HOUR } from '@/core/time/instant';
import { CLIMATES } from '@/standins/climates';
import { jobsOf, kindCard, type Kind } from './jobs';
import { play, type Played } from './play';
import { follow, learn } from './regression';
import { saturdaysAtTen } from './saturdays';
import { bandsOf, pairedDifference, rowOf } from './summary';
import type { Trace } from './trace';
import { Sky, worldOf } from './world';

/** A world with good weather, in a garage. */
function inGarage(kind: Kind, policy: string): Played {
  const sky = new Sky(worldOf('inland', 3));
  return play({ sky, policy, isParted: kindCard(kind).isParted }, jobsOf(kind, 'garage', sky.world));
}

describe('policies on hidden worlds under a lean-to', () => {
  const played = new Map<string, Played[]>(
    ['single-line', 'pellucid', 'no-limit', 'clairvoyant'].map((p) => [p, []]),
  );
  for (const climate of CLIMATES.slice(0, 3)) {
    const sky = new Sky(worldOf(climate, 3));
    for (const [name, list] of played)
      list.push(play({ sky, policy: name, isParted: false }, jobsOf('one-lot', 'lean-to', sky.world)));
  }
  const costs = (name: string): number[] => played.get(name)!.map((p) => p.cost);
  it('who knows what comes spoils nothing, and nobody does better in any world', () => {
    expect(played.get('clairvoyant')!.every((p) => p.spoiled === 0)).toBe(true);
    for (const other of ['single-line', 'pellucid', 'no-limit'])
      costs(other).forEach((cost, i) => expect(cost).toBeGreaterThanOrEqual(costs('clairvoyant')[i]! - 1e-9));
  });
  it('under a limit of 80 % no start was told to be worse', () => {
    const stated = played.get('pellucid')!.flatMap((p) => p.stated);
    expect(stated.every((s) => s.chance >= 0.8)).toBe(true);
  });
  it('a job of two sessions is played to its end, session by session', () => {
    expect(inGarage('two-sessions', 'clairvoyant')).toMatchObject({ isDone: true, starts: 2, spoiled: 0 });
  });
  it('with an hour an evening colour goes on one day and clear another; eight panels go in lots', () => {
    expect(inGarage('base-tonight', 'clairvoyant')).toMatchObject({ isDone: true, starts: 2, spoiled: 0 });
    const lots = inGarage('two-lots', 'clairvoyant');
    expect(lots.isDone).toBe(true);
    expect(lots.starts).toBeGreaterThan(1);
  });
  it('two jobs of one painter are both done', () => {
    const two = inGarage('two-jobs', 'no-limit');
    expect(two.isDone).toBe(true);
    expect(two.starts - two.spoiled).toBe(2);
  });
}, 120_000);

describe('sums', () => {
  const of = (cost: number, spoiled: number): Played => ({
    cost,
    starts: 2,
    spoiled,
    isDone: spoiled < 2,
    days: 3,
    wasted: 2 * spoiled,
    stated: [{ chance: 0.84, came: spoiled === 0 }],
  });
  it('by hand: means, standard errors, shares of starts', () => {
    const row = rowOf([of(10, 0), of(30, 1), of(20, 2)]);
    expect(row).toMatchObject({ worlds: 3, cost: 20, spoiled: 0.5, starts: 2, days: 3, wasted: 2 });
    expect(row.undone).toBeCloseTo(1 / 3, 12);
    // The spread of 10, 30, 20 is √(200/3); over √3.
    expect(row.costSe).toBeCloseTo(Math.sqrt(200 / 3) / Math.sqrt(3), 9);
    expect(pairedDifference([of(10, 0), of(30, 0)], [of(12, 0), of(36, 0)]).mean).toBe(-4);
    expect(bandsOf([of(1, 0), of(1, 1)].flatMap((p) => p.stated))).toEqual([
      { from: 0.8, cases: 2, stated: 0.84, came: 0.5 },
    ]);
  });
  it('Saturdays at ten are by the clock of the place', () => {
    const from = Date.UTC(2027, 4, 1, 0);
    expect(
      saturdaysAtTen('Europe/London', from, from + 15 * 24 * HOUR).map((t) => new Date(t).toISOString()),
    ).toEqual(['2027-05-01T09:00:00.000Z', '2027-05-08T09:00:00.000Z', '2027-05-15T09:00:00.000Z']);
  });
});

/** A world of ten mornings that are all alike but for their chance. */
const world = (chances: readonly number[], came: (p: number) => boolean): Trace[] =>
  chances.map((chance, day) => ({
    day,
    chance,
    came: came(chance),
    handleDay: day + 0.5,
    ahead: [0, 0, 0, Math.max(0, ...chances.slice(day + 1))],
    stake: 50,
    cans: 3,
  }));

describe('the learned policy', () => {
  it('takes a sure morning and leaves one that is sure to fail', () => {
    const seen = Array.from({ length: 40 }, (_, i) =>
      world(
        Array.from({ length: 10 }, (_x, d) => ((d * 7 + i * 3) % 5 === 0 ? 0.99 : 0.02)),
        (p) => p > 0.5,
      ),
    );
    const learned = learn(seen);
    const fresh = world([0.02, 0.02, 0.99, 0.02, 0.99, 0.02, 0.02, 0.02, 0.02, 0.02], (p) => p > 0.5);
    expect(follow(learned, fresh)).toMatchObject({
      isDone: true,
      spoiled: 0,
      starts: 1,
      days: 2.5,
      cost: 10,
    });
    const hopeless = world(Array<number>(10).fill(0.02), () => false);
    expect(follow(learned, hopeless)).toMatchObject({ isDone: false, starts: 0, cost: 50 + 13 * 4 });
  });
});
