/** What another way trades, in words that are true. */
import { describe, expect, it } from 'vitest';
import { plan } from '@/core/plan';
import { instantOf } from '@/core/time/instant';
import { demo, NOW } from '@/demo/test-kit';
import { simulatedForecast } from '@/standins/weather';
import { formatFor } from '@/words/format';
import { tradeSaid } from './trade';

const f = formatFor('metric');
const said = (chance: number, hours: number, loss: number): string =>
  tradeSaid({ against: { chance, hours, loss } }, 'GBP', f);

describe('another way against the plan', () => {
  it('says what it gains and what it costs, each with its own sign', () => {
    expect(said(0.031, 22, -1.2)).toBe('3 points surer, 22 h later and £1.20 less to lose');
    expect(said(-0.01, -0.5, 3)).toBe('1 point less sure, 30 min sooner and £3.00 more to lose');
    expect(said(0.001, 0.1, 0)).toBe('as good as the plan');
  });
  it('is the difference of the two plans, in every job of the demo', () => {
    let seen = 0;
    for (const id of ['tractor-bonnet', 'stand-mixer', 'cargo-bike', 'locker-lids']) {
      const job = demo(id);
      const s = simulatedForecast(job.place, NOW);
      const p = plan({ job, ...s, nowMs: NOW });
      for (const a of p.alternatives) {
        const starts = a.starts.map(({ sessionId, at }) => ({ sessionId, at }));
        const taken = plan({ job: { ...job, starts }, ...s, nowMs: NOW });
        expect(taken.chance! - p.chance!, id).toBeCloseTo(a.against.chance, 2);
        const later = instantOf(taken.sessions.at(-1)!.handleAt) - instantOf(p.sessions.at(-1)!.handleAt);
        expect(later / 3_600_000, id).toBeCloseTo(a.against.hours, 1);
        seen++;
      }
    }
    expect(seen).toBeGreaterThan(3);
  });
});
