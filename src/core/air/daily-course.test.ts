/** Hours from each day's low and high: Parton & Logan 1981 by hand, joined nights, days without a sunrise. */
import { describe, expect, it } from 'vitest';
import { HOUR } from '../time/instant';
import { airTempC, betweenNoons, courseDay, type CourseDay } from './daily-course';

/** A day by hand: sunrise 06:00, sunset 18:00, low 10 °C, high 20 °C. */
const NOON = Date.UTC(2026, 2, 20, 12);
const day = (n: number, lowC = 10, highC = 20): CourseDay => ({
  lowC,
  highC,
  noonMs: NOON + n * 24 * HOUR,
  minMs: NOON + n * 24 * HOUR - 6.17 * HOUR,
  sun: { setMs: NOON + n * 24 * HOUR + 6 * HOUR, upH: 12 },
});
const at = (days: readonly CourseDay[], h: number): number => airTempC(days, NOON + (h - 12) * HOUR);

describe('the course of a day', () => {
  it('Parton & Logan 1981, twelve hours of sun, 10 to 20 °C: 20 °C at 13:41, 17.4 °C at 10:00, 16.5 °C at sunset', () => {
    const days = [day(0), day(1)];
    // The sine is over at 6:00 − 0:10 + (12 + 2 × 1.86)/2 h = 13:41.
    expect(at(days, 13.69)).toBeCloseTo(20, 2);
    // 10:00 is 4.17 h after the low: 10 + 10 sin(π · 4.17/15.72) = 17.40.
    expect(at(days, 10)).toBeCloseTo(17.4, 1);
    // 18:00: 10 + 10 sin(π · 12.17/15.72) = 16.51.
    expect(at(days, 18)).toBeCloseTo(16.51, 2);
  });
  it('the night falls to the next low and meets it without a jump, warmer or colder', () => {
    for (const nextLow of [4, 10, 15, 19]) {
      const days = [day(0), day(1, nextLow, 22)];
      const low = 24 + 6 - 0.17;
      expect(at(days, low - 0.001)).toBeCloseTo(nextLow, 2);
      expect(at(days, low + 0.001)).toBeCloseTo(nextLow, 2);
      expect(at(days, 18.001)).toBeCloseTo(at(days, 17.999), 1);
      // The fall is fastest after sunset: past half of it before half of the night.
      const half = (at(days, 18) + nextLow) / 2;
      const middle = at(days, 18 + (low - 18) / 2);
      expect(Math.sign(middle - half)).toBe(Math.sign(nextLow - at(days, 18)));
    }
  });
  it('never leaves the range of the lows and highs, and reaches both, on 200 random weeks at five latitudes', () => {
    let checked = 0;
    for (const lat of [-45, 0, 35, 53, 64])
      for (let k = 0; k < 40; k++) {
        const start = Date.UTC(2026, k % 12, 3, 12);
        const days = Array.from({ length: 6 }, (_, i) =>
          courseDay(
            { lowC: 5 + ((k * 7 + i * 3) % 9), highC: 16 + ((k * 5 + i * 4) % 11) },
            { lat, lon: 170 },
            start + i * 24 * HOUR - 11.3 * HOUR,
          ),
        );
        days.slice(1, -1).forEach((d, i) => {
          const end = days[i + 2]!.minMs;
          const hours: number[] = [];
          for (let ms = d.minMs; ms < end; ms += HOUR / 12) hours.push(airTempC(days, ms));
          const isSunLed = d.sun !== null;
          expect(Math.max(...hours)).toBeCloseTo(d.highC, isSunLed ? 1 : 0);
          expect(Math.min(...hours)).toBeGreaterThan(Math.min(d.lowC, days[i + 2]!.lowC) - 0.01);
          checked++;
        });
      }
    expect(checked).toBe(800);
  });
  it('polar day and polar night swing by half cosines, warmest two hours after solar noon', () => {
    for (const month of [5, 11]) {
      const days = [0, 1, 2].map((i) =>
        courseDay({ lowC: -12, highC: -4 }, { lat: 70, lon: 20 }, Date.UTC(2026, month, 21 + i, 11)),
      );
      expect(days[1]!.sun).toBeNull();
      expect(airTempC(days, days[1]!.noonMs + 2 * HOUR)).toBeCloseTo(-4, 6);
      expect(airTempC(days, days[1]!.noonMs - 10 * HOUR)).toBeCloseTo(-12, 6);
      expect(airTempC(days, days[1]!.noonMs - 4 * HOUR)).toBeCloseTo(-8, 6);
    }
  });
  it('the solar day is the one around the civil midday, also at 175° E and 175° W', () => {
    for (const lon of [175, -175]) {
      const midday = Date.UTC(2026, 4, 16, 12) - (lon / 15) * HOUR;
      const d = courseDay({ lowC: 8, highC: 15 }, { lat: -37, lon }, midday);
      expect(Math.abs(d.noonMs - midday)).toBeLessThan(0.5 * HOUR);
      expect(d.minMs).toBeLessThan(d.noonMs);
      expect(d.sun!.setMs).toBeGreaterThan(d.noonMs);
    }
  });
  it('between noons straight, outside them flat; a low above its high is refused', () => {
    const days = [day(0), day(1)];
    const of = (i: number): number => [2, 6][i]!;
    expect(betweenNoons(days, of, NOON - HOUR)).toBe(2);
    expect(betweenNoons(days, of, NOON + 6 * HOUR)).toBe(3);
    expect(betweenNoons(days, of, NOON + 99 * HOUR)).toBe(6);
    expect(() => courseDay({ lowC: 9, highC: 8 }, { lat: 0, lon: 0 }, NOON)).toThrow(RangeError);
  });
});
