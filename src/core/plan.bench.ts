/** Speed of the front door on the demo's jobs, warm: npm run bench. */
import { bench, describe } from 'vitest';
import { DEMO_JOBS, DEMO_NOW } from '@/demo/jobs';
import { simulatedForecast } from '@/standins/weather';
import { plan } from './plan';
import { msOf } from './time/instant';

describe('plan()', () => {
  for (const { id, job } of DEMO_JOBS) {
    const nowMs = msOf(DEMO_NOW, job.place.tz);
    const s = simulatedForecast(job.place, nowMs);
    bench(id, () => { plan({ job, ...s, nowMs }); }, { warmupIterations: 20, iterations: 60 });
  }
});
