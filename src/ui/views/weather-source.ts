/** Where the weather of a plan is from, in plain sight. */
import { HOUR, isoOf } from '@/core/time/instant';
import type { FileWeather } from '@/model/weather';
import type { WeatherSource } from '@/usecases/ports';
import type { Format } from '@/words/format';

export interface SourceSaid {
  /** For the line of the section. */
  readonly note: string;
  readonly text: string;
  /** Not to be planned on, or about to run out. */
  readonly isBad: boolean;
}

/** Hours that were missing in a file; nothing where there were none. */
const bridgedSaid = (hours: number): string =>
  hours > 0 ? ` ${hours} h that were missing are bridged.` : '';

/** What came of a file that was taken. */
export function keptSaid(
  { bridgedH, openFromMs }: Pick<FileWeather, 'bridgedH' | 'openFromMs'>,
  tz: string,
  f: Format,
): string {
  const open =
    openFromMs === null
      ? ''
      : ` A hole of more than three hours ends it at ${f.dayTime(isoOf(openFromMs, tz))}.`;
  return `Kept. The plan follows it.${bridgedSaid(bridgedH)}${open}`;
}

/** What the record of earlier forecasts says, and what the plan makes of it. */
export function learnedSaid(weather: WeatherSource, f: Format): string | null {
  if (weather.kind !== 'days' || !weather.learned) return null;
  const { days, tempScale, windScale, highBiasK } = weather.learned;
  const times = (x: number): string => `${x.toFixed(1)} times`;
  const off =
    Math.abs(highBiasK) < 0.3
      ? 'on the mark on average'
      : `${f.gap(Math.abs(highBiasK))} too ${highBiasK > 0 ? 'high' : 'low'} on average`;
  return `Against ${days} ${days === 1 ? 'day' : 'days'} that came: the highs were told ${off}. The plan allows for ${times(tempScale)} the usual error in temperature and ${times(windScale)} in wind.`;
}

/** A forecast older than this is asked after, ms: another day's knows better. */
const OLD_MS = 30 * HOUR;

interface Told {
  readonly weather: WeatherSource;
  readonly issuedMs: number;
}

export function sourceSaid(
  { weather, issuedMs }: Told,
  at: { nowMs: number; tz: string },
  f: Format,
): SourceSaid {
  switch (weather.kind) {
    case 'none':
      return {
        note: 'none yet',
        text: 'There is no forecast for this place. Type in what any forecast tells: low, high, wind, sky, rain.',
        isBad: true,
      };
    case 'standin':
      return {
        note: 'invented, for the demo',
        text: 'This weather is invented: it comes from the built-in stand-in of the demo. For real work type in a real forecast.',
        isBad: false,
      };
    case 'days':
    case 'file': {
      const when = f.dayTime(isoOf(issuedMs, at.tz));
      const until = f.dayTime(isoOf(weather.untilMs, at.tz));
      const isOld = at.nowMs - issuedMs > OLD_MS;
      const from = weather.kind === 'days' ? 'Typed in' : `From ${weather.name ?? 'a file'}, brought in`;
      const stale = isOld ? ' It is more than a day old: a newer one is surer.' : '';
      return {
        note: `as of ${when}`,
        text: `${from} ${when}; it reaches to ${until}.${bridgedSaid(weather.bridgedH)}${stale}`,
        isBad: isOld,
      };
    }
  }
}
