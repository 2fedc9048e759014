/** The usual day of a log, by hand. */
import { describe, expect, it } from 'vitest';
import type { Place } from '@/model/place';
import { placeHours } from '../place-air';
import { HOUR } from '../time/instant';
import { atPart } from './at-part';
import { courseAt, courseOf } from './course';

const T0 = Date.UTC(2026, 0, 10);
/** Two days, an hour apart: on the second each hour is 2 K warmer. */
const log = Array.from({ length: 48 }, (_, h) => ({
  ms: T0 + h * HOUR,
  airC: 10 + (h % 24) / 10 + (h >= 24 ? 2 : 0),
  rhPct: 60,
}));

describe('the usual day of a place', () => {
  it('each hour is its mean over the days, in the place’s own time', () => {
    const day = courseOf(log, 'UTC')!;
    expect(day).toHaveLength(24);
    expect(day[0]).toEqual({ airC: 11, rhPct: 60 });
    expect(day[23]).toEqual({ airC: 13.3, rhPct: 60 });
    expect(courseOf(log, 'Asia/Kolkata')![5]!.airC).toBeCloseTo(11, 6);
  });
  it('hours that were not logged run straight between the others, also over midnight; half a day tells none', () => {
    const gaps = log.filter((r) => ![22, 23, 0, 1].includes(new Date(r.ms).getUTCHours()));
    const day = courseOf(gaps, 'UTC')!;
    // From 13.1 at 21 to 11.2 at 2, five hours: 12.72, 12.34, 11.96, 11.58.
    expect(day.slice(22).map((h) => h.airC)).toEqual([12.7, 12.3]);
    expect(day.slice(0, 2).map((h) => h.airC)).toEqual([12, 11.6]);
    expect(
      courseOf(
        log.filter((r) => new Date(r.ms).getUTCHours() < 12),
        'UTC',
      ),
    ).toBeNull();
    expect(courseOf([{ ms: T0, airC: 5 }], 'UTC')).toBeNull();
  });
  it('a mean stands at the middle of its hour, straight between', () => {
    const day = courseOf(log, 'UTC')!;
    expect(courseAt(day, T0 + 0.5 * HOUR, 'UTC').airC).toBeCloseTo(11, 9);
    expect(courseAt(day, T0 + HOUR, 'UTC').airC).toBeCloseTo(11.05, 9);
    expect(courseAt(day, T0, 'UTC').airC).toBeCloseTo((11 + 13.3) / 2, 9);
  });
  it('a place whose air was logged has it by the hour, whatever the weather', () => {
    const course = courseOf(log, 'UTC')!;
    const cellar: Place = {
      tz: 'UTC',
      lat: 53,
      lon: 0,
      shelter: 'cellar',
      measured: { airC: 12, rhPct: 60, course },
    };
    const all = (x: number): number[] => new Array<number>(49).fill(x);
    const weather = {
      airTempC: all(-5),
      rhPct: all(90),
      windMs: all(3),
      gustMs: all(4),
      rainMm: all(0),
      cloudFrac: all(1),
    };
    const hours = placeHours({ place: cellar, line: weather, startMs: T0 });
    expect(hours[12]!.airC).toBeCloseTo(12.15, 6);
    expect(hours[12]!.rhPct).toBeCloseTo(60, 6);
    expect(hours[36]!.airC).toBe(hours[12]!.airC);
  });
  it('of one weather asked for in two zones each has its own hours', () => {
    const course = courseOf(log, 'UTC')!;
    const all = (x: number): number[] => new Array<number>(25).fill(x);
    const line = {
      airTempC: all(5),
      rhPct: all(90),
      windMs: all(3),
      gustMs: all(4),
      rainMm: all(0),
      cloudFrac: all(1),
    };
    const weather = { startMs: T0, hours: 25, members: [line], central: line };
    const part = { absorptance: 0.6, backFree: true, flatFrac: 1, massKJm2K: 3 };
    const noon = (tz: string): number => {
      const place: Place = {
        tz,
        lat: 53,
        lon: 0,
        shelter: 'cellar',
        measured: { airC: 12, rhPct: 60, course },
      };
      return atPart(weather, place, part).airC[24]!;
    };
    expect(noon('UTC')).toBeCloseTo(12.15, 6);
    expect(noon('Asia/Tokyo')).toBeCloseTo(13.05, 6);
  });
});
