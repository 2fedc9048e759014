/** Deadlines with an hour, by part, and parts that come later. */
import { describe, expect, it } from 'vitest';
import { setDeadline, setDeadlineHour } from '@/core/edits/purpose';
import { setPartDay } from '@/core/edits/parts';
import { ms } from '@/demo/test-kit';
import { hours, job, panel, planned } from '@/demo/work-kit';
import { parseJob } from '@/formats/job-file';
import type { SystemLayer } from '@/model/job';
import { systemFor } from '../../coating/system';
import { msOf } from '../../time/instant';
import { draftsOf } from '../work/drafts';
import { workOf } from '../work/work';
import { lateBy, lateDaysOf, latePerDay } from './deadlines';

const layers: SystemLayer[] = [
  { role: 'base', productId: 'orrin-base', coats: 2 },
  { role: 'clear', productId: 'halden-1k-gloss', coats: 2 },
];
const two = job(layers, { parts: [panel('a'), panel('b')] });
const at = (iso: string): number => msOf(iso, two.place.tz);
const daysLate = (j: typeof two, handle: string): number =>
  lateDaysOf(lateBy(j, draftsOf(workOf(j, systemFor(j))).sessions))([at(handle)]);

describe('lateness', () => {
  it('a day ends at midnight, an hour of it at that hour; before it nothing is late', () => {
    const due = setDeadline(two, '2026-05-20');
    expect(daysLate(due, '2026-05-20T23:00')).toBe(0);
    expect(daysLate(due, '2026-05-22T00:00')).toBeCloseTo(1, 9);
    expect(daysLate(setDeadlineHour(due, '12:00'), '2026-05-21T00:00')).toBeCloseTo(0.5, 9);
    expect(daysLate(setDeadlineHour(setDeadlineHour(due, '12:00'), '24:00'), '2026-05-21T00:00')).toBe(0);
    expect(daysLate(two, '2027-01-01T00:00')).toBe(0);
  });
  it('the part that is due first counts; no day means the job’s own', () => {
    const own = setPartDay(setDeadline(two, '2026-05-30'), 'b', 'deadline', '2026-05-18');
    expect(daysLate(own, '2026-05-20T00:00')).toBeCloseTo(1, 9);
    expect(daysLate(setPartDay(own, 'b', 'deadline', ''), '2026-05-20T00:00')).toBe(0);
  });
  it('a day of no calendar binds nobody, and stops no plan', () => {
    const odd = setDeadline(two, '2026-02-30');
    expect(daysLate(odd, '2026-05-20T00:00')).toBe(0);
    expect(planned(odd).kind).toBe('planned');
    expect(parseJob(setPartDay(two, 'b', 'readyFrom', '2026-02-30')).ok).toBe(false);
    expect(parseJob(setPartDay(two, 'b', 'readyFrom', '2026-05-30')).ok).toBe(true);
  });
  it('a day late costs five of waiting, or what the owner says', () => {
    expect(latePerDay(two, 4)).toBe(20);
    expect(latePerDay({ ...two, risk: { ...two.risk, latePerDay: 7 } }, 4)).toBe(7);
  });
});

describe('in the choice', () => {
  it('a part that comes on Monday is not begun before, whatever hours are free', () => {
    const p = planned(setPartDay(two, 'b', 'readyFrom', '2026-05-18'));
    expect(p.sessions[0]!.startsAt.slice(0, 10)).toBe('2026-05-18');
    const prepare = p.visits.filter((v) => v.kind === 'prepare');
    for (const v of prepare) expect(v.startsAt.slice(0, 10)).toBe('2026-05-18');
  });
  it('with a careful owner the deadline decides: past it waiting for a better hour is dear', () => {
    const week = hours({ sat: [['15:00', '19:00']], sun: [['09:00', '19:00']], mon: [['09:00', '19:00']] });
    const due = {
      ...setDeadline({ ...two, freeHours: week }, '2026-05-16'),
      risk: { rushSafe: 0.5, delayPerDay: 0, latePerDay: 500 },
    };
    expect(ms(planned(due).sessions[0]!.startsAt)).toBeLessThan(at('2026-05-17T00:00'));
  });
});
