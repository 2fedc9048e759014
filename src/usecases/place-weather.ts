/** The expected weather of a place: one line of the forecast that was told for it. */
import { ensembleOf } from '@/core/air/ensemble';
import { msOf } from '@/core/time/instant';
import type { ForecastMember } from '@/model/forecast';
import type { Place } from '@/model/place';
import type { Weather, WeatherSource } from './ports';

export interface PlaceWeather {
  readonly line: ForecastMember;
  readonly startMs: number;
  readonly windFromDeg?: readonly number[] | undefined;
  readonly issuedMs: number;
  readonly source: WeatherSource;
}

/** null where nobody told one. */
export async function placeWeather(
  weather: Weather,
  place: Place,
  nowMs: number,
): Promise<PlaceWeather | null> {
  const { forecast, issuedMs, source } = await weather.forecastFor(place, nowMs);
  if (!forecast) return null;
  const startMs = msOf(forecast.start, place.tz);
  const { central } = ensembleOf(forecast, { startMs, issuedMs, seed: 0 });
  return { line: central, startMs, windFromDeg: forecast.windFromDeg, issuedMs, source };
}
