/** What the grid of starts, refined beside the best, leaves against every quarter of an hour to the end. */
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { NOW } from '@/demo/test-kit';
import { simulatedForecast } from '@/standins/weather';
import { systemFor } from '../coating/system';
import { airsForJob } from '../job-air';
import { materialsOf } from '../material/materials';
import { withZones } from '../surface/zones';
import { finerStarts, startsOf } from './grid';
import type { StartOption } from './judge/start-option';
import { schedule } from './schedule';
import { DAY } from '../time/instant';
import type { Job } from '@/model/job';

const decisionOf = (job: Job, nowMs: number, isFine: boolean) => {
  const whole = withZones(job);
  const system = systemFor(whole);
  const materials = materialsOf(whole, system);
  const airs = airsForJob({ job: whole, ...simulatedForecast(job.place, nowMs), nowMs });
  return schedule({ job: whole, system, materials, ...airs, nowMs, isFine }).decision!;
};

describe('the grid of starts', () => {
  it.each(DEMO_JOBS.map((d) => [d.id, d.job] as const))(
    '%s, today and tomorrow: with quarters to the end the decision costs the same, within a hundredth of the stake',
    (_id, job) => {
      for (const nowMs of [NOW, NOW + DAY]) {
        const [coarse, fine] = [decisionOf(job, nowMs, false), decisionOf(job, nowMs, true)];
        expect(fine.stake).toBeCloseTo(coarse.stake, 9);
        expect(Math.abs(coarse.cost - fine.cost)).toBeLessThan(0.01 * coarse.stake);
        expect(fine.act).toBe(coarse.act);
      }
    },
  );
});

/** Local hours as UTC: nothing here asks where. */
const at = (day: number, h: number, min = 0): number => Date.UTC(2026, 4, day, h, min);

describe('which starts are tried', () => {
  const free = [
    { startMs: at(16, 9), endMs: at(16, 12) },
    { startMs: at(21, 16, 40), endMs: at(21, 20) },
  ];
  const starts = startsOf({ request: { nowMs: at(16, 8, 2) }, free, untilMs: at(22, 0) }, [at(16, 10, 50)]);
  it('quarters of the hours ahead, hours of next week, and the beginning of every stretch of free hours', () => {
    expect(starts[0]).toBe(at(16, 8, 5));
    for (const t of [at(16, 9, 15), at(16, 10, 50), at(21, 16, 40), at(21, 17)]) expect(starts).toContain(t);
    for (const t of [at(16, 8, 15), at(21, 17, 15), at(21, 17, 30)]) expect(starts).not.toContain(t);
  });
  const option = (startMs: number, good: number) =>
    ({ startMs, good, of: 50, free: true, centralOk: true }) as unknown as StartOption;
  it('half way to both sides of the best start of a stretch, in quarters and inside it; nothing beside a sure one', () => {
    const hours = [
      option(at(21, 16, 40), 20),
      option(at(21, 17), 30),
      option(at(21, 18), 40),
      option(at(21, 19), 35),
    ];
    // 18:00 is the best of 16:40 to 18:40; 19:00 of the rest.
    expect(finerStarts(hours, [free[1]!]).sort()).toEqual([at(21, 17, 30), at(21, 18, 30)]);
    expect(finerStarts([option(at(21, 17), 50), option(at(21, 18), 30)], [free[1]!])).toEqual([]);
  });
});
