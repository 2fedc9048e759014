/** The owner's feed: asked for each place, kept when it tells something new, told why when it does not. */
import { HOUR } from '@/core/time/instant';
import { isClosed } from '@/model/job';
import type { Place } from '@/model/place';
import type { FileWeather } from '@/model/weather';
import type { Fetched, JobStore, PlaceStore, WeatherStore } from './ports';
import { keepFile, NEAR_DEG } from './weather';

/** A forecast this soon after the last is the same one, brought up to date. */
const SOON_MS = 6 * HOUR;

/** What forecasts of the feed are named. */
export const FEED_NAME = 'the feed';

export interface FeedTold {
  readonly atMs: number;
  /** Forecasts that are new. */
  readonly kept: number;
  /** Told before; nothing to keep. */
  readonly same: number;
  /** Why it was not taken, a sentence for each. */
  readonly refused: readonly string[];
}

export interface FeedWays {
  fetch(address: string): Promise<Fetched>;
  /** What it tells as a forecast, or why it is none. */
  read(
    text: string,
  ): { readonly ok: true; readonly file: FileWeather } | { readonly ok: false; readonly said: string };
  freshId(): string;
}

/** {lat} and {lon} in an address stand for the place. */
export const addressFor = (address: string, { lat, lon }: Pick<Place, 'lat' | 'lon'>): string =>
  address.replaceAll('{lat}', lat.toFixed(3)).replaceAll('{lon}', lon.toFixed(3));

type Where = Pick<Place, 'lat' | 'lon' | 'tz'>;

/** Places of the workshop and of open jobs, those near one another once. */
export function spotsOf(places: PlaceStore, jobs: JobStore): Where[] {
  const all = [
    ...places.list().map((p) => p.place),
    ...jobs.list().flatMap((s) => (isClosed(s.job) ? [] : [s.job.place])),
  ];
  const isNear = (a: Where, b: Where): boolean =>
    Math.abs(a.lat - b.lat) < NEAR_DEG / 4 && Math.abs(a.lon - b.lon) < NEAR_DEG / 4;
  return all.reduce<Where[]>(
    (kept, { lat, lon, tz }) =>
      kept.some((k) => isNear(k, { lat, lon, tz })) ? kept : [...kept, { lat, lon, tz }],
    [],
  );
}

type One = 'kept' | 'same' | { readonly refused: string };

async function takeOne(
  { weather, ways }: { readonly weather: WeatherStore; readonly ways: FeedWays },
  address: string,
  { spot, nowMs }: { readonly spot: Where; readonly nowMs: number },
): Promise<One> {
  const got = await ways.fetch(addressFor(address, spot));
  if (!got.ok) return { refused: got.said };
  const read = ways.read(got.text);
  if (!read.ok) return { refused: read.said };
  const last = weather
    .near(spot, NEAR_DEG / 4)
    .find(({ told }) => told.kind === 'file' && told.name === FEED_NAME);
  const before = last?.told.kind === 'file' ? JSON.stringify(last.told.forecast) : null;
  const isSame = before === JSON.stringify(read.file.forecast);
  if (isSame) return 'same';
  // One that follows soon takes the place of the last: the record keeps a few a day, not one an hour.
  const isSoon = last !== undefined && nowMs - last.issuedMs < SOON_MS && nowMs >= last.issuedMs;
  const keeping = { nowMs, freshId: isSoon ? last.id : ways.freshId() };
  const kept = keepFile(weather, { spot, name: FEED_NAME, file: read.file }, keeping);
  return kept.kind === 'kept'
    ? 'kept'
    : { refused: `It tells nothing of now: it must hold ${kept.expected}.` };
}

/** Asks for every spot. An address without a place in it is asked once, for the first. */
export async function takeFeed(
  of: { readonly weather: WeatherStore; readonly ways: FeedWays },
  address: string,
  { spots, nowMs }: { readonly spots: readonly Where[]; readonly nowMs: number },
): Promise<FeedTold> {
  const isOfPlace = /\{(lat|lon)\}/.test(address);
  const asked = isOfPlace ? spots : spots.slice(0, 1);
  const told: One[] = [];
  for (const spot of asked) told.push(await takeOne(of, address, { spot, nowMs }));
  const refused = told.flatMap((t) => (typeof t === 'object' ? [t.refused] : []));
  return {
    atMs: nowMs,
    kept: told.filter((t) => t === 'kept').length,
    same: told.filter((t) => t === 'same').length,
    refused: [...new Set(refused)],
  };
}
