/** What faults teach: what is offered, what keeping it sets, and that the plan heeds it. */
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/coating/catalogue';
import { systemFor } from '@/core/coating/system';
import { demo } from '@/demo/test-kit';
import type { FaultCode } from '@/model/fault';
import type { Job } from '@/model/job';
import { lessonsOf } from './lessons';

const bonnet = demo('tractor-bonnet');
const used = new Set(systemFor(bonnet).layers.map((l) => l.productId));
const products = CATALOGUE.filter((p) => used.has(p.id));
const learned = (code: FaultCode, job: Job = bonnet) => lessonsOf(code, { job, products });

describe('what a fault teaches', () => {
  it('a gust: less wind in this place, half a metre a second at a time; every paint is planned with it', () => {
    const [first] = learned('wind-grit');
    // The cans' sheets allow 2.0 m/s.
    expect(first).toMatchObject({ code: 'less-wind', from: 2, to: 1.5 });
    const kept = first!.apply(bonnet);
    expect(kept.place.windMaxMs).toBe(1.5);
    expect([...systemFor(kept).products.values()].every((p) => p.windMaxMs <= 1.5)).toBe(true);
    expect(learned('wind-grit', kept)[0]).toMatchObject({ from: 1.5, to: 1 });
    const lowest = { ...bonnet, place: { ...bonnet.place, windMaxMs: 0.5 } };
    expect(learned('overspray', lowest)).toEqual([]);
  });
  it('a milky veil: a kelvin more over the dew point, never less than a sheet asks for', () => {
    const [first] = learned('blush');
    expect(first!.code).toBe('more-gap');
    const kept = first!.apply(bonnet);
    for (const [id, p] of systemFor(kept).products)
      expect(p.dewGapMinK).toBeGreaterThanOrEqual(
        Math.max(first!.to!, CATALOGUE.find((c) => c.id === id)!.dewGapMinK),
      );
  });
  it('popped clear: the next longer wait from colour to clear, until there is none', () => {
    const [first] = learned('solvent-pop');
    expect(first).toMatchObject({ code: 'wait-longer', from: null, to: 30 });
    const kept = first!.apply(bonnet);
    const base = [...systemFor(kept).products.values()].find((p) => p.kind === 'basecoat' && used.has(p.id))!;
    expect(base.nextMinMin).toBe(30);
    expect(learned('solvent-pop', { ...bonnet, schools: { baseToClear: '180' } })).toEqual([]);
  });
  it('running out: half the risk', () => {
    const [first] = learned('ran-out');
    expect(first!.to).toBeCloseTo(first!.from! / 2, 2);
    expect(first!.apply(bonnet).risk.runOut).toBe(first!.to);
  });
  it('insects and dust once; a fault that teaches nothing of this job nothing', () => {
    const kept = learned('insect')[0]!.apply(bonnet);
    expect(kept.place.insects).toBe(true);
    expect(learned('insect', kept)).toEqual([]);
    expect(learned('dropped')).toEqual([]);
    // No effect in its colour: no light last coat.
    expect(learned('tiger-stripes')).toEqual([]);
  });
});
