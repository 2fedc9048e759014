/** When a finished job is looked at again: by the calendar, from the day it was closed at its place. */
import { describe, expect, it } from 'vitest';
import { demo } from '@/demo/test-kit';
import type { Job } from '@/model/job';
import { looksOf, overdueLook } from './looks';

const closed = (closedAt: string, looks: { on: string; mark: number }[] = []): Job => ({
  ...demo('cargo-bike'),
  log: { used: [], outcomes: [], note: '', closedAt, looks },
});

describe('looks at a finished job', () => {
  it('fall due a month, half a year and a year after; on the last day of a short month', () => {
    const due = (at: string): string[] => looksOf(closed(at)).map((l) => l.due);
    expect(due('2025-08-31T18:00')).toEqual(['2025-09-30', '2026-02-28', '2026-08-31']);
    // Half past eleven in the evening by UTC is the next day there.
    expect(due('2025-06-10T23:30Z')[0]).toBe('2025-07-11');
  });
  it('one that was made counts for what was due before it, not for what comes', () => {
    const job = closed('2025-08-31T18:00', [{ on: '2026-03-05', mark: 3 }]);
    expect(looksOf(job).map((l) => l.isDone)).toEqual([true, true, false]);
  });
  it('asks for the newest that is due alone, from its day on', () => {
    const job = closed('2025-08-31T18:00');
    expect(overdueLook(job, '2025-09-29')).toBeNull();
    expect(overdueLook(job, '2025-09-30')).toMatchObject({ months: 1 });
    expect(overdueLook(job, '2026-05-16')).toMatchObject({ months: 6 });
    expect(overdueLook(closed('2025-08-31T18:00', [{ on: '2026-03-05', mark: 3 }]), '2026-05-16')).toBeNull();
  });
  it('none of an open job', () => {
    expect(looksOf(demo('cargo-bike'))).toEqual([]);
  });
});
