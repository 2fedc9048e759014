/** Every mend of every fault on the demo's jobs, as far as each is: what it makes of the build-up and of the plan. */
import { beforeAll, describe, expect, it } from 'vitest';
import { systemFor } from '@/core/coating/system';
import { brokenIn, demoMends, freshBlockers, othersOn, otherTop, type MendCase } from '@/demo/mend-cases';
import { keepsHands, ms, simulated } from '@/demo/test-kit';
import type { Plan } from '@/model/plan';
import { isTwoPart } from './chemistry/cards';
import { stageOf } from './drying/rate';
import { MINUTE } from './time/instant';

const all = demoMends();

const broken = (check: (c: MendCase) => string | null): string[] => brokenIn(all, check);

describe('mends in the build-up', () => {
  it('are many', () => {
    expect(all.length).toBeGreaterThan(150);
  });
  it('no seam that a mend makes is refused by the rule cards, and no blocker comes with it', () => {
    expect(broken(freshBlockers)).toEqual([]);
  });
  it('leave the other parts as they were', () => {
    expect(
      broken(({ after, was, partIds }) =>
        othersOn(systemFor(after).layers, partIds) === othersOn(was, partIds)
          ? null
          : 'another part has other layers',
      ),
    ).toEqual([]);
  });
  it('end each part on the same paint as before, with the same clear over every colour', () => {
    expect(broken(otherTop)).toEqual([]);
  });
});

describe('mends in the plan', () => {
  // A plan takes a quarter of a second: some of each job.
  const every = Math.ceil(all.length / 60);
  const sample = all.filter((_, i) => i % every === 0);
  let plans: { c: MendCase; p: Plan }[] = [];
  beforeAll(() => {
    plans = sample.map((c) => ({ c, p: simulated(c.after) }));
  }, 120_000);
  it('hands do one thing at a time, and each coat of a mend comes once on each of its parts or why not is said', () => {
    for (const { c, p } of plans) {
      keepsHands(p);
      const mine = p.layers.filter((l) => l.mend);
      const wanted = mine.flatMap((l) =>
        l.partIds.flatMap((id) => Array.from({ length: l.coats }, (_, k) => `${l.id}.c${k + 1} ${id}`)),
      );
      const rounds = p.sessions.flatMap((s) => s.rounds);
      const got = rounds
        .flatMap((r) => r.parts.map((x) => `${r.taskId.replace(/~.*/, '')} ${x.partId}`))
        .filter((x) => wanted.includes(x));
      if (p.blockers.length === 0) expect(got.sort(), c.name).toEqual(wanted.sort());
    }
    expect(plans.filter(({ p }) => p.blockers.length === 0).length).toBeGreaterThan(plans.length / 2);
  });
  it('no paper touches two-part film before it may be sanded, by its sheet at the warmest it could be', () => {
    let looked = 0;
    for (const { c, p } of plans) {
      const film = p.layers.find((l) => l.id === c.layerId) ?? c.was.find((l) => l.id === c.layerId)!;
      const product = systemFor(c.after).products.get(film.productId)!;
      if (!isTwoPart(product)) continue;
      const tasks = [...p.visits, ...p.sessions].flatMap((x) => x.tasks);
      const sands = tasks.filter((t) => t.detail.code === 'mend-sand');
      const endedMs = Math.max(
        ...c.before.state!.coats.filter((x) => x.layerId === film.id).map((x) => ms(x.endedAt)),
      );
      // Cure is credited to 40 °C: never faster than that.
      const leastMs = endedMs + (stageOf(product, 'sand').minutes * MINUTE) / 4.5;
      for (const t of sands) {
        looked += 1;
        expect(ms(t.startsAt), c.name).toBeGreaterThanOrEqual(leastMs);
      }
    }
    expect(looked).toBeGreaterThan(5);
  });
});
