/** Weather as people have it: a few figures a day, typed in from any forecast, or a file; kept with when it was told. */
import * as z from 'zod';
import { forecastSchema, type Forecast } from './forecast';
import { clockSchema } from './iso';
import { MOST_DAYS } from './limits';
import { SKIES } from './lists';

export type Sky = (typeof SKIES)[number];

const chancePct = z.number().min(0).max(100).optional().describe('left out: 50 for showers, 80 for a spell');

/** What a forecast tells of one day. */
export const dayEntrySchema = z.strictObject({
  date: z.iso.date('a date like 2026-05-16'),
  lowC: z.number().min(-60).max(50).describe('of the early morning'),
  highC: z.number().min(-60).max(60).describe('of the afternoon'),
  rhPct: z.number().min(2).max(100).optional().describe('of the day as a whole'),
  dewC: z.number().min(-60).max(40).optional().describe('left out, with no humidity: reckoned from the low'),
  windMs: z.number().min(0).max(60).describe('by day, at 10 m, m/s'),
  gustMs: z.number().min(0).max(90).optional().describe('left out: half as much again as the wind'),
  sky: z.enum(SKIES),
  rain: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('none') }),
    z.strictObject({ kind: z.literal('showers'), chancePct }),
    z.strictObject({ kind: z.literal('spell'), from: clockSchema, to: clockSchema, chancePct }),
  ]),
});
export type DayEntry = z.infer<typeof dayEntrySchema>;
export const daysSchema = z.array(dayEntrySchema).min(1).max(MOST_DAYS);

/** Where a kept forecast is from. */
export const toldSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('days'), days: daysSchema }),
  z.strictObject({
    kind: z.literal('file'),
    name: z.string().max(120),
    forecast: forecastSchema,
    bridgedH: z.number().int().min(0).max(400).describe('hours that were missing and are bridged'),
  }),
]);
export type Told = z.infer<typeof toldSchema>;

export interface Spot {
  readonly lat: number;
  readonly lon: number;
  readonly tz: string;
}
/** What was read from a file. */
export interface FileWeather {
  readonly forecast: Forecast;
  /** Hours that were missing and are bridged. */
  readonly bridgedH: number;
  /** Where a long hole ends it; null where it runs on to the end of the file. */
  readonly openFromMs: number | null;
}
/** One forecast as it was told, for where and when. */
export interface KeptWeather extends Spot {
  readonly id: string;
  readonly issuedMs: number;
  readonly told: Told;
}

type Faults = { path: string; expected: string }[];

function dayFaults(day: DayEntry, at: string): Faults {
  const faults: Faults = [];
  const fault = (field: string, expected: string): number =>
    faults.push({ path: `${at}.${field}`, expected });
  if (day.lowC > day.highC) fault('lowC', `at most the high, ${day.highC} °C (got ${day.lowC})`);
  if (day.gustMs !== undefined && day.gustMs < day.windMs)
    fault('gustMs', `at least the wind, ${day.windMs} m/s (got ${day.gustMs})`);
  if (day.rhPct !== undefined && day.dewC !== undefined)
    fault('dewC', 'humidity or dew point, one of the two; take the other out');
  if (day.dewC !== undefined && day.dewC > day.highC)
    fault('dewC', `at most the high, ${day.highC} °C (got ${day.dewC})`);
  if (day.rain.kind === 'spell' && !(day.rain.from < day.rain.to))
    fault('rain.to', `after ${day.rain.from}; rain over midnight is two days' (got ${day.rain.to})`);
  return faults;
}

const DAY_MS = 86_400_000;

/** What single fields cannot show: lows over highs, days out of order. */
export function daysFaults(days: readonly DayEntry[]): Faults {
  const order = days.flatMap((day, i): Faults => {
    const before = days[i - 1];
    if (!before || Date.parse(day.date) - Date.parse(before.date) === DAY_MS) return [];
    return [{ path: `days[${i}].date`, expected: `the day after ${before.date} (got ${day.date})` }];
  });
  return [...days.flatMap((d, i) => dayFaults(d, `days[${i}]`)), ...order];
}
