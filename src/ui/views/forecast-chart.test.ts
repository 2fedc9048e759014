/** What was told beside what the place makes of it. */
import { describe, expect, it } from 'vitest';
import { planAndAir } from '@/core/plan';
import { demo, NOW, steady } from '@/demo/test-kit';
import { formatFor } from '@/words/format';
import { comparedHours, comparedSaid } from './forecast-chart';

const f = formatFor('metric');

describe('the forecast beside the place', () => {
  const job = demo('tractor-bonnet');
  const forecast = steady(18);
  const { air } = planAndAir({ job, forecast, nowMs: NOW, issuedMs: NOW });
  const told = { forecast, air, tz: job.place.tz, fromMs: NOW };
  it('has an hour each from now on: outside as it was told, at the part as the plan reckons', () => {
    const hours = comparedHours(told, 'temp', 48, f);
    expect(hours).toHaveLength(48);
    expect(hours[0]!.ms).toBeGreaterThanOrEqual(NOW);
    expect(hours[1]!.ms - hours[0]!.ms).toBe(3_600_000);
    expect(hours.every((h) => h.out === 18)).toBe(true);
    // By day a panel under a lean-to is warmer than the air; by night it is not.
    expect(Math.max(...hours.map((h) => h.here))).toBeGreaterThan(18);
    expect(Math.min(...hours.map((h) => h.here))).toBeLessThanOrEqual(18);
  });
  it('wind is that of 10 m outside and a third of it under a lean-to; humidity is a share of one', () => {
    const wind = comparedHours(told, 'wind', 3, f);
    wind.forEach((h) => expect(h.here / h.out).toBeCloseTo(0.337, 2));
    comparedHours(told, 'rh', 3, f).forEach((h) => expect(h.out).toBeLessThanOrEqual(1));
    expect(comparedSaid('rh', 0.55, f)).toBe('55 %');
    expect(comparedSaid('temp', 18.04, f)).toBe('18 °C');
    expect(comparedSaid('wind', 2, f)).toBe('2.0 m/s');
  });
  it('ends where the forecast ends', () => {
    const n = forecast.members[0]!.airTempC.length;
    const hours = comparedHours(told, 'temp', 9999, f);
    expect(hours.length).toBeLessThanOrEqual(n);
    expect(hours.length).toBeGreaterThan(100);
  });
});
