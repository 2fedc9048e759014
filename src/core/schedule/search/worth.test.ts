/** What time is worth, in whatever money the owner counts. */
import { describe, expect, it } from 'vitest';
import { demo } from '@/demo/test-kit';
import { systemFor } from '../../coating/system';
import { usualHour, worthOf } from './worth';

const job = demo('cargo-bike');
const system = systemFor(job);

describe('what an hour is worth', () => {
  it('pounds by their card (from memory): 10 an hour, 4 a day of waiting, 2 for a start that is only just inside', () => {
    expect(worthOf(job, system)).toEqual({ hour: 10, delayPerDay: 4, edge: 2 });
  });
  it('what the owner sets carries the rest with it, unless he sets that too', () => {
    const own = { ...job, risk: { ...job.risk, hourValue: 25 } };
    expect(worthOf(own, system)).toEqual({ hour: 25, delayPerDay: 10, edge: 5 });
    const both = { ...own, risk: { ...own.risk, delayPerDay: 1 } };
    expect(worthOf(both, system).delayPerDay).toBe(1);
  });
  it('yen are not pounds; a currency without a card takes the price of a usual pack of this job', () => {
    expect(usualHour('JPY', [9, 11])).toBe(1200);
    expect(usualHour('XYZ', [900, 1100, 4000])).toBe(1100);
    expect(usualHour('XYZ', [])).toBe(10);
  });
});
