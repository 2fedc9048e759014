/** Own faults by what the record's air was: counted where their cause was there, back when reset, heeded by the next day. */
import { describe, expect, it } from 'vitest';
import { demo, NOW } from '@/demo/test-kit';
import { HOUR, isoOf } from '@/core/time/instant';
import type { FaultCode } from '@/model/fault';
import type { Job } from '@/model/job';
import { ofFaults, ownFaults } from './own-faults';
import type { StoredJob } from './ports';
import { storedJob } from './test-stored';

const TZ = 'Europe/London';
/** A closed job sprayed in so much wind. */
function closed(
  id: string,
  windMs: number,
  faults: readonly FaultCode[],
  over: Partial<NonNullable<Job['log']>> = {},
) {
  const base = demo('cargo-bike');
  const ms = Math.floor(NOW / HOUR) * HOUR;
  const endedAt = isoOf(ms, TZ);
  const hour = { panelC: 20, gapK: 9, rhPct: 50, windMs, cureC: 20 };
  const job: Job = {
    ...base,
    name: id,
    state: {
      coats: [{ layerId: 'base', coat: 1, endedAt }],
      activations: [],
      ...(faults.length > 0 && { faults: faults.map((code) => ({ code, at: endedAt })) }),
    },
    log: {
      used: [],
      outcomes: [],
      note: '',
      closedAt: endedAt,
      trace: [-1, 0, 1].map((h) => ({ ms: ms + h * HOUR, ...hour })),
      ...over,
    },
  };
  const stored: StoredJob = storedJob(job, id);
  return stored;
}
const windy = [4, 4, 4].map((w, i) => closed(`windy ${i}`, w, i < 2 ? ['dry-spray'] : []));
const calm = [0.3, 0.4, 0.2, 0.3, 0.5, 0.2].map((w, i) => closed(`calm ${i}`, w, []));
const find = (rows: readonly StoredJob[], code: string) => ofFaults(rows).find((x) => x.of === code)!;

describe('own faults', () => {
  it('dry spray in wind is counted on the windy jobs alone: two of three', () => {
    const dry = find([...windy, ...calm], 'dry-spray');
    expect(dry).toMatchObject({ when: 'wind', n: 3, jobs: ['windy 0', 'windy 1'] });
    // Prior of 6 jobs, a share of 0.2 or 0.1 or 0.05 by how often its card says: with 2 of 3 more.
    expect(dry.yours).toBeCloseTo((6 * dry.usual + 2) / 9, 9);
    expect(dry.band[0]).toBeLessThan(dry.yours);
    expect(dry.band[1]).toBeGreaterThan(dry.yours);
  });
  it('without air in the records it is counted on all of them', () => {
    const without = [...windy, ...calm].map((s) => {
      const { trace: _t, ...log } = s.job.log!;
      return { ...s, job: { ...s.job, log } };
    });
    expect(find(without, 'dry-spray')).toMatchObject({ n: 9 });
  });
  it('a fault that never came is not told of, one that was reset counts no more', () => {
    expect(find(calm, 'dry-spray')).toBeUndefined();
    const reset = windy.map((s) => ({
      ...s,
      job: { ...s.job, log: { ...s.job.log!, unlearned: ['fault:dry-spray'] } },
    }));
    expect(ownFaults(reset)).toEqual([]);
  });
  it('the next job begins with how many times as often', () => {
    const [own] = ownFaults([...windy, ...calm]);
    expect(own).toMatchObject({ code: 'dry-spray', when: 'wind' });
    expect(own!.times).toBeGreaterThan(1.2);
  });
});
