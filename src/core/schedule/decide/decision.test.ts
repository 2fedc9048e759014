/** Go, wait or leave it: what follows from the futures of a week. */
import { describe, expect, it } from 'vitest';
import { plan } from '@/core/plan';
import { always, demo, NOW, steady } from '@/demo/test-kit';
import { hours, job as small } from '@/demo/work-kit';
import type { Forecast, ForecastMember } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import { simulatedForecast } from '@/standins/weather';
import { knownBy, seenLater } from './information';
import { HERMITE_15 } from '../../numerics/normal';
import { DAY, HOUR, instantOf } from '../../time/instant';

const layers = [
  { role: 'base' as const, productId: 'orrin-base', coats: 2 },
  { role: 'clear' as const, productId: 'halden-1k-gloss', coats: 2 },
];
const job = (over: Partial<Job> = {}): Job => small(layers, over);

/** Fifty futures of a dry week in which the wind of each hour is as the future has it. */
function windy(windMs: (member: number, hour: number) => number): Forecast {
  const calm = steady(20).members[0]!;
  const members = Array.from({ length: 50 }, (_, m): ForecastMember => {
    const wind = calm.windMs.map((_w, h) => windMs(m, h));
    return { ...calm, windMs: wind, gustMs: wind.map((w) => w + 0.5) };
  });
  return { ...steady(20), members };
}

/** In the open, lit, at all hours; the wind at the part is half of that at 10 m, so 8 is too much and 1 is not. */
const outside = job({
  freeHours: hours({ sat: [['08:00', '20:00']], sun: [['08:00', '20:00']] }),
  place: { ...demo('cargo-bike').place, shelter: 'open', lamp: true },
  equipment: { sprayer: 'aerosol', suppliedAir: true },
  risk: { rushSafe: 0.5 },
});
const decided = (j: Job, forecast: Forecast): Plan['decision'] =>
  plan({ job: j, forecast, nowMs: NOW }).decision;

describe('the decision', () => {
  it('a steady week: go at once; what is saved against waiting is told', () => {
    const d = decided(job({ freeHours: always }), steady(20))!;
    expect(d.act).toBe('go');
    expect(d.now!.cost).toBeLessThanOrEqual(d.waiting + 0.02 * d.stake);
    expect(d.never).toBeGreaterThan(d.waiting);
  });
  it('today at 60 of 100 under a limit of 80: wait, and look again tomorrow', () => {
    const d = decided(
      outside,
      windy((m, h) => (h < 24 && m % 5 < 2 ? 8 : 1)),
    )!;
    expect(d.act).toBe('wait');
    expect(d.now!.chance).toBeGreaterThan(0.5);
    expect(d.now!.chance).toBeLessThan(0.75);
    expect(d.likely!.at.slice(0, 10)).toBe('2026-05-17');
    expect(instantOf(d.nextLookAt!)).toBeGreaterThan(NOW);
  });
  it('without a limit a poor start today is still left for a sure one tomorrow, and taken where none comes', () => {
    const free = { ...outside, risk: { ...outside.risk, least: 0 } };
    const fair = windy((m, h) => (h < 24 && m % 5 < 2 ? 8 : 1));
    expect(decided(free, fair)!.act).toBe('wait');
    const last = windy((m, h) => (h >= 24 || m % 5 < 1 ? 8 : 1));
    expect(decided(free, last)!.act).toBe('go');
  });
  it('where no start is likely enough to be worth its stake it is left, and that has its price', () => {
    const poor = windy((m) => (m % 5 < 2 ? 8 : 1));
    const at = (unfinished: number, least = 0): Plan['decision'] =>
      decided({ ...outside, risk: { ...outside.risk, least, delayPerDay: 0, unfinished } }, poor);
    expect(at(1)).toMatchObject({ act: 'stop', likely: null, never: 1, cost: 1 });
    // The dearer leaving it undone is, the poorer a start that is made.
    expect(at(5000)!.act).not.toBe('stop');
    // Every hour is at 60 of 100 and news of one is news of all: under a limit of 95 hardly a start comes up.
    expect(at(5000, 0.95)!.isLimited).toBe(true);
    expect(at(5000, 0.95)!.begun).toBeLessThan(at(5000)!.begun);
  });
  it('a deadline that would be past tomorrow makes today’s start worth its risk', () => {
    const risk = { ...outside.risk, least: 0, latePerDay: 500 };
    const fair = windy((m, h) => (h < 24 && m % 10 < 3 ? 8 : 1));
    expect(decided({ ...outside, risk }, fair)!.act).toBe('wait');
    const due = { ...outside, risk, purpose: { ...outside.purpose, deadline: '2026-05-16' } };
    expect(decided(due, fair)!.act).toBe('go');
  });
  it('what is planned first begins with the likeliest start', () => {
    for (const id of ['tractor-bonnet', 'stand-mixer', 'cargo-bike', 'locker-lids']) {
      const j = demo(id);
      const p = plan({ job: j, ...simulatedForecast(j.place, NOW), nowMs: NOW });
      expect(p.sessions[0]!.startsAt, id).toBe(p.decision!.likely!.at);
      expect(p.decision!.cost).toBeLessThanOrEqual(p.decision!.never);
    }
  });
});

describe('what a later forecast will know', () => {
  it('nothing where no lead is gone, more the more of it is; never all', () => {
    expect(knownBy(DAY, DAY)).toBe(0);
    expect(knownBy(5 * DAY, DAY)).toBeGreaterThan(knownBy(5 * DAY, 3 * DAY));
    // Day 7 to day 1 by the errors of a wind forecast, of which 0.7 m/s at the part stay: 1 − 2.74/6.74.
    expect(knownBy(7 * DAY, DAY)).toBeCloseTo(0.5935, 4);
    expect(knownBy(30 * DAY, 0)).toBeLessThanOrEqual(0.9);
  });
  it('moves a chance up or down and on average not at all; good news up', () => {
    for (const p of [0.1, 0.6, 0.9]) {
      const mean = HERMITE_15.x.reduce((a, xi, i) => a + HERMITE_15.w[i]! * seenLater(p, 0.7)(xi), 0);
      expect(Math.abs(mean - p)).toBeLessThan(0.005);
      expect(seenLater(p, 0.7)(1)).toBeGreaterThan(seenLater(p, 0.7)(-1));
    }
    expect(seenLater(0.6, 0)(2)).toBeCloseTo(0.6, 4);
    expect(HOUR).toBe(3_600_000);
  });
});
