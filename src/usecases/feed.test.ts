/** What is kept of a feed, and what is told when it is not. */
import { describe, expect, it } from 'vitest';
import type { Forecast } from '@/model/forecast';
import type { KeptWeather } from '@/model/weather';
import { demo } from '@/demo/test-kit';
import { simulatedForecast } from '@/standins/weather';
import { addressFor, spotsOf, takeFeed, type FeedWays } from './feed';
import type { JobStore, PlaceStore, WeatherStore } from './ports';

const NOW = Date.UTC(2026, 4, 16, 6, 50);
const spot = { lat: 53.42, lon: -3.08, tz: 'Europe/London' };
const far = { lat: 48.1, lon: 11.6, tz: 'Europe/Berlin' };

function mapWeather(): WeatherStore & { rows: KeptWeather[] } {
  const rows: KeptWeather[] = [];
  return {
    rows,
    near: ({ lat }, within) => rows.filter((k) => Math.abs(k.lat - lat) <= within).toReversed(),
    keep: (k) => void rows.push(k),
    remove: () => false,
    restore: () => false,
  };
}
let n = 0;
const ways = (forecast: Forecast | string, asked: string[] = []): FeedWays => ({
  fetch: async (address) => {
    asked.push(address);
    return typeof forecast === 'string' ? { ok: false, said: forecast } : { ok: true, text: '' };
  },
  read: () => ({ ok: true, file: { forecast: forecast as Forecast, bridgedH: 0, openFromMs: null } }),
  freshId: () => `f${n++}`,
});
const today = simulatedForecast(spot, NOW).forecast;

describe('a feed', () => {
  it('what is new is kept, what was told before is not kept twice', async () => {
    const weather = mapWeather();
    const take = () => takeFeed({ weather, ways: ways(today) }, 'http://h/f', { spots: [spot], nowMs: NOW });
    expect(await take()).toEqual({ atMs: NOW, kept: 1, same: 0, refused: [] });
    expect(await take()).toMatchObject({ kept: 0, same: 1 });
    expect(weather.rows.map((k) => k.told.kind === 'file' && k.told.name)).toEqual(['the feed']);
  });
  it('brought up to date within six hours it takes the place of the last, later it stands beside it', async () => {
    const weather = mapWeather();
    const at = async (hours: number) => {
      const nowMs = NOW + hours * 3_600_000;
      const fresh = ways(simulatedForecast(spot, nowMs).forecast);
      return takeFeed({ weather, ways: fresh }, 'http://h/f', { spots: [spot], nowMs });
    };
    await at(0);
    const first = weather.rows[0]!.id;
    // The stand-in issues every six hours: four hours on it is another one.
    await at(5.5);
    expect(weather.rows.at(-1)!.id).toBe(first);
    await at(12);
    expect(weather.rows.at(-1)!.id).not.toBe(first);
  });
  it('one that is over is refused with the hours it must hold', async () => {
    const weather = mapWeather();
    const later = NOW + 20 * 24 * 3_600_000;
    const told = await takeFeed({ weather, ways: ways(today) }, 'http://h/f', {
      spots: [spot],
      nowMs: later,
    });
    expect(told.kept).toBe(0);
    expect(told.refused[0]).toMatch(/tells nothing of now: it must hold hours from now/);
    expect(weather.rows).toEqual([]);
  });
  it('an address with a place in it is asked for each, without one once; why it was refused is told once', async () => {
    const asked: string[] = [];
    const of = { weather: mapWeather(), ways: ways('Nothing listens at this address.', asked) };
    const each = await takeFeed(of, 'http://h/{lat}/{lon}', { spots: [spot, far], nowMs: NOW });
    expect(asked).toEqual(['http://h/53.420/-3.080', 'http://h/48.100/11.600']);
    expect(each.refused).toEqual(['Nothing listens at this address.']);
    await takeFeed(of, 'http://h/f', { spots: [spot, far], nowMs: NOW });
    expect(asked).toHaveLength(3);
    expect(addressFor('http://h/f', spot)).toBe('http://h/f');
  });
  it('places near one another are asked for once; those of closed jobs not at all', () => {
    const job = demo('tractor-bonnet');
    const closed = {
      ...job,
      place: { ...job.place, ...far },
      log: { used: [], outcomes: [], note: '', closedAt: '2026-05-01T10:00' },
    };
    const stored = (of: typeof job) => ({ id: 'x', job: of }) as never;
    const jobs = { list: () => [stored(job), stored(closed)] } as unknown as JobStore;
    const places = {
      list: () => [{ id: 'yard', place: { ...job.place, lat: job.place.lat + 0.01 } }],
    } as unknown as PlaceStore;
    expect(spotsOf(places, jobs)).toHaveLength(1);
  });
});
