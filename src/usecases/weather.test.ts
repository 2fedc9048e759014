/** Which forecast a plan rests on, what is corrected and what is kept, and what earlier ones teach. */
import { describe, expect, it } from 'vitest';
import { HARBOUR_LANE } from '@/demo/jobs';
import { HOUR, msOf } from '@/core/time/instant';
import type { DayEntry, KeptWeather } from '@/model/weather';
import { formatFor } from '@/words/format';
import { learnedSaid } from '@/ui/views/weather-source';
import type { Issued, WeatherStore } from './ports';
import { keepDays, keepFile, keptFor, toldFor, weatherFrom } from './weather';

const { lat, lon, tz } = HARBOUR_LANE;
const SPOT = { lat, lon, tz };
const at = (iso: string): number => msOf(iso, tz);
const day = (date: string, highC = 18): DayEntry => ({
  date,
  lowC: 8,
  highC,
  windMs: 3,
  sky: 'clear',
  rain: { kind: 'none' },
});
const days = (...dates: string[]): DayEntry[] => dates.map((d) => day(d));

function mapStore(): WeatherStore & { rows: Map<string, KeptWeather> } {
  const rows = new Map<string, KeptWeather>();
  const gone = new Map<string, KeptWeather>();
  const move = (from: Map<string, KeptWeather>, to: Map<string, KeptWeather>, id: string): boolean => {
    const row = from.get(id);
    if (row) to.set(id, row);
    return from.delete(id);
  };
  return {
    rows,
    near: (spot, within) =>
      [...rows.values()]
        .filter((k) => Math.abs(k.lat - spot.lat) <= within && Math.abs(k.lon - spot.lon) <= within)
        .sort((a, b) => b.issuedMs - a.issuedMs),
    keep: (kept) => void rows.set(kept.id, kept),
    remove: (id) => move(rows, gone, id),
    restore: (id) => move(gone, rows, id),
  };
}
const told = (store: WeatherStore, now: string, id: string, entries: DayEntry[]): KeptWeather =>
  keepDays(store, { spot: SPOT, days: entries }, { nowMs: at(now), freshId: id });

describe('the weather of a plan', () => {
  it('is the newest that was told for here and still covers now with six hours to go; else none', () => {
    const store = mapStore();
    expect(keptFor(store, HARBOUR_LANE, at('2026-05-16T08:00'))).toBeNull();
    told(store, '2026-05-16T07:00', 'a', days('2026-05-16', '2026-05-17', '2026-05-18'));
    told(store, '2026-05-16T20:00', 'b', days('2026-05-17'));
    const source = (now: string): Issued['source'] | undefined =>
      keptFor(store, HARBOUR_LANE, at(now))?.source;
    // b begins tomorrow: until then a counts.
    expect(source('2026-05-16T21:00')).toMatchObject({ kind: 'days', id: 'a' });
    expect(source('2026-05-17T09:00')).toMatchObject({ kind: 'days', id: 'b' });
    // Less than six hours of b are left.
    expect(source('2026-05-17T19:00')).toMatchObject({ id: 'a' });
    expect(source('2026-05-18T19:00')).toBeUndefined();
  });
  it('told for a place a hundred kilometres off it is no forecast for here', () => {
    const store = mapStore();
    keepDays(
      store,
      { spot: { ...SPOT, lat: lat + 0.9 }, days: days('2026-05-16') },
      { nowMs: at('2026-05-16T07:00'), freshId: 'x' },
    );
    expect(keptFor(store, HARBOUR_LANE, at('2026-05-16T08:00'))).toBeNull();
  });
  it('the stand-in answers where nothing was told, in the demo alone', async () => {
    const store = mapStore();
    const now = at('2026-05-16T08:00');
    const standin = {
      forecastFor: async () => ({ forecast: null, issuedMs: 1, source: { kind: 'standin' as const } }),
    };
    expect((await weatherFrom(store, standin).forecastFor(HARBOUR_LANE, now)).source.kind).toBe('standin');
    expect(await weatherFrom(store, null).forecastFor(HARBOUR_LANE, now)).toEqual({
      forecast: null,
      issuedMs: 0,
      source: { kind: 'none' },
    });
    told(store, '2026-05-16T07:00', 'a', days('2026-05-16'));
    expect((await weatherFrom(store, standin).forecastFor(HARBOUR_LANE, now)).source.kind).toBe('days');
  });
  it('within the hour a week is corrected, later it is a new one and the old stays on record', () => {
    const store = mapStore();
    told(store, '2026-05-16T07:00', 'a', days('2026-05-16'));
    expect(told(store, '2026-05-16T07:59', 'b', days('2026-05-16', '2026-05-17')).id).toBe('a');
    expect(told(store, '2026-05-16T09:00', 'c', days('2026-05-16')).id).toBe('c');
    expect(toldFor(store, SPOT).list.map((l) => l.id)).toEqual(['c', 'a']);
    expect(toldFor(store, SPOT).days).toHaveLength(1);
  });
  it('a file that says nothing of the hours ahead is not kept, and is told why', () => {
    const store = mapStore();
    const n = 20;
    const series = Array<number>(n).fill(10);
    const member = {
      airTempC: series,
      rhPct: series,
      windMs: series,
      gustMs: series,
      rainMm: series,
      cloudFrac: series.map(() => 0.5),
    };
    const file = (start: string) => ({
      forecast: { start, stepMin: 60 as const, members: [member] },
      bridgedH: 2,
      openFromMs: null,
    });
    const keep = (start: string) =>
      keepFile(
        store,
        { spot: SPOT, name: 'week.csv', file: file(start) },
        { nowMs: at('2026-05-16T08:00'), freshId: 'f' },
      );
    const over = keep('2026-05-10T00:00');
    expect(over).toMatchObject({ kind: 'over', expected: expect.stringContaining('2026-05-16 08:00') });
    expect(keep('2026-05-16T00:00')).toEqual({ kind: 'kept', id: 'f' });
    expect(keptFor(store, HARBOUR_LANE, at('2026-05-16T08:00'))!.source).toMatchObject({
      kind: 'file',
      name: 'week.csv',
      bridgedH: 2,
      untilMs: at('2026-05-16T00:00') + (n - 1) * HOUR,
    });
  });
  it('what was told yesterday of today teaches: the scales stand in the forecast and are said', () => {
    const store = mapStore();
    told(store, '2026-05-15T07:00', 'a', [day('2026-05-15'), day('2026-05-16', 24)]);
    told(store, '2026-05-16T07:00', 'b', days('2026-05-16', '2026-05-17'));
    const issued = keptFor(store, HARBOUR_LANE, at('2026-05-16T08:00'))!;
    // A high 6 K off is 4 times the usual 1.5, a low and a wind right on: √((16 + 0 + 8) / 10), √(8 / 9).
    expect(issued.forecast!.doubt!.tempScale).toBeCloseTo(1.549, 3);
    expect(issued.forecast!.doubt!.windScale).toBeCloseTo(0.943, 3);
    expect(learnedSaid(issued.source, formatFor('metric'))).toBe(
      'Against 1 day that came: the highs were told 6 °C too high on average. The plan allows for 1.5 times the usual error in temperature and 0.9 times in wind.',
    );
    // The forecast of yesterday knew nothing of today.
    expect(keptFor(store, HARBOUR_LANE, at('2026-05-15T08:00'))!.forecast!.doubt!.tempScale).toBeUndefined();
    expect(keptFor(store, HARBOUR_LANE, at('2026-05-16T08:00'))!.forecast).toBe(issued.forecast);
  });
});
