/** Forecasts from outside: the hourly JSON and the hourly CSV, both to the one Forecast shape. */
import Papa from 'papaparse';
import {
  forecastFaults,
  humidityFaults,
  forecastSchema,
  SERIES,
  type Forecast,
  type ForecastMember,
} from '@/model/forecast';
import { HOUR, msOf } from '@/core/time/instant';
import { faultsOf, told, type Fault, type Parsed } from './faults';

export function parseForecast(raw: unknown): Parsed<Forecast> {
  const parsed = forecastSchema.safeParse(raw);
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.error, raw) };
  const faults = [...forecastFaults(parsed.data), ...humidityFaults(parsed.data)];
  try {
    msOf(parsed.data.start, 'UTC');
  } catch {
    faults.push({ path: 'start', expected: `a time that exists (got ${parsed.data.start})` });
  }
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: parsed.data };
}

/**
 * CSV with a `time` column and the six series by name; rows hourly and in order. Times without an
 * offset are in the given zone.
 */
export function parseForecastCsv(text: string, tz: string): Parsed<Forecast> {
  const csv = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, '').trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (h) => h.trim(),
  });
  const columns = csv.meta.fields ?? [];
  const faults: Fault[] = ['time', ...SERIES]
    .filter((c) => !columns.includes(c))
    .map((c) => ({
      path: `column ${c}`,
      expected: `a column of that name (found ${columns.join(', ') || 'none'})`,
    }));
  if (faults.length > 0) return { ok: false, faults };
  const doubled = Object.values(csv.meta.renamedHeaders ?? {});
  if (doubled.length > 0)
    return {
      ok: false,
      faults: told(doubled.map((c) => ({ path: `column ${c}`, expected: 'a column named once' }))),
    };
  if (csv.data.length < 2)
    return { ok: false, faults: [{ path: '(the whole)', expected: 'at least two hourly rows' }] };
  const member: ForecastMember = {
    airTempC: [],
    rhPct: [],
    windMs: [],
    gustMs: [],
    rainMm: [],
    cloudFrac: [],
  };
  let last: number | null = null;
  csv.data.forEach((row, i) => {
    const path = (c: string): string => `row ${i + 2}, ${c}`;
    let ms: number | null = null;
    try {
      ms = msOf((row.time ?? '').trim(), tz);
    } catch {
      faults.push({ path: path('time'), expected: `a time like 2026-05-16T10:00 (got “${row.time ?? ''}”)` });
    }
    if (ms !== null && last !== null && ms - last !== HOUR)
      faults.push({ path: path('time'), expected: 'one hour after the row before' });
    last = ms ?? last;
    for (const c of SERIES) {
      const cell = (row[c] ?? '').trim();
      const x = Number(cell);
      if (cell === '' || !Number.isFinite(x))
        faults.push({ path: path(c), expected: `a number (got “${cell}”)` });
      member[c].push(x);
    }
  });
  if (faults.length > 0) return { ok: false, faults: told(faults) };
  return parseForecast({
    start: new Date(msOf(csv.data[0]!.time!.trim(), tz)).toISOString(),
    stepMin: 60,
    members: [member],
  });
}
