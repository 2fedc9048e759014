/** What was read while a job was sprayed, beside what the forecast that held then told for its place as it is usual. */
import { asUsual, besideOf, readingsApart } from '@/core/sheltering';
import { placeHours } from '@/core/place-air';
import { remember } from '@/core/records/remember';
import { coatsOn } from '@/core/time/coats-on';
import { DAY, HOUR } from '@/core/time/instant';
import type { Beside } from '@/model/beside';
import { isClosed } from '@/model/job';
import type { Place } from '@/model/place';
import type { Reading } from '@/model/reading';
import { placeWeather } from './place-weather';
import type { Planning } from './plans';
import type { StoredJob, Weather } from './ports';

/** Readings from before the first coat are of use as well. */
const BEFORE_MS = 6 * HOUR;
/** Days of readings that are looked through at one asking. */
const MOST_DAYS = 12;

/** Of the days on which it was sprayed, each once. */
function readingsOf(stored: StoredJob, planning: Planning, nowMs: number): Reading[] {
  const endsMs = coatsOn(stored.job).map((c) => c.endedMs);
  const fromMs = Math.min(...endsMs) - BEFORE_MS;
  const days = [...new Set(endsMs.map((ms) => Math.min(nowMs, Math.floor(ms / DAY + 1) * DAY)))];
  const all = days.slice(-MOST_DAYS).flatMap((ms) => planning.readingsFor(stored, ms).here);
  const mine = all.filter((r) => r.ms >= fromMs && r.ms <= nowMs);
  return [...new Map(mine.map((r) => [r.ms, r])).values()];
}

/** What is worked out for a page is there for the next: a forecast that held then holds for good. */
const made = new WeakMap<Weather, Map<string, Beside>>();
const MOST_MADE = 600;

async function pairOf(reading: Reading, place: Place, weather: Weather): Promise<Beside | null> {
  const told = await placeWeather(weather, place, reading.ms);
  return told && besideOf(reading, placeHours({ place, ...told }));
}

/** Empty before a coat is on, without readings, where nobody told the weather then, and of a closed job, whose record has it. */
export async function besideFor(stored: StoredJob, planning: Planning, nowMs: number): Promise<Beside[]> {
  if (coatsOn(stored.job).length === 0 || isClosed(stored.job)) return [];
  const place = asUsual(stored.job.place);
  const { weather } = planning;
  const known = made.get(weather) ?? new Map<string, Beside>();
  made.set(weather, known);
  const out: Beside[] = [];
  for (const reading of readingsApart(readingsOf(stored, planning, nowMs))) {
    const key = JSON.stringify([place, reading]);
    const pair = known.get(key) ?? (await pairOf(reading, place, weather));
    if (pair) out.push(remember(known, key, MOST_MADE, () => pair));
  }
  return out;
}
