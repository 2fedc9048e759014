/** Jobs planned together: against every order by the book, and on the demo's bench. */
import { describe, expect, it } from 'vitest';
import { always, demo, ms, NOW } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { simulatedForecast } from '@/standins/weather';
import { uniform } from './numerics/random';
import { plan } from './plan';
import { aroundOf, handsOf, NOTHING_AROUND, type Around } from './schedule/around';
import { bestTurns, turnsIn, type OnBench, type PlanAround } from './together';

const HOUR = 3_600_000;
const iso = (hour: number): string => new Date(hour * HOUR).toISOString();

/** A job of the book: so many hours at a stretch, and what each hour to begin at costs. */
interface Played {
  readonly id: string;
  readonly takes: number;
  readonly costs: readonly number[];
}
const NEVER = 60;

function played(n: number, draws: () => number): Played[] {
  return Array.from({ length: n }, (_, i) => ({
    id: `j${i}`,
    takes: 1 + Math.floor(draws() * 4),
    costs: Array.from({ length: 10 }, () => Math.floor(draws() * 50)),
  }));
}

/** The cheapest hour whose stretch is clear of what is taken; null where none is. */
function slotOf(p: Played, taken: readonly (readonly [number, number])[]): number | null {
  const free = p.costs.map((_, h) => h).filter((h) => taken.every(([a, b]) => h + p.takes <= a || b <= h));
  const [best] = free.sort((a, b) => p.costs[a]! - p.costs[b]! || a - b);
  return best !== undefined && p.costs[best]! < NEVER ? best : null;
}

const planOf = (p: Played, around: Around): Plan => {
  const slot = slotOf(
    p,
    around.hands.map((s) => [s.startMs / HOUR, s.endMs / HOUR]),
  );
  const session = {
    startsAt: iso(slot ?? 0),
    handsOffAt: iso((slot ?? 0) + p.takes),
    tasks: [],
    left: [],
    shares: [],
    activations: [],
    partIds: [],
    handleAt: iso((slot ?? 0) + p.takes),
  };
  const decision = { cost: slot === null ? NEVER : p.costs[slot]!, never: NEVER };
  const sessions =
    slot === null ? [] : [{ ...session, sprayAt: session.startsAt, endsAt: session.handsOffAt }];
  return {
    kind: slot === null ? 'blocked' : 'planned',
    sessions,
    visits: [],
    drying: [],
    parts: [],
    now: iso(0),
    decision,
    materials: [],
  } as unknown as Plan;
};

/** An hour of the owner counts 10. */
const job = {
  risk: { hourValue: 10 },
  budget: { currency: 'GBP' },
  purpose: {},
  parts: [],
  place: {},
} as unknown as Job;

function ordersOf<T>(list: readonly T[]): T[][] {
  if (list.length === 0) return [[]];
  return list.flatMap((x, i) =>
    ordersOf([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [x, ...rest]),
  );
}

/** What an order gives up, by the book, hours. */
function givenUp(order: readonly Played[]): number {
  const taken: [number, number][] = [];
  let money = 0;
  for (const p of order) {
    const alone = slotOf(p, []);
    const slot = slotOf(p, taken);
    const cost = (s: number | null): number => (s === null ? NEVER : p.costs[s]!);
    money += cost(slot) - cost(alone);
    if (slot !== null) taken.push([slot, slot + p.takes]);
  }
  return money / 10;
}

describe('the order of the turns', () => {
  it.each([
    [2, 120],
    [3, 150],
    [4, 80],
  ])('of %d jobs is the best of all orders tried by the book, in %d seeded cases', (n, cases) => {
    const draws = uniform(17 + n);
    let moved = 0;
    for (let k = 0; k < cases; k++) {
      const all = played(n, draws);
      const byId = new Map(all.map((p) => [p.id, p]));
      const jobs: OnBench[] = all.map((p) => ({ id: p.id, job }));
      const found = bestTurns(jobs, (id, around) => planOf(byId.get(id)!, around), 1000);
      const best = Math.min(...ordersOf(all).map(givenUp));
      expect(found.hours).toBeCloseTo(best, 9);
      expect(found.atLeast).toBeCloseTo(best, 9);
      expect(givenUp(found.turns.map((t) => byId.get(t.id)!))).toBeCloseTo(best, 9);
      if (best > 0) moved++;
    }
    expect(moved).toBeGreaterThan(cases / 4);
  });
  it('that runs out of plans says how far it may be from the best, and never claims more than it knows', () => {
    const draws = uniform(5);
    let open = 0;
    for (let k = 0; k < 60; k++) {
      const all = played(5, draws);
      const byId = new Map(all.map((p) => [p.id, p]));
      const planAround: PlanAround = (id, around) => planOf(byId.get(id)!, around);
      const found = bestTurns(
        all.map((p) => ({ id: p.id, job })),
        planAround,
        12,
      );
      const best = Math.min(...ordersOf(all).map(givenUp));
      expect(found.turns.length).toBe(5);
      expect(found.hours).toBeGreaterThanOrEqual(best - 1e-9);
      expect(found.atLeast).toBeLessThanOrEqual(best + 0.01);
      if (found.atLeast! < found.hours) open++;
    }
    expect(open).toBeGreaterThan(5);
  });
});

const IDS = ['tractor-bonnet', 'cargo-bike', 'locker-lids'] as const;
const bench: OnBench[] = IDS.map((id) => ({ id, job: demo(id) }));
const planDemo: PlanAround = (id, around) => {
  const own = demo(id);
  return plan({ job: own, ...simulatedForecast(own.place, NOW), nowMs: NOW, around });
};

describe('three jobs of the demo', () => {
  const turns = bestTurns(bench, planDemo);
  const plans = turns.turns.map((t) => t.plan);
  it('never want two hands at once, where each for itself wants them at eight', () => {
    const alone = IDS.map((id) => planDemo(id, NOTHING_AROUND));
    const spans = (of: readonly Plan[]) => of.flatMap((p, i) => handsOf(p).map((s) => ({ ...s, i })));
    const clashes = (of: readonly Plan[]): number =>
      spans(of).flatMap((a) =>
        spans(of).filter((b) => a.i < b.i && a.startMs < b.endMs && b.startMs < a.endMs),
      ).length;
    expect(clashes(alone)).toBeGreaterThan(0);
    expect(clashes(plans)).toBe(0);
    expect(plans.every((p) => p.kind === 'planned')).toBe(true);
  });
  it('raise no dust beside wet paint of another', () => {
    const wet = plans.flatMap((p, i) =>
      p.sessions.map((s) => ({ i, from: ms(s.sprayAt), to: ms(s.dustFreeAt) })),
    );
    const dust = plans.flatMap((p, i) =>
      [...p.sessions, ...p.visits]
        .flatMap((w) => w.tasks)
        .filter((t) => t.kind === 'sand')
        .map((t) => ({ i, from: ms(t.startsAt), to: ms(t.endsAt) })),
    );
    expect(wet.length * dust.length).toBeGreaterThan(4);
    for (const w of wet)
      for (const d of dust) if (w.i !== d.i) expect(d.from < w.to && w.from < d.to).toBe(false);
  });
  it('go to the shops once, where each for itself would go twice', () => {
    const trips = (of: readonly Plan[]): number =>
      of.flatMap((p) => p.visits.filter((v) => v.kind === 'shop')).length;
    expect(trips(IDS.map((id) => planDemo(id, NOTHING_AROUND)))).toBe(2);
    expect(trips(plans)).toBe(1);
    expect(turns.turns.filter((t) => t.sharesTrip).length).toBe(1);
  });
  it('say what each gives up and to whom; the first gives up nothing', () => {
    expect(turns.turns[0]!.givesUp).toBe(0);
    expect(turns.turns[0]!.because).toEqual([]);
    expect(turns.turns[1]!.because).toContain(turns.turns[0]!.id);
    expect(turns.atLeast!).toBeLessThanOrEqual(turns.hours);
    const asSet = turnsIn(bench, planDemo);
    expect(asSet.turns.map((t) => t.id)).toEqual([...IDS]);
    expect(asSet.atLeast).toBeNull();
    expect(asSet.hours).toBeGreaterThanOrEqual(turns.hours - 1e-9);
  });
});

const planOn = (own: Job, around: Around): Plan =>
  plan({ job: own, ...simulatedForecast(own.place, NOW), nowMs: NOW, around });

describe('what is sprayed already', () => {
  const tenTo = '2026-05-16T07:40';
  const bike: Job = { ...demo('cargo-bike'), freeHours: always };
  const fresh = planOn(bike, NOTHING_AROUND);
  /** Ten minutes ago its first coat went on; the next is for later, and it is the last in turn. */
  const wet: Job = {
    ...bike,
    state: {
      coats: [{ layerId: fresh.layers[0]!.id, coat: 1, endedAt: tenTo }],
      tasks: fresh.visits.flatMap((v) => v.tasks).map((t) => ({ taskId: t.id, endedAt: tenTo })),
      activations: [],
    },
  };
  const sanded: Job = { ...demo('tractor-bonnet'), freeHours: always };
  const dustOf = (p: Plan): number[] =>
    [...p.sessions, ...p.visits]
      .flatMap((w) => w.tasks)
      .filter((t) => t.kind === 'sand')
      .map((t) => ms(t.startsAt));
  const until = Math.max(...planOn(wet, NOTHING_AROUND).drying.map((d) => ms(d.dustFreeAt)));
  it('dries though more of it is to come', () => {
    expect(planOn(wet, NOTHING_AROUND).sessions.length).toBeGreaterThan(0);
    expect(until).toBeGreaterThan(NOW);
    expect(fresh.drying).toEqual([]);
  });
  it('is in the way of another’s dust, though that comes first in turn; alone it would be sanded beside it', () => {
    const jobs = [
      { id: 'sanded', job: sanded },
      { id: 'wet', job: wet },
    ];
    const byId = new Map(jobs.map((j) => [j.id, j.job]));
    const { turns } = turnsIn(jobs, (id, around) => planOn(byId.get(id)!, around));
    const { alone, plan: kept } = turns[0]!;
    expect(Math.min(...dustOf(alone))).toBeLessThan(until);
    expect(Math.min(...dustOf(kept))).toBeGreaterThanOrEqual(until);
  });
  it('stands on the rack until it may be handled, once, whether its job comes before or after', () => {
    const own = { job: wet, plan: planOn(wet, NOTHING_AROUND) };
    const now = (a: Around): number =>
      a.standing.filter((x) => x.startMs <= NOW && NOW < x.endMs).reduce((sum, x) => sum + x.areaM2, 0);
    const area = own.plan.parts.reduce((a, p) => a + p.areaM2, 0);
    expect(now(aroundOf(sanded, [own]))).toBeCloseTo(area, 9);
    expect(now(aroundOf(sanded, [], [own]))).toBeCloseTo(area, 9);
    expect(now(aroundOf(sanded, [own], [own]))).toBeCloseTo(area, 9);
    expect(aroundOf(sanded, [], [own]).hands).toEqual([]);
  });
});

describe('one rack', () => {
  const two = [
    { id: 'cargo-bike', job: demo('cargo-bike') },
    { id: 'locker-lids', job: demo('locker-lids') },
  ];
  const withRack = (job: Job, rackM2: number): Job => ({ ...job, place: { ...job.place, rackM2 } });
  /** Painted area of both at a time, where both stand to dry. */
  function together(rackM2: number): number {
    const jobs = new Map(two.map(({ id, job: own }) => [id, withRack(own, rackM2)]));
    const first = planOn(jobs.get('cargo-bike')!, NOTHING_AROUND);
    const around = aroundOf(jobs.get('locker-lids')!, [{ job: jobs.get('cargo-bike')!, plan: first }]);
    const second = planOn(jobs.get('locker-lids')!, around);
    expect(second.kind).toBe('planned');
    const drying = (p: Plan) => p.sessions.map((s) => [ms(s.sprayAt), ms(s.handleAt)] as const);
    return drying(first).filter(([a, b]) => drying(second).some(([c, d]) => a < d && c < b)).length;
  }
  it('that holds both lets them dry side by side; one that holds 1 m² keeps 0.58 and 0.71 m² apart', () => {
    expect(together(3)).toBeGreaterThan(0);
    expect(together(1)).toBe(0);
  });
  it('too small for a job alone holds it up no more than it did', () => {
    const tiny = planOn(withRack(demo('cargo-bike'), 0.1), NOTHING_AROUND);
    expect(tiny.sessions.map((s) => s.startsAt)).toEqual(
      planDemo('cargo-bike', NOTHING_AROUND).sessions.map((s) => s.startsAt),
    );
  });
});

describe('a can that two jobs activate', () => {
  const giver = planDemo('stand-mixer', NOTHING_AROUND);
  const [left] = giver.sessions.flatMap((s) => s.left);
  const alone = planDemo('tractor-bonnet', NOTHING_AROUND);
  const around = aroundOf(demo('tractor-bonnet'), [{ job: demo('stand-mixer'), plan: giver }]);
  const taker = planDemo('tractor-bonnet', around);
  const cans = (p: Plan): number => p.sessions.flatMap((s) => s.activations).length;
  it('serves both within the day: no more than is left in it, after the first is through, before it is a day old', () => {
    const [share] = taker.sessions.flatMap((s) => s.shares);
    const session = taker.sessions.find((s) => s.shares.length > 0)!;
    expect(share!.ml).toBeGreaterThan(0);
    expect(share!.ml).toBeLessThanOrEqual(left!.ml);
    expect(ms(share!.at)).toBe(ms(left!.at));
    expect(ms(session.startsAt)).toBeGreaterThanOrEqual(ms(giver.sessions.at(-1)!.handsOffAt));
    const own = Math.min(...session.activations.map((a) => ms(a.at)));
    const clear = taker.layers.find((l) => l.productId === share!.productId)!.id;
    const from = session.tasks.filter((t) => t.kind === 'coat' && t.layerId === clear && ms(t.endsAt) <= own);
    expect(from.length).toBeGreaterThan(0);
    for (const t of from) expect(ms(t.endsAt) - ms(share!.at)).toBeLessThanOrEqual(24 * HOUR);
    expect(cans(alone) - cans(taker)).toBe(share!.saved);
  });
  it('does for a second shell of the same kind, which then buys no clear', () => {
    const second = planDemo(
      'stand-mixer',
      aroundOf(demo('stand-mixer'), [{ job: demo('stand-mixer'), plan: giver }]),
    );
    const bought = (p: Plan): number =>
      p.materials
        .filter((m) => m.productId === left!.productId)
        .flatMap((m) => m.packs)
        .reduce((a, x) => a + x.count, 0);
    expect([bought(giver), bought(second)]).toEqual([1, 0]);
    expect(cans(second)).toBe(0);
    expect(giver.cost.paint - second.cost.paint).toBeCloseTo(21.5, 9);
  });
  it('the order that is found is the best of all six, cans and trips counted', () => {
    const ids = ['stand-mixer', 'tractor-bonnet', 'cargo-bike'];
    const jobs = ids.map((id) => ({ id, job: demo(id) }));
    const found = bestTurns(jobs, planDemo);
    const all = ordersOf(jobs).map((order) => turnsIn(order, planDemo).hours);
    expect(all.length).toBe(6);
    expect(Math.max(...all) - Math.min(...all)).toBeGreaterThan(0.1);
    expect(found.hours).toBeLessThanOrEqual(Math.min(...all) + 0.01);
    expect(found.atLeast!).toBeLessThanOrEqual(Math.min(...all) + 0.01);
  });
  it('is the giver’s alone, whatever the taker leaves in it', () => {
    const jobs = ['tractor-bonnet', 'stand-mixer'].map((id) => ({ id, job: demo(id) }));
    const [first, second] = turnsIn(jobs, planDemo).turns;
    // It takes all its clear from that can, so that what it leaves is in the same.
    expect(second!.plan.sessions.flatMap((s) => s.activations)).toEqual([]);
    expect(first!.cansOf).toEqual([]);
    expect(second!.plan.sessions.flatMap((s) => s.shares).length).toBeGreaterThan(0);
    expect(second!.cansOf).toEqual(['tractor-bonnet']);
  });
  it('that is not free in time is no help', () => {
    const late = 40 * 24 * HOUR;
    const cansLate = around.cans.map((c) => ({ ...c, atMs: c.atMs + late, fromMs: c.fromMs + late }));
    const without = planDemo('tractor-bonnet', { ...around, cans: cansLate });
    expect(without.sessions.flatMap((s) => s.shares)).toEqual([]);
    expect(cans(without)).toBe(cans(alone));
  });
});
