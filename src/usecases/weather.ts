/** What weather a plan rests on: the newest forecast that was told for the place and still covers now. */
import { forecastOfDays } from '@/core/air/five-numbers';
import { learnedFrom, recordOf, type DayRecord, type Learned, type TypedIn } from '@/core/air/record';
import { remember } from '@/core/records/remember';
import { coveredBy, LEAST_AHEAD_H } from '@/core/job-air';
import { civilDate, HOUR, isoOf } from '@/core/time/instant';
import type { Forecast } from '@/model/forecast';
import type { Place } from '@/model/place';
import type { DayEntry, FileWeather, KeptWeather, Spot } from '@/model/weather';
import type { Issued, Weather, WeatherStore } from './ports';

/** A forecast told for this near is one for here: about 25 km. ASSUMED. */
export const NEAR_DEG = 0.22;
/** Days that were typed in, those told up to an instant. */
const typedUpTo = (all: readonly KeptWeather[], untilMs: number): TypedIn[] =>
  all.flatMap(({ told, issuedMs, tz }) =>
    told.kind === 'days' && issuedMs <= untilMs ? [{ toldOn: civilDate(issuedMs, tz), days: told.days }] : [],
  );

/** How wrong what was typed in for here has been, of what was told up to this forecast. */
const learnedFor = (all: readonly KeptWeather[], kept: KeptWeather): Learned | null =>
  learnedFrom(recordOf(typedUpTo(all, kept.issuedMs)));

/** What was typed in for a place beforehand, beside what was typed in on the day. */
export const recordFor = (store: WeatherStore, spot: Pick<Spot, 'lat' | 'lon'>): DayRecord[] =>
  recordOf(typedUpTo(store.near(spot, NEAR_DEG), Infinity));

/** Made once for each that is kept: what follows from a forecast is remembered by it. */
const made = new Map<string, Forecast>();
const MOST_MADE = 40;
function forecastFrom(kept: KeptWeather, learned: Learned | null): Forecast {
  if (kept.told.kind === 'file') return kept.told.forecast;
  const { days } = kept.told;
  const scales = learned && { tempScale: learned.tempScale, windScale: learned.windScale };
  const key = `${kept.id} ${kept.issuedMs} ${JSON.stringify(scales)}`;
  return remember(made, key, MOST_MADE, () => {
    const line = forecastOfDays(days, kept);
    return { ...line, doubt: { ...line.doubt, ...scales } };
  });
}

/** The newest that still covers now; null where nothing was told, or all of it is over. */
export function keptFor(store: WeatherStore, place: Place, nowMs: number): Issued | null {
  const all = store.near(place, NEAR_DEG);
  for (const kept of all) {
    const learned = kept.told.kind === 'days' ? learnedFor(all, kept) : null;
    const forecast = forecastFrom(kept, learned);
    const { fromMs, untilMs } = coveredBy(forecast, kept.tz);
    if (nowMs < fromMs || nowMs + LEAST_AHEAD_H * HOUR > untilMs) continue;
    const { id, issuedMs, told } = kept;
    const isFile = told.kind === 'file';
    const source = {
      id,
      name: isFile ? told.name : null,
      untilMs,
      bridgedH: isFile ? told.bridgedH : 0,
      learned,
    };
    return { forecast, issuedMs, source: { ...source, kind: told.kind } };
  }
  return null;
}

const NONE: Issued = { forecast: null, issuedMs: 0, source: { kind: 'none' } };

/** @param standin of the demo; null in a workshop of one's own, where nothing is invented */
export const weatherFrom = (store: WeatherStore, standin: Weather | null): Weather => ({
  forecastFor: async (place, nowMs) =>
    keptFor(store, place, nowMs) ?? (await standin?.forecastFor(place, nowMs)) ?? NONE,
});

/** What was typed in within the last hour is corrected; later it is a new forecast, and the old one stays on record. */
const CORRECTED_WITHIN_MS = HOUR;

export interface Keeping {
  readonly nowMs: number;
  readonly freshId: string;
}

export function keepDays(
  store: WeatherStore,
  { spot, days }: { readonly spot: Spot; readonly days: readonly DayEntry[] },
  { nowMs, freshId }: Keeping,
): KeptWeather {
  const last = store.near(spot, NEAR_DEG).find((k) => k.told.kind === 'days');
  const isCorrection =
    last !== undefined && nowMs - last.issuedMs < CORRECTED_WITHIN_MS && nowMs >= last.issuedMs;
  const kept: KeptWeather = {
    ...spot,
    id: isCorrection ? last.id : freshId,
    issuedMs: nowMs,
    told: { kind: 'days', days: [...days] },
  };
  store.keep(kept);
  return kept;
}

export type KeptFile =
  { readonly kind: 'kept'; readonly id: string } | { readonly kind: 'over'; readonly expected: string };

/** A file is kept when it says something of the hours ahead. */
export function keepFile(
  store: WeatherStore,
  { spot, name, file }: { readonly spot: Spot; readonly name: string; readonly file: FileWeather },
  { nowMs, freshId }: Keeping,
): KeptFile {
  const { fromMs, untilMs } = coveredBy(file.forecast, spot.tz);
  if (nowMs < fromMs || nowMs + LEAST_AHEAD_H * HOUR > untilMs) {
    const said = (ms: number): string => isoOf(ms, spot.tz).slice(0, 16).replace('T', ' ');
    const expected = `hours from now, ${said(nowMs)}, on, at least ${LEAST_AHEAD_H} (it runs from ${said(fromMs)} to ${said(untilMs)})`;
    return { kind: 'over', expected };
  }
  const { forecast, bridgedH } = file;
  store.keep({ ...spot, id: freshId, issuedMs: nowMs, told: { kind: 'file', name, forecast, bridgedH } });
  return { kind: 'kept', id: freshId };
}

/** One that was told, as a list shows it. */
export interface ToldLine {
  readonly id: string;
  readonly issuedMs: number;
  readonly kind: KeptWeather['told']['kind'];
  readonly name: string | null;
}
export interface ToldView {
  /** The figures typed in last, to be gone on with. */
  readonly days: readonly DayEntry[] | null;
  readonly list: readonly ToldLine[];
}

const MOST_LISTED = 12;

export function toldFor(store: WeatherStore, spot: Pick<Spot, 'lat' | 'lon'>): ToldView {
  const all = store.near(spot, NEAR_DEG);
  const typed = all.map((k) => k.told).find((t) => t.kind === 'days');
  return {
    days: typed?.days ?? null,
    list: all
      .slice(0, MOST_LISTED)
      .map(({ id, issuedMs, told }) => ({
        id,
        issuedMs,
        kind: told.kind,
        name: told.kind === 'file' ? told.name : null,
      })),
  };
}
