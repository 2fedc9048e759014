/** What was tried once is not tried again, whatever hours are free. */
import { describe, expect, it } from 'vitest';
import { always, demo, NOW } from '@/demo/test-kit';
import { plan } from '@/core/plan';
import { simulatedForecast } from '@/standins/weather';
import type { AtPart } from '../../air/at-part';
import { memoryOf } from './memory';
import { Runner } from './runner';
import type { Tried } from './start-option';

describe('starts that were tried', () => {
  it('are kept by session and by start', () => {
    const air = { rows: 2, nodes: 1 } as unknown as AtPart;
    const made: string[] = [];
    const triedOf = (session: string) =>
      memoryOf(air, 'energy').triedOf(session, (startMs) => {
        made.push(`${session} ${startMs}`);
        return { startMs } as unknown as Tried;
      });
    expect(triedOf('a')(2)).toBe(triedOf('a')(2));
    triedOf('b')(2);
    triedOf('a')(3);
    expect(made).toEqual(['a 2', 'b 2', 'a 3']);
  });
  it('other free hours run few futures anew, and give what a fresh air gives', () => {
    const job = demo('cargo-bike');
    const weather = simulatedForecast(job.place, NOW);
    const wide = { ...job, freeHours: always };
    let runs = 0;
    const { run } = Runner.prototype;
    Runner.prototype.run = function counted(row, startMs) {
      runs++;
      return run.call(this, row, startMs);
    };
    plan({ job: wide, ...weather, nowMs: NOW });
    const first = runs;
    const after = plan({ job, ...weather, nowMs: NOW });
    Runner.prototype.run = run;
    expect(first).toBeGreaterThan(1000);
    // Only quarters beside the best starts, which are others where other hours are free.
    expect(runs - first).toBeLessThan(first / 4);
    expect(after).toEqual(plan({ job, ...simulatedForecast(job.place, NOW), nowMs: NOW }));
  });
});
