/** The forecast as it was told beside what the place makes of it, hour by hour. */
import { round1 } from '@/core/numerics/round';
import type { AirView } from '@/core/air/view';
import { HOUR, isoOf, msOf } from '@/core/time/instant';
import type { Forecast, ForecastMember } from '@/model/forecast';
import type { Format } from '@/words/format';

export const COMPARED = ['temp', 'rh', 'wind'] as const;
export type Compared = (typeof COMPARED)[number];
export const COMPARED_NAMES: Readonly<Record<Compared, string>> = {
  temp: 'temperature',
  rh: 'humidity',
  wind: 'wind',
};

/** One hour: outside as it was told, and at the part. °C, 0…1 or m/s. */
export interface ComparedHour {
  readonly ms: number;
  readonly label: string;
  readonly out: number;
  readonly here: number;
}

const SERIES: Readonly<Record<Compared, keyof ForecastMember>> = {
  temp: 'airTempC',
  rh: 'rhPct',
  wind: 'windMs',
};

interface Told {
  readonly forecast: Forecast;
  readonly air: AirView;
  readonly tz: string;
  readonly fromMs: number;
}

/** Mean of the members: of one line the line itself. */
function outAt({ members }: Forecast, key: keyof ForecastMember, i: number): number {
  return members.reduce((sum, m) => sum + m[key][i]!, 0) / members.length;
}

/** @param hours how many from the hour of now on; fewer where the forecast ends */
export function comparedHours(
  { forecast, air, tz, fromMs }: Told,
  what: Compared,
  hours: number,
  f: Format,
): ComparedHour[] {
  const startMs = msOf(forecast.start, tz);
  const here = { temp: air.panelC.mid, rh: air.rhFrac.mid, wind: air.windMs.mid }[what];
  const out: ComparedHour[] = [];
  for (let k = 0; k < here.length && out.length < hours; k++) {
    const ms = air.startMs + k * air.stepMs;
    const i = Math.round((ms - startMs) / HOUR);
    if (ms < fromMs || i >= forecast.members[0]!.airTempC.length) continue;
    const told = outAt(forecast, SERIES[what], i);
    out.push({ ms, label: f.dayTime(isoOf(ms, tz)), out: what === 'rh' ? told / 100 : told, here: here[k]! });
  }
  return out;
}

export function comparedSaid(what: Compared, value: number, f: Format): string {
  if (what === 'temp') return f.temp(round1(value));
  return what === 'rh' ? f.pct(value) : f.speed(value);
}
