/**
 * The built-in weather service: a simulated stand-in, pure and seeded by place and issue time. A
 * truth runs on for ever from the place alone; a forecast is the truth with an error that grows
 * with lead time and is drawn anew at each issue. No request leaves the machine.
 */
import type { Forecast, ForecastMember } from '@/model/forecast';
import { dewPointC, satPressurePa } from '@/core/air/moist';
import { rmsTempK, rmsWindMs } from '@/core/air/ensemble';
import { sunElevationDeg } from '@/core/air/sun';
import { normals, seedOf } from '@/core/numerics/random';
import { DAY, HOUR } from '@/core/time/instant';

/** A forecast is issued every six hours and starts a day earlier, with the hours already gone as they were. */
export const ISSUE_EVERY_H = 6;
export const PAST_H = 24;
export const AHEAD_H = 240;

interface Spot {
  readonly lat: number;
  readonly lon: number;
}

/** Chosen so that the stand-in's weeks hold both good days and bad ones; any number gives a climate. */
const SALT = 'pellucid-weather-1';

/** Smooth noise of about unit variance, one knot every `periodH` hours, keyed by text. */
function noise(key: string, hour: number, periodH: number): number {
  const x = hour / periodH;
  const i = Math.floor(x);
  const f = x - i;
  const at = (k: number): number => normals(seedOf(`${SALT} ${key} ${k}`))();
  const s = f * f * (3 - 2 * f);
  return at(i) * (1 - s) + at(i + 1) * s;
}

const clamp = (x: number, lo: number, hi: number): number => Math.min(hi, Math.max(lo, x));

/** Weather as it is at one hour, epoch hours since 1970. */
function truth(
  spot: Spot,
  key: string,
  hour: number,
): { airTempC: number; rhPct: number; windMs: number; gustMs: number; rainMm: number; cloudFrac: number } {
  const ms = hour * HOUR;
  const yearDay = (ms / DAY) % 365.2425;
  const season = Math.cos(((yearDay - 200) / 365.2425) * 2 * Math.PI) * Math.sign(spot.lat || 1);
  const sunHour = (((ms / HOUR + spot.lon / 15) % 24) + 24) % 24;
  const cloud = clamp(0.42 + 0.32 * noise(`${key} c`, hour, 30) + 0.12 * noise(`${key} c2`, hour, 7), 0, 1);
  const day = Math.cos(((sunHour - 15) / 24) * 2 * Math.PI);
  const mean = 25.6 - 0.32 * Math.abs(spot.lat) + (2 + 0.11 * Math.abs(spot.lat)) * season;
  const swing = (5.6 - 2.6 * cloud) * (sunElevationDeg(ms, spot.lat, spot.lon) > 0 || day < 0 ? 1 : 0.9);
  const airTempC = mean + swing * day + 2.2 * noise(`${key} t`, hour, 80) + 0.5 * noise(`${key} t2`, hour, 9);
  const dewC = Math.min(
    airTempC - 0.3 - (day > 0 ? 2.5 * day * (1 - cloud) : 0),
    mean - 5 + 1.7 * noise(`${key} d`, hour, 60) + 2.2 * (cloud - 0.4) + 0.4 * day,
  );
  const rhPct = clamp((100 * satPressurePa(dewC)) / satPressurePa(airTempC), 12, 100);
  const windMs = clamp(
    2.9 + 1.1 * day + 1.5 * noise(`${key} w`, hour, 34) + 0.4 * noise(`${key} w2`, hour, 5),
    0.2,
    30,
  );
  const wet = noise(`${key} r`, hour, 11) + 1.6 * (cloud - 0.5);
  return {
    airTempC,
    rhPct,
    windMs,
    gustMs: windMs * 1.45 + 0.6,
    rainMm: wet > 1.05 ? clamp((wet - 1.05) * 2.2, 0.2, 12) : 0,
    cloudFrac: cloud,
  };
}

const spotKey = (spot: Spot): string => `${spot.lat.toFixed(2)} ${spot.lon.toFixed(2)}`;

/** Issue time of the newest forecast at an instant, ms. */
export function issuedAt(nowMs: number): number {
  return Math.floor(nowMs / (ISSUE_EVERY_H * HOUR)) * ISSUE_EVERY_H * HOUR;
}

/** Issues already made, by place and time: asking again gives the same object. The oldest go first. */
const issues = new Map<string, Forecast>();
const MOST_ISSUES = 12;

/** The newest forecast for a place: 24 h as they were, 240 h ahead, hourly, one line. */
export function simulatedForecast(spot: Spot, nowMs: number): { forecast: Forecast; issuedMs: number } {
  const issuedMs = issuedAt(nowMs);
  const name = `${spotKey(spot)} ${issuedMs}`;
  const known = issues.get(name);
  if (known) return { forecast: known, issuedMs };
  const forecast = issue(spot, issuedMs);
  const oldest = issues.keys().next().value;
  if (issues.size >= MOST_ISSUES && oldest !== undefined) issues.delete(oldest);
  issues.set(name, forecast);
  return { forecast, issuedMs };
}

function issue(spot: Spot, issuedMs: number): Forecast {
  const key = spotKey(spot);
  const first = issuedMs / HOUR - PAST_H;
  const draw = normals(seedOf(`${SALT} ${key} issue ${issuedMs}`));
  const out: ForecastMember = { airTempC: [], rhPct: [], windMs: [], gustMs: [], rainMm: [], cloudFrac: [] };
  let zt = draw();
  let zw = draw();
  const fade = Math.exp(-1 / 24);
  const kick = Math.sqrt(1 - fade * fade);
  const round = (x: number, d: number): number => Number(x.toFixed(d));
  for (let i = 0; i < PAST_H + AHEAD_H; i++) {
    const lead = i - PAST_H;
    const member = truth(spot, key, first + i);
    zt = fade * zt + kick * draw();
    zw = fade * zw + kick * draw();
    // The stand-in's line errs with half the spread that the ensemble allows for.
    const known = lead > 0 ? 0.5 : 0;
    const airTempC = member.airTempC + known * rmsTempK(lead) * zt;
    const dewC = Math.min(dewPointC(member.airTempC, member.rhPct / 100), airTempC - 0.1);
    const windMs = Math.max(0.2, member.windMs + known * rmsWindMs(lead) * zw);
    out.airTempC.push(round(airTempC, 1));
    out.rhPct.push(round(clamp((100 * satPressurePa(dewC)) / satPressurePa(airTempC), 10, 100), 0));
    out.windMs.push(round(windMs, 1));
    out.gustMs.push(round(windMs * 1.45 + 0.6, 1));
    out.rainMm.push(round(member.rainMm, 1));
    out.cloudFrac.push(round(member.cloudFrac, 2));
  }
  return { start: new Date(first * HOUR).toISOString().replace('.000', ''), stepMin: 60, members: [out] };
}
