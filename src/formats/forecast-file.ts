/** The agreed hourly JSON, from outside to the one Forecast shape. */
import { forecastFaults, humidityFaults, forecastSchema, type Forecast } from '@/model/forecast';
import { msOf } from '@/core/time/instant';
import { faultsOf, type Parsed } from './faults';

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
