import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_HOURS, HARBOUR_LANE } from '@/demo/jobs';
import { TZ, NOW, ms, demo, simulated, holds } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import { type Plan } from '@/model/plan';
import { HOUR, MINUTE, msOf } from './time/instant';

describe('chains, pins and replanning', () => {
  const three: Job = {
    ...demo('cargo-bike'),
    system: {
      layers: [
        { role: 'etch', productId: 'tamsel-etch', coats: 1 },
        { role: 'filler', productId: 'tamsel-filler', coats: 2 },
        { role: 'filler', productId: 'tamsel-filler', coats: 2 },
        { role: 'base', productId: 'orrin-base', coats: 3 },
        { role: 'clear', productId: 'halden-1k-satin', coats: 3 },
      ],
    },
  };
  it('a second round of filler makes three sessions, each after the last can be sanded', () => {
    const p = simulated(three);
    expect(p.sessions.map((s) => s.id)).toEqual(['s-etch', 's-filler-2', 's-base']);
    for (let i = 1; i < 3; i++)
      expect(ms(p.sessions[i]!.startsAt)).toBeGreaterThanOrEqual(ms(p.sessions[i - 1]!.readyAt!) - 1000);
    expect(p.chance!).toBeLessThanOrEqual(Math.min(...p.sessions.map((s) => s.chance)));
  });
  it('the chance of a chain is joint: the same bad day is not counted twice', () => {
    const p = simulated(demo('cargo-bike'));
    expect(p.chance!).toBeGreaterThanOrEqual(
      p.sessions.map((s) => s.chance).reduce((a, b) => a * b, 1) - 1e-9,
    );
  });
  it('a start set by hand is kept, and says so when it breaks a limit', () => {
    const at = '2026-05-17T21:00:00+01:00';
    const p = simulated({ ...demo('tractor-bonnet'), starts: [{ sessionId: 's-base', at }] });
    expect(p.sessions[0]!.startsAt).toBe(at);
    expect(p.sessions[0]!.feasible).toBe(false);
    expect(p.cautions.map((c) => c.code)).toContain('start-outside');
    expect(p.alternatives.length).toBeGreaterThan(0);
  });
  it('rushing takes the sooner chain, playing safe never a worse chance', () => {
    const at = (rushSafe: number): Plan =>
      simulated({ ...demo('locker-lids'), risk: { rushSafe, delayPerDay: 6 } });
    expect(ms(at(0).sessions.at(-1)!.handleAt)).toBeLessThanOrEqual(ms(at(1).sessions.at(-1)!.handleAt));
    expect(at(1).chance!).toBeGreaterThanOrEqual(at(0).chance!);
  });
  const bonnet = demo('tractor-bonnet');
  it('with two base coats on, the third waits for the flash of the second as it was really done', () => {
    const now = msOf('2026-05-16T10:20', TZ);
    const state = {
      coats: [
        ...bonnet.state!.coats,
        { layerId: 'base', coat: 1, endedAt: '2026-05-16T10:07' },
        { layerId: 'base', coat: 2, endedAt: '2026-05-16T10:19' },
      ],
      activations: [],
    };
    const p = simulated({ ...bonnet, state }, now);
    const first = p.sessions[0]!.tasks.find((t) => t.kind === 'coat')!;
    expect(first.id).toBe('base.c3');
    expect(ms(first.startsAt)).toBeGreaterThanOrEqual(msOf('2026-05-16T10:19', TZ) + 8 * MINUTE);
    expect(p.sessions[0]!.tasks.some((t) => t.kind === 'sand')).toBe(false);
    holds(p, p.sessions[0]!);
  });
  it('a base left for two days has lost its bond: scuffed, one more coat of it, then the clear', () => {
    const now = msOf('2026-05-18T10:00', TZ);
    const state = {
      coats: [
        ...bonnet.state!.coats,
        ...[1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: `2026-05-16T10:${10 + coat * 12}` })),
      ],
      activations: [],
    };
    const p = simulated({ ...bonnet, state }, now);
    expect(p.kind).toBe('planned');
    expect(p.visits[0]!.tasks.map((t) => t.detail.code)).toContain('scuff-late');
    const coats = p.sessions[0]!.tasks.filter((t) => t.kind === 'coat').map((t) => t.id);
    expect(coats).toEqual(['base.c4', 'clear.c1', 'clear.c2']);
  });
  it('an activated can is sprayed from while its label lasts; past that another is activated', () => {
    const now = msOf('2026-05-16T11:10', TZ);
    const coats = [
      ...bonnet.state!.coats,
      ...[1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: `2026-05-16T10:${10 + coat * 12}` })),
    ];
    const fresh = simulated(
      {
        ...bonnet,
        state: { coats, activations: [{ productId: 'halden-2k-gloss', at: '2026-05-16T11:05', cans: 2 }] },
      },
      now,
    );
    expect(fresh.sessions[0]!.activations).toEqual([]);
    const dead = simulated(
      {
        ...bonnet,
        state: { coats, activations: [{ productId: 'halden-2k-gloss', at: '2026-05-14T09:00', cans: 2 }] },
      },
      now,
    );
    expect(dead.kind).toBe('planned');
    expect(dead.sessions[0]!.activations.map((a) => a.productId)).toContain('halden-2k-gloss');
    expect(ms(dead.sessions[0]!.activations[0]!.at)).toBeGreaterThanOrEqual(now);
  });
  it('all coats on: planned, with nothing left to do', () => {
    const state = {
      coats: [
        ...bonnet.state!.coats,
        ...[1, 2, 3].map((coat) => ({ layerId: 'base', coat, endedAt: '2026-05-16T10:30' })),
        ...[1, 2].map((coat) => ({ layerId: 'clear', coat, endedAt: '2026-05-16T11:30' })),
      ],
      activations: [],
    };
    const p = simulated({ ...bonnet, state }, msOf('2026-05-16T12:00', TZ));
    expect([p.kind, p.sessions.length, p.cost.total]).toEqual(['planned', 0, 0]);
  });
});

describe('properties over random jobs and weather (seed 17)', () => {
  it('coats in order, never two at once, never past a maximum or the pot life; no figure is NaN', () => {
    let planned = 0;
    let checked = 0;
    fc.assert(
      fc.property(
        fc.record({
          l: fc.integer({ min: 80, max: 1800 }),
          w: fc.integer({ min: 80, max: 1200 }),
          n: fc.integer({ min: 1, max: 3 }),
          substrate: fc.constantFrom('steel' as const, 'aluminium' as const, 'pp' as const),
          condition: fc.constantFrom('bare' as const, 'sound-paint' as const, 'failing-clear' as const),
          air: fc.boolean(),
          shelter: fc.constantFrom('open' as const, 'lean-to' as const, 'garage' as const, 'tent' as const),
          day: fc.integer({ min: 0, max: 300 }),
          rush: fc.double({ min: 0, max: 1, noNaN: true }),
        }),
        (r) => {
          const job: Job = {
            ...demo('cargo-bike'),
            freeHours: DEMO_HOURS,
            place: { ...HARBOUR_LANE, shelter: r.shelter },
            equipment: { sprayer: 'aerosol', suppliedAir: r.air },
            risk: { rushSafe: r.rush },
            parts: Array.from({ length: r.n }, (_, i) => ({
              id: `p${i}`,
              lengthMm: r.l,
              widthMm: r.w,
              sides: 1 as const,
              posture: 'flat' as const,
              hiddenEdgePct: 5,
              substrate: r.substrate,
              condition: r.condition,
            })),
          };
          const now = NOW + r.day * 24 * HOUR;
          const p = simulated(job, now);
          expect(JSON.stringify(p)).not.toMatch(/NaN|null,"unit"|Infinity/);
          expect(p.blockers.length > 0).toBe(p.kind === 'blocked');
          if (p.kind === 'blocked') return;
          planned++;
          for (const s of p.sessions) {
            checked += holds(p, s);
            expect(s.feasible).toBe(true);
            expect(ms(s.startsAt)).toBeGreaterThanOrEqual(now - 1000);
          }
          for (let i = 1; i < p.sessions.length; i++)
            expect(ms(p.sessions[i]!.startsAt)).toBeGreaterThanOrEqual(ms(p.sessions[i - 1]!.endsAt) - 1000);
        },
      ),
      { numRuns: 40, seed: 17 },
    );
    expect(planned).toBeGreaterThan(8);
    expect(checked).toBeGreaterThan(100);
  }, 180_000);
});
