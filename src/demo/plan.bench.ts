/**
 * Speed of the front door on the demo's jobs, warm: npm run bench. "Anew" shares nothing but the futures of
 * the weather; "moved" is a start moved by half an hour.
 */
import { bench, describe } from 'vitest';
import { DEMO_JOBS, DEMO_NOW } from './jobs';
import { simulatedForecast } from '@/standins/weather';
import { plan } from '@/core/plan';
import { HOUR, isoOf, msOf } from '@/core/time/instant';

const options = { warmupIterations: 20, iterations: 60 };
let n = 0;

describe('plan()', () => {
  for (const { id, job } of DEMO_JOBS) {
    const nowMs = msOf(DEMO_NOW, job.place.tz);
    const s = simulatedForecast(job.place, nowMs);
    // Another latitude each time: another sun, so that no air, table or start is known already.
    bench(
      `${id}, anew`,
      () => {
        plan({ job: { ...job, place: { ...job.place, lat: job.place.lat + ++n * 1e-7 } }, ...s, nowMs });
      },
      options,
    );
    const sessionId = plan({ job, ...s, nowMs }).sessions[0]!.id;
    bench(
      `${id}, moved`,
      () => {
        plan({
          job: {
            ...job,
            starts: [{ sessionId, at: isoOf(nowMs + ((2 + (n++ % 20)) * HOUR) / 2, job.place.tz) }],
          },
          ...s,
          nowMs,
        });
      },
      options,
    );
  }
});
