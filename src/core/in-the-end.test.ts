/** What a job came to, by hand: paint used and left in money, kit shares, hands clocked. */
import { describe, expect, it } from 'vitest';
import { product } from '@/demo/test-kit';
import { job, panel, planned } from '@/demo/work-kit';
import type { Job } from '@/model/job';
import { systemFor } from './coating/system';
import { inTheEnd } from './in-the-end';

const base = product('orrin-base');
const layers = [{ role: 'base', productId: base.id, coats: 2 }] as const;
const done = (over: Partial<Job> = {}): Job => {
  const whole = job(layers, {
    parts: [panel('p', { lengthMm: 1000, widthMm: 500 })],
    equipment: { sprayer: 'aerosol', suppliedAir: false },
  });
  const log = { used: [{ by: 'cans' as const, productId: base.id, cans: 1.5 }], outcomes: [], note: '' };
  return { ...whole, log, ...over };
};
const end = (j: Job) => inTheEnd(j, systemFor(j));
const can = base.packs[0]!;

describe('in the end', () => {
  it('a can and a half used is one and a half times the price of one', () => {
    expect(end(done()).used!.cost).toBeCloseTo(1.5 * can.price, 9);
    expect(end(done({ log: { used: [], outcomes: [], note: '' } })).used).toBeNull();
  });
  it('what is left of the cans that were bought is worth its share of them, and more used leaves less', () => {
    const bought = planned(done()).materials[0]!.packs.reduce((a, p) => a + p.count, 0);
    expect(end(done()).leftWorth).toBeCloseTo((bought - 1.5) * can.price, 0);
    const all = done({
      log: { used: [{ by: 'cans', productId: base.id, cans: bought }], outcomes: [], note: '' },
    });
    expect(end(all).leftWorth).toBe(0);
  });
  it('the same again costs what its plan says it costs, whatever has been sprayed of it', () => {
    const fresh = planned(done());
    const { again } = end(done());
    expect(again.total).toBeCloseTo(fresh.cost.total, 9);
    expect(again.paint + again.stuff).toBeCloseTo(fresh.cost.total, 9);
    const coats = [1, 2].map((coat) => ({ layerId: 'base', coat, endedAt: '2026-05-16T06:00' }));
    expect(end(done({ state: { coats, activations: [] } })).again).toEqual(again);
  });
  it('a price that was set anew makes it dearer today', () => {
    const dear = done({ prices: { [`${base.id}@${can.sizeMl}`]: can.price * 2 } });
    expect(end(dear).again.paint).toBeCloseTo(2 * end(done()).again.paint, 6);
  });
  it('kit is shared where it is said over how many jobs, a gun with its compressor', () => {
    const gun = { sprayer: 'hvlp' as const, suppliedAir: false };
    const prices = { 'kit-gun': 60, 'kit-compressor': 180 };
    expect(end(done({ equipment: { ...gun, kitJobs: 12 }, prices })).kitShare).toBeCloseTo(20, 9);
    expect(end(done({ equipment: gun, prices })).kitShare).toBe(0);
    expect(end(done({ equipment: { sprayer: 'aerosol', suppliedAir: false, kitJobs: 12 } })).kitShare).toBe(
      0,
    );
  });
  it('hands are those that were clocked, beside what was planned', () => {
    const tasks = [
      { taskId: 's-base.sand', startedAt: '2026-05-15T10:00', endedAt: '2026-05-15T10:45' },
      { taskId: 's-base.mask', endedAt: '2026-05-15T11:30' },
    ];
    const { hands } = end(done({ state: { coats: [], activations: [], tasks } }));
    expect(hands).toMatchObject({ begun: 1, begunMin: 45 });
    expect(hands.plannedMin / 60).toBeCloseTo(planned(done()).handsOnH, 0);
  });
});
