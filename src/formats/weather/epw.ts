/**
 * EPW, the hourly weather format of building simulation: eight head lines, then one line an hour of a typical year in
 * local standard time. Field positions by the format's public description (EnergyPlus Auxiliary Programs, “Weather
 * Data Format Definition”): dry bulb N1 in field 7, dew point 8, relative humidity 9, wind direction 21, wind speed 22,
 * total sky cover in tenths 23, liquid precipitation in mm 34. Hour 1 is the hour that ends at 01:00.
 */
import Papa from 'papaparse';
import { HOUR } from '@/core/time/instant';
import type { FileWeather } from '@/model/weather';
import { told, type Fault, type Parsed } from '../faults';
import { RANGE, type Quantity } from './columns';
import { forecastOfReadings, type Reading, type SeriesAt } from './series';

const HEAD_LINES = 8;
const YEAR_HOURS = [8760, 8784] as const;

/** Field, counted from one, what stands for “missing”, and what makes it ours. */
const FIELDS: Readonly<
  Record<'temp' | 'dew' | 'rh' | 'from' | 'wind' | 'cloud' | 'rain', readonly [number, number, number]>
> = {
  temp: [7, 99.9, 1],
  dew: [8, 99.9, 1],
  rh: [9, 999, 1],
  from: [21, 999, 1],
  wind: [22, 999, 1],
  cloud: [23, 99, 0.1],
  rain: [34, 999, 1],
};
const NAMES: Readonly<Record<keyof typeof FIELDS, string>> = {
  temp: 'dry bulb',
  dew: 'dew point',
  rh: 'relative humidity',
  from: 'wind direction',
  wind: 'wind speed',
  cloud: 'total sky cover',
  rain: 'liquid precipitation',
};

export const isEpw = (text: string): boolean => /^\uFEFF?LOCATION,/i.test(text);

interface Head {
  readonly place: string;
  readonly offsetH: number;
}
function headOf(rows: readonly string[][]): Parsed<Head> {
  const location = rows[0] ?? [];
  const offsetH = Number(location[8]);
  if (!/^LOCATION$/i.test(location[0] ?? '') || location.length < 10 || location[8]?.trim() === '')
    return bad('line 1', 'LOCATION with city, country, latitude, longitude, zone and elevation, ten fields');
  if (!(offsetH >= -12 && offsetH <= 14))
    return bad('line 1, field 9', `a zone from −12 to 14 hours (got ${(location[8] ?? '').slice(0, 20)})`);
  return { ok: true, value: { place: location[1] ?? '', offsetH } };
}
const bad = (path: string, expected: string): { ok: false; faults: Fault[] } => ({
  ok: false,
  faults: [{ path, expected }],
});

/** Months and days of a typical year, in the year of now; what lies behind now by more than half a year is next year's. */
function instantOf(row: readonly string[], { offsetH }: Head, nowMs: number): number | null {
  const [month, day, hour] = [Number(row[1]), Number(row[2]), Number(row[3])];
  const inRange = month >= 1 && month <= 12 && day >= 1 && day <= 31 && hour >= 1 && hour <= 24;
  if (!inRange || ![month, day, hour].every(Number.isInteger)) return null;
  const year = new Date(nowMs).getUTCFullYear();
  const HALF_YEAR = 183 * 24 * HOUR;
  const at = (y: number): number => Date.UTC(y, month - 1, day, hour - 1) - offsetH * HOUR;
  const [before, same, after] = [at(year - 1), at(year), at(year + 1)];
  return [same, after, before].find((ms) => Math.abs(ms - nowMs) <= HALF_YEAR) ?? same;
}

function readingOf(row: readonly string[], line: number, head: Head, nowMs: number): Reading | Fault[] {
  const faults: Fault[] = [];
  const ms = instantOf(row, head, nowMs);
  if (ms === null) {
    const got = row.slice(1, 4).join(', ').slice(0, 40);
    faults.push({ path: `line ${line}, fields 2–4`, expected: `month, day and hour 1 to 24 (got ${got})` });
  }
  const of: Reading['of'] = {};
  for (const [q, [field, missing, per]] of Object.entries(FIELDS) as [
    keyof typeof FIELDS,
    [number, number, number],
  ][]) {
    const cell = (row[field - 1] ?? '').trim();
    const figure = Number(cell);
    if (cell === '' || figure >= missing) {
      of[q] = null;
      continue;
    }
    const [least, most] = RANGE[q satisfies Quantity];
    const kept = figure * per;
    if (Number.isFinite(figure) && kept >= least && kept <= most + (q === 'rh' ? 10 : 0))
      of[q] = Math.min(kept, most);
    else
      faults.push({
        path: `line ${line}, field ${field} (${NAMES[q]})`,
        expected: `a figure from ${least / per} to ${most / per} (got ${cell.slice(0, 20)})`,
      });
  }
  return faults.length > 0 ? faults : { ms: ms!, line, of };
}

/** The days around now of a typical year. */
export function parseEpw(text: string, at: SeriesAt): Parsed<FileWeather & { readonly place: string }> {
  const rows = Papa.parse<string[]>(text.replace(/^\uFEFF/, '')).data;
  const head = headOf(rows);
  if (!head.ok) return head;
  const body = rows.slice(HEAD_LINES).filter((r) => r.length > 1);
  if (!YEAR_HOURS.some((h) => h === body.length))
    return bad('(the whole)', `8760 hours after eight head lines (got ${body.length})`);
  const faults: Fault[] = [];
  const readings: Reading[] = [];
  body.forEach((row, i) => {
    const read = readingOf(row, HEAD_LINES + 1 + i, head.value, at.nowMs);
    if (Array.isArray(read)) faults.push(...read);
    else readings.push(read);
  });
  if (faults.length > 0) return { ok: false, faults: told(faults) };
  readings.sort((a, b) => a.ms - b.ms);
  const made = forecastOfReadings(readings, at);
  return made.ok ? { ok: true, value: { ...made.value, place: head.value.place } } : made;
}
