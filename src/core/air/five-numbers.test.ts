/** A few figures a day as hours: by hand, over clock changes, in half-hour zones, with what was not known as doubt. */
import { describe, expect, it } from 'vitest';
import type { DayEntry } from '@/model/weather';
import { HOUR, isoOf, msOf } from '../time/instant';
import { dress } from './dress';
import { forecastOfDays } from './five-numbers';
import { dewPointC } from './moist';

const HOME = { lat: 52.4, lon: -3.1, tz: 'Europe/London' };
const day = (date: string, over: Partial<DayEntry> = {}): DayEntry => ({
  date,
  lowC: 8,
  highC: 18,
  windMs: 3,
  sky: 'some-cloud',
  rain: { kind: 'none' },
  ...over,
});
const dates = (from: string, n: number): string[] =>
  Array.from({ length: n }, (_, i) => new Date(Date.parse(from) + i * 24 * HOUR).toISOString().slice(0, 10));

describe('five numbers a day as hours', () => {
  const week = dates('2026-05-16', 7).map((d) => day(d));
  const f = forecastOfDays(week, HOME);
  const line = f.members[0]!;
  const at = (clock: string, of: readonly number[] = line.airTempC): number =>
    of[(msOf(clock, HOME.tz) - msOf(f.start, HOME.tz)) / HOUR]!;
  it('begins at the first midnight and ends at the last: 169 hours for seven days', () => {
    expect(f.start).toBe('2026-05-16T00:00:00+01:00');
    for (const series of Object.values(line)) expect(series).toHaveLength(169);
    expect(f.doubt!.rainChance).toHaveLength(169);
  });
  it('is coldest about sunrise (05:12) and warmest about three in the afternoon', () => {
    expect(at('2026-05-18T05:00')).toBeCloseTo(8, 0);
    expect(at('2026-05-18T15:00')).toBeCloseTo(18, 1);
    expect(at('2026-05-18T10:00')).toBeGreaterThan(12);
    expect(at('2026-05-18T10:00')).toBeLessThan(at('2026-05-18T12:00'));
  });
  it('a humidity is that of the day as a whole: 60 % at 13 °C is a dew point of 5.4 °C, and 44 % at 18 °C', () => {
    const humid = forecastOfDays(
      week.map((d) => ({ ...d, rhPct: 60 })),
      HOME,
    ).members[0]!;
    const afternoon = (msOf('2026-05-18T15:00', HOME.tz) - msOf(f.start, HOME.tz)) / HOUR;
    expect(dewPointC(13, 0.6)).toBeCloseTo(5.4, 1);
    expect(dewPointC(humid.airTempC[afternoon]!, humid.rhPct[afternoon]! / 100)).toBeCloseTo(5.4, 1);
    expect(humid.rhPct[afternoon]).toBeGreaterThan(42);
    expect(humid.rhPct[afternoon]).toBeLessThan(45.5);
  });
  it('without one the dew point lies 1 K under the low and may lie 0–2 K; where days are hot and nights cold, 4 K and far from sure', () => {
    const dew = (of: typeof line, i: number): number => dewPointC(of.airTempC[i]!, of.rhPct[i]! / 100);
    expect(dew(line, 60)).toBeCloseTo(7, 1);
    expect(f.doubt!.dewSdK![60]).toBeCloseTo(0.6, 6);
    const dry = forecastOfDays(
      week.map((d) => ({ ...d, highC: 30 })),
      HOME,
    );
    expect(dew(dry.members[0]!, 60)).toBeCloseTo(4, 1);
    expect(dry.doubt!.dewSdK![60]).toBeCloseTo(2.3, 6);
    const given = forecastOfDays(
      week.map((d) => ({ ...d, dewC: 3 })),
      HOME,
    );
    expect(dew(given.members[0]!, 60)).toBeCloseTo(3, 1);
    expect(given.doubt!.dewSdK![60]).toBe(0);
  });
  it('the wind told is that of the working day, strongest after noon, about half by night; gusts as told', () => {
    const breezy = forecastOfDays(
      week.map((d) => ({ ...d, windMs: 6, gustMs: 12 })),
      HOME,
    ).members[0]!;
    const from = (msOf('2026-05-18T09:00', HOME.tz) - msOf(f.start, HOME.tz)) / HOUR;
    const working = breezy.windMs.slice(from, from + 10);
    expect(working.reduce((a, b) => a + b, 0) / 10).toBeCloseTo(6, 0);
    expect(breezy.windMs[from + 18]! / 6).toBeGreaterThan(0.45);
    expect(breezy.windMs[from + 18]! / 6).toBeLessThan(0.65);
    expect(breezy.gustMs[from]! / breezy.windMs[from]!).toBeCloseTo(2, 2);
  });
  it('showers at 30, 50 and 80 % wet about as many futures in the day; a spell comes at its hours as often as told', () => {
    const wet = (rain: DayEntry['rain'], from: number, to: number): number => {
      const made = forecastOfDays(
        week.map((d, i) => (i === 1 ? { ...d, rain } : d)),
        HOME,
      );
      const startMs = msOf(made.start, HOME.tz);
      const shares = [1, 2, 3, 4, 5, 6].map((seed) => {
        const members = dress(made.members[0]!, { startMs, issuedMs: startMs, seed }, made.doubt);
        return members.filter((m) => m.rainMm.slice(from, to).some((mm) => mm > 0.1)).length / 50;
      });
      return shares.reduce((a, b) => a + b, 0) / shares.length;
    };
    for (const pct of [30, 50, 80]) {
      const share = 100 * wet({ kind: 'showers', chancePct: pct }, 24, 48);
      expect(Math.abs(share - pct), `${pct} % told, ${share} % wet`).toBeLessThan(12);
    }
    const spell = wet({ kind: 'spell', from: '14:00', to: '17:00', chancePct: 70 }, 30, 48);
    expect(spell).toBeGreaterThan(0.62);
    expect(spell).toBeLessThan(0.95);
    expect(wet({ kind: 'none' }, 24, 48)).toBeLessThan(0.25);
  });
  it('clock changes: 23 hours in March and 25 in October, in October and April south of the line; the civil hour keeps its rain', () => {
    for (const [tz, lat, lon, dateOf, hours] of [
      ['Europe/London', 52, -3, '2026-03-29', 23],
      ['Europe/London', 52, -3, '2026-10-25', 25],
      ['Australia/Sydney', -33.9, 151.2, '2026-10-04', 23],
      ['Australia/Sydney', -33.9, 151.2, '2026-04-05', 25],
      ['Australia/Adelaide', -34.9, 138.6, '2026-04-05', 25],
      ['Asia/Kolkata', 22.6, 88.4, '2026-05-16', 24],
      ['Asia/Kathmandu', 27.7, 85.3, '2026-05-16', 24],
    ] as const) {
      const spot = { lat, lon, tz };
      const rain: DayEntry['rain'] = { kind: 'spell', from: '14:00', to: '16:00' };
      const made = forecastOfDays(
        dates(dateOf, 2).map((d) => day(d, { rain })),
        spot,
      );
      const startMs = msOf(made.start, tz);
      expect(isoOf(startMs, tz).slice(0, 16)).toBe(`${dateOf}T00:00`);
      expect(made.members[0]!.airTempC).toHaveLength(hours + 24 + 1);
      const wet = made.members[0]!.rainMm.flatMap((mm, i) =>
        mm > 0 ? [isoOf(startMs + i * HOUR, tz).slice(11, 16)] : [],
      );
      expect(wet).toEqual(['14:00', '15:00', '14:00', '15:00']);
      const warmest = made.members[0]!.airTempC.indexOf(Math.max(...made.members[0]!.airTempC));
      expect(isoOf(startMs + warmest * HOUR, tz).slice(11, 13)).toMatch(/1[2-6]/);
    }
  });
  it('polar day and polar night have hours too', () => {
    const spot = { lat: 70.1, lon: 19, tz: 'Europe/Oslo' };
    for (const from of ['2026-06-20', '2026-12-20']) {
      const made = forecastOfDays(
        dates(from, 3).map((d) => day(d, { lowC: -2, highC: 5 })),
        spot,
      ).members[0]!;
      expect(Math.max(...made.airTempC)).toBeLessThanOrEqual(5);
      expect(Math.min(...made.airTempC)).toBeGreaterThanOrEqual(-2);
      expect(made.airTempC.every(Number.isFinite)).toBe(true);
    }
  });
});
