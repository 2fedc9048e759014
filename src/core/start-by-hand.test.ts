/** What a start set by hand breaks is named with its figure; what is offered can follow the session before. */
import { describe, expect, it } from 'vitest';
import { demo, simulated } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import { withStarts } from './edits/starts';
import { instantOf, minutesBetween } from './time/instant';

const bike = demo('cargo-bike');
const plan = simulated(bike);
const [first, second] = plan.sessions;
/** Free on every day from eight to eight, that Saturday to the given hour. */
const freeUntil = (until: string): Job['freeHours'] => ({
  weekly: Object.fromEntries(
    ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'].map((d) => [d, [['08:00', '20:00']]]),
  ) as Job['freeHours']['weekly'],
  exceptions: [{ date: '2026-05-16', spans: [['08:00', until]] }],
});
const started = (job: Job, at: string) =>
  simulated(withStarts(job, [{ sessionId: first!.id, at }])).sessions[0]!;

describe('a start set by hand', () => {
  it('that does breaks nothing', () => {
    expect(first!.breaks).toEqual([]);
    expect(first!.feasible).toBe(true);
  });
  it('at night begins outside the free hours and is too dark', () => {
    const { breaks, feasible } = started(bike, '2026-05-17T02:00');
    expect(feasible).toBe(false);
    expect(breaks.map((b) => b.why)).toContain('outside-hours');
  });
  it('that ends too late says by how many minutes', () => {
    const job = { ...bike, freeHours: freeUntil('11:00') };
    const s = started(job, '2026-05-16T10:00');
    const late = s.breaks.find((b) => b.why === 'too-late')!;
    expect(late.min).toBe(minutesBetween('2026-05-16T11:00:00+01:00', s.handsOffAt));
    expect(late.min).toBeGreaterThan(0);
  });
});

describe('the starts that are offered', () => {
  it('of the second session can follow the first as it is planned', () => {
    const options = plan.startOptions.find((o) => o.sessionId === second!.id)!.options;
    expect(options.length).toBeGreaterThan(0);
    for (const o of options) expect(instantOf(o.at)).toBeGreaterThanOrEqual(instantOf(first!.readyAt!));
  });
  it('of the first wait for nothing', () => {
    const options = plan.startOptions.find((o) => o.sessionId === first!.id)!.options;
    expect(options.some((o) => instantOf(o.at) <= instantOf(first!.startsAt))).toBe(true);
  });
});
