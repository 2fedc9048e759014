/** Hands-on hours of a way before it has a time, against those of its plan. */
import { describe, expect, it } from 'vitest';
import { job, panel, planned } from '@/demo/work-kit';
import type { Job, SystemLayer } from '@/model/job';
import { compareRoutes } from './compare-routes';

const asks = (over: Partial<Job>): Job => {
  const { system: _system, ...bare } = job([], over);
  return bare;
};

describe('hands-on hours of a way and of its plan', () => {
  it.each([
    ['cans', { equipment: { sprayer: 'aerosol', suppliedAir: true } }],
    ['a gun', { equipment: { sprayer: 'hvlp', suppliedAir: true } }],
    [
      'two parts, one of them rusty',
      {
        equipment: { sprayer: 'aerosol', suppliedAir: true },
        parts: [panel('p'), panel('q', { condition: 'rust' })],
      },
    ],
  ] as const)('%s: they agree within five per cent, for every way that is offered', (_name, over) => {
    const bare = asks(over as Partial<Job>);
    const ways = compareRoutes(bare).map((r) => r.summary);
    expect(ways.length).toBeGreaterThan(1);
    let compared = 0;
    for (const { route, layers, handsOnH } of ways) {
      const plan = planned({ ...bare, system: { layers: layers as SystemLayer[] } });
      if (plan.kind === 'blocked') continue;
      compared++;
      expect(
        Math.abs(handsOnH / plan.handsOnH - 1),
        `${route}: ${handsOnH} against ${plan.handsOnH}`,
      ).toBeLessThan(0.05);
    }
    expect(compared).toBeGreaterThan(1);
  });
});
