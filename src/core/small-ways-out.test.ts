/** Small changes that open a week, each tried out: a lamp, heat for the cure. What is said is then done, and works. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { plan } from '@/core/plan';
import { HARBOUR_LANE } from '@/demo/jobs';
import { NOW, steady } from '@/demo/test-kit';
import { hours, job as small } from '@/demo/work-kit';
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';

const NIGHT: [string, string][] = [['22:00', '24:00']];
const late = hours({ sat: [['08:00', '12:00'], ...NIGHT], sun: NIGHT });
const layers = [{ role: 'base' as const, productId: 'orrin-base', coats: 1 }];
const { lamp: _none, ...dark } = HARBOUR_LANE;

describe('small changes that would open it', () => {
  const job: Job = small(layers, {
    freeHours: late,
    place: { ...dark, shelter: 'carport', windFrac: 0.25 },
    state: { coats: [], activations: [], tasks: [] },
  });
  const prepared: Job = { ...job, parts: job.parts.map((p) => ({ ...p, condition: 'e-coat' })) };
  /** Shops are open in the morning, and it blows until late. */
  const still = steady(20, {
    windMs: (h) => (h % 24 >= 21 ? 1 : 12),
    gustMs: (h) => (h % 24 >= 21 ? 2 : 16),
  });
  const asked = (j: Job) => plan({ job: j, forecast: still, nowMs: NOW });
  it('in the dark a lamp; with it the plan is as it was told', () => {
    const p = asked(prepared);
    expect(p.kind).toBe('blocked');
    const way = p.blockers.find((b) => b.code === 'lamp-would-open')!;
    const lit = asked({ ...prepared, place: { ...prepared.place, lamp: true } });
    expect(lit.kind).toBe('planned');
    expect([lit.sessions[0]!.startsAt, lit.chance]).toEqual([way.params.at, way.params.chance]);
  });
  it('a place that has its lamp is not told to get one', () => {
    const cold = { ...prepared, place: { ...prepared.place, lamp: true } };
    const codes = plan({ job: cold, forecast: steady(-5), nowMs: NOW }).blockers.map((b) => b.code);
    expect(codes).not.toContain('lamp-would-open');
    expect(codes).toContain('no-place-would-open');
  });
});

describe('heat for the cure', () => {
  /** Warm enough to spray from ten to two, too cold before the film is handle-dry. */
  const noon = steady(20, { airTempC: (h) => (h % 24 >= 9 && h % 24 <= 15 ? 16 : 3) });
  const job: Job = small([{ role: 'clear', productId: 'halden-2k-gloss', coats: 2 }], {
    freeHours: hours({ sat: [['10:00', '14:00']], sun: [['10:00', '14:00']] }),
    place: { ...HARBOUR_LANE, shelter: 'tent', lamp: true, heater: { kW: 9, setC: 22, kind: 'electric' } },
    equipment: { sprayer: 'aerosol', suppliedAir: true },
  });
  it('is offered where the night is too cold for the film, and is what then happens', () => {
    const p = plan({ job, forecast: noon, nowMs: NOW });
    const way = p.blockers.find((b) => b.code === 'heat-would-open');
    expect(p.kind).toBe('blocked');
    const warm = plan({ job: { ...job, dryIn: { kind: 'heated' } }, forecast: noon, nowMs: NOW });
    expect([warm.sessions[0]!.startsAt, warm.chance]).toEqual([way!.params.at, way!.params.chance]);
  });
});

describe('a product that stands more', () => {
  const sheet = CATALOGUE.find((p) => p.id === 'halden-1k-gloss')!;
  const hardy: Product = { ...sheet, id: 'own-hardy', name: 'Hardy clear', tempMinC: 1, dewGapMinK: 1 };
  const job: Job = small([{ role: 'clear', productId: sheet.id, coats: 2 }], {
    freeHours: hours({ sat: [['09:00', '17:00']], sun: [['09:00', '17:00']] }),
    place: { ...HARBOUR_LANE, shelter: 'carport', lamp: true, windFrac: 0.3 },
    products: [hardy],
  });
  const cold = steady(6);
  it('is offered where the limit of one is in the way, and is what then happens', () => {
    const p = plan({ job, forecast: cold, nowMs: NOW });
    const way = p.blockers.find((b) => b.code === 'product-would-open');
    expect(way!.params).toMatchObject({ product: 'Hardy clear', instead: sheet.name });
    const taken = {
      ...job,
      system: { layers: [{ role: 'clear' as const, productId: 'own-hardy', coats: 2 }] },
    };
    const then = plan({ job: taken, forecast: cold, nowMs: NOW });
    expect(then.kind).toBe('planned');
    expect([then.sessions[0]!.startsAt, then.chance]).toEqual([way!.params.at, way!.params.chance]);
  });
  it('with a hazard that the first has not is never offered', () => {
    const poison = { ...hardy, isocyanate: true };
    const p = plan({ job: { ...job, products: [poison] }, forecast: cold, nowMs: NOW });
    expect(p.blockers.map((b) => b.code)).not.toContain('product-would-open');
  });
});
