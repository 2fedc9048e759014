/** Hours of the air as it came: which are wanted, read off the grid, kept with a record, and what cures by them. */
import { describe, expect, it } from 'vitest';
import { demo, NOW, product, steady } from '@/demo/test-kit';
import type { AirHour } from '@/model/came';
import { cureDates } from '../finish/cure';
import { airsForJob } from '../job-air';
import { withZones } from '../surface/zones';
import { DAY, HOUR } from '../time/instant';
import { cameSpan, driedC, hoursIn, traceOf, unknownIn } from './came';

const hour = (ms: number, cureC = 20): AirHour => ({ ms, panelC: 18, gapK: 5, rhPct: 60, windMs: 1, cureC });
const START = Math.floor(NOW / HOUR) * HOUR;

describe('hours that are wanted', () => {
  it('from two hours before the first coat until now, whole hours, and no longer than sixty days after the last', () => {
    const coats = [START + 90 * 60_000, START + 5 * HOUR];
    expect(cameSpan(coats, START + 10.5 * HOUR)).toEqual({ startMs: START - HOUR, endMs: START + 10 * HOUR });
    expect(cameSpan(coats, START + 400 * DAY).endMs).toBe(START + 5 * HOUR + 60 * DAY);
    // A coat that is typed as of later leaves nothing to know yet.
    expect(cameSpan([START + 9 * HOUR], START)).toEqual({
      startMs: START + 7 * HOUR,
      endMs: START + 7 * HOUR,
    });
  });
  it('what is not known comes in stretches of a day at most, the newest first', () => {
    const span = { startMs: START, endMs: START + 50 * HOUR };
    expect(unknownIn(span, new Set()).map((s) => (s.endMs - s.startMs) / HOUR)).toEqual([2, 24, 24]);
    const known = new Set([START + 3 * HOUR, START + 4 * HOUR]);
    expect(unknownIn({ startMs: START, endMs: START + 6 * HOUR }, known)).toEqual([
      { startMs: START + 5 * HOUR, endMs: START + 6 * HOUR },
      { startMs: START, endMs: START + 3 * HOUR },
    ]);
  });
});

describe('hours off the grid', () => {
  const job = withZones(demo('tractor-bonnet'));
  const airs = airsForJob({ job, forecast: steady(20), nowMs: NOW });
  it('are those of the central line at their middle, none beyond it', () => {
    const hours = hoursIn(airs, { startMs: START, endMs: START + 3 * HOUR });
    expect(hours.map((h) => h.ms)).toEqual([START, START + HOUR, START + 2 * HOUR]);
    for (const h of hours) {
      expect(h.rhPct).toBeGreaterThan(20);
      expect(h.cureC).toBe(h.panelC);
    }
    expect(hoursIn(airs, { startMs: START + 40 * DAY, endMs: START + 41 * DAY })).toEqual([]);
  });
  it('dried elsewhere the part cures by the air there', () => {
    const place = { ...job.place, shelter: 'cellar' as const, indoorMinC: 19 };
    const dry = { ...job, dryIn: { kind: 'elsewhere' as const, place, carry: 'at-once' as const } };
    const cold = airsForJob({ job: dry, forecast: steady(4), nowMs: NOW });
    const [h] = hoursIn(cold, { startMs: START, endMs: START + HOUR });
    expect(h!.cureC).not.toBe(h!.panelC);
  });
});

describe('a record', () => {
  it('keeps from two hours before each coat until a day after it, and not the days between', () => {
    const hours = Array.from({ length: 24 * 10 }, (_, i) => hour(START + i * HOUR));
    const kept = traceOf(hours, [START + 3 * HOUR, START + 8 * DAY]);
    expect(kept[0]!.ms).toBe(START + HOUR);
    expect(kept.filter((h) => h.ms < START + 5 * DAY)).toHaveLength(26);
    expect(kept.at(-1)!.ms).toBe(START + 9 * DAY - HOUR);
  });
});

describe('cure by the days that came', () => {
  const { cureMin: _own, ...bare } = product('halden-gun-gloss');
  const wash = (came: readonly AirHour[], dryC: readonly number[]) =>
    cureDates(bare, START, driedC(came, { startMs: START + 10 * DAY, stepMs: HOUR, dryC })).find(
      (d) => d.what === 'wash',
    )!;
  const ahead = Array.from({ length: 240 }, () => 20);
  const days = (c: number): AirHour[] => Array.from({ length: 240 }, (_, i) => hour(START + i * HOUR, c));
  it('ten days at 20 °C: seven of them wash it, and that is known', () => {
    expect(wash(days(20), ahead)).toMatchObject({ isAssumed: false });
    expect((wash(days(20), ahead).atMs! - START) / DAY).toBeCloseTo(7, 1);
  });
  // 55 kJ/mol: at 12 °C 0.53 times as fast as at 20 (Arrhenius, from memory): 5.3 days of ten, then 1.7 more.
  it('ten days at 12 °C did little more than five of them: it comes days later than the forecast alone says', () => {
    const cold = wash(days(12), ahead);
    expect((cold.atMs! - START) / DAY).toBeGreaterThan(11.3);
    expect((cold.atMs! - START) / DAY).toBeLessThan(12.1);
    expect((cold.atRefMs! - START) / DAY).toBeCloseTo(7, 5);
    expect(cold.isAssumed).toBe(false);
  });
  it('days that nobody knows go on like those before, and it says so', () => {
    const some = days(12).slice(0, 24);
    const late = wash(some, ahead);
    expect(late.isAssumed).toBe(true);
    expect(Math.abs(late.atMs! - wash(days(12), ahead).atMs!)).toBeLessThan(HOUR * 2);
  });
  it('what came counts before what was forecast for the same hour', () => {
    const here = driedC([hour(START, 7)], { startMs: START, stepMs: HOUR, dryC: [15, 16] });
    expect(here).toEqual({ startMs: START, tempC: [7, 16] });
    expect(driedC([], { startMs: 0, stepMs: HOUR, dryC: [] }).tempC).toEqual([]);
  });
});
