/** Simulated sensors stand in the truth: near what really is, never the same to the digit, the same when asked again. */
import { describe, expect, it } from 'vitest';
import { HARBOUR_LANE } from '@/demo/jobs';
import { placeHours } from '@/core/place-air';
import { HOUR } from '@/core/time/instant';
import { sensed } from '@/usecases/readings';
import { climateAt } from './climates';
import { simulatedSensors } from './sensors';
import { issuedAt, PAST_H, simulatedWorld } from './weather';

describe('simulated sensors', () => {
  it('over a hundred hours their errors are those of instruments of the hobby’s price', async () => {
    const offs: number[] = [];
    for (let n = 0; n < 100; n++) {
      const nowMs = Date.UTC(2026, 4, 1) + n * 7 * HOUR;
      const issuedMs = issuedAt(nowMs);
      const line = simulatedWorld(HARBOUR_LANE, climateAt(HARBOUR_LANE.lat), issuedMs).truth();
      const hours = placeHours({ place: HARBOUR_LANE, line, startMs: issuedMs - PAST_H * HOUR });
      const { measured, failed } = await sensed(simulatedSensors, HARBOUR_LANE, nowMs);
      expect(failed).toEqual([]);
      offs.push(measured.airC! - hours.find((h) => h.ms === nowMs)!.airC);
      expect(measured.rhPct).toBeLessThanOrEqual(99);
      expect(measured.windMs).toBeGreaterThanOrEqual(0);
    }
    const mean = offs.reduce((a, b) => a + b, 0) / offs.length;
    const sd = Math.sqrt(offs.reduce((a, b) => a + (b - mean) ** 2, 0) / offs.length);
    expect(Math.abs(mean)).toBeLessThan(0.12);
    expect(sd).toBeGreaterThan(0.2);
    expect(sd).toBeLessThan(0.42);
  });
  it('the same minute reads the same; a sensor that fails is named and the others are kept', async () => {
    const nowMs = Date.UTC(2026, 4, 16, 7);
    const one = await sensed(simulatedSensors, HARBOUR_LANE, nowMs);
    expect(await sensed(simulatedSensors, HARBOUR_LANE, nowMs)).toEqual(one);
    const broken = { ...simulatedSensors[1]!, read: () => Promise.reject(new Error('no battery')) };
    const rest = await sensed([simulatedSensors[0]!, broken], HARBOUR_LANE, nowMs);
    expect(rest.failed).toEqual(['surface thermometer']);
    expect(rest.measured.airC).toBe(one.measured.airC);
    expect(rest.measured.panelC).toBeUndefined();
  });
});
