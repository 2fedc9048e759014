/** What the grid of starts leaves against every quarter of an hour to the end of the forecast: the price of being quick. */
import { describe, expect, it } from 'vitest';
import { DEMO_JOBS } from '@/demo/jobs';
import { NOW } from '@/demo/test-kit';
import { simulatedForecast } from '@/standins/weather';
import { systemFor } from '../coating/system';
import { airsForJob } from '../job-air';
import { materialsOf } from '../material/materials';
import { withZones } from '../surface/zones';
import { schedule } from './schedule';

describe('the grid of starts', () => {
  it.each(DEMO_JOBS.map((d) => [d.id, d.job] as const))(
    '%s: with quarters to the end the decision costs the same, within a fiftieth of the stake',
    (_id, job) => {
      const whole = withZones(job);
      const system = systemFor(whole);
      const materials = materialsOf(whole, system);
      const airs = airsForJob({ job: whole, ...simulatedForecast(job.place, NOW), nowMs: NOW });
      const of = (isFine: boolean) =>
        schedule({ job: whole, system, materials, ...airs, nowMs: NOW, isFine }).decision!;
      const [coarse, fine] = [of(false), of(true)];
      expect(fine.stake).toBeCloseTo(coarse.stake, 9);
      // Odds are drawn towards the mean of the week's starts, which a finer grid moves a little either way.
      expect(Math.abs(coarse.cost - fine.cost)).toBeLessThan(0.02 * coarse.stake);
      expect(fine.act).toBe(coarse.act);
    },
  );
});
