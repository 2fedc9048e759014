/**
 * The built-in weather service: a simulated stand-in, pure and seeded by place and issue time. One hidden truth runs
 * on for ever from the place alone; a forecast knows of it what its lead time allows, as one line or as fifty
 * futures that the truth cannot be told from. No request leaves the machine.
 */
import type { Forecast, ForecastMember } from '@/model/forecast';
import { rmsRhPct, rmsTempK, rmsWindMs } from '@/core/air/dress';
import { rhPctOfDew } from '@/core/air/moist';
import { sunElevationDeg } from '@/core/air/sun';
import { normalTail } from '@/core/numerics/stats';
import { DAY, HOUR } from '@/core/time/instant';
import { climateAt, CLIMATE_CARDS, type Climate, type ClimateCard } from './climates';
import { hiddenNoise, type HiddenNoise, type Known } from './hidden-noise';

/** A forecast is issued every six hours and starts a day earlier, with the hours already gone as they were. */
export const ISSUE_EVERY_H = 6;
export const PAST_H = 24;
export const AHEAD_H = 240;
export const MEMBERS = 50;

export interface Spot {
  readonly lat: number;
  readonly lon: number;
}

/** Chosen so that the stand-in's weeks hold both good days and bad ones; any number gives a climate. */
const SALT = 'pellucid-weather-1';

const clamp = (x: number, lo: number, hi: number): number => Math.min(hi, Math.max(lo, x));

/** What is hidden of one place. */
interface Hidden {
  readonly temp: HiddenNoise;
  readonly dew: HiddenNoise;
  readonly wind: HiddenNoise;
  readonly cloud: HiddenNoise;
  readonly rain: HiddenNoise;
  /** What no forecast tells: the next hours at this very place. */
  readonly local: { readonly temp: HiddenNoise; readonly dew: HiddenNoise; readonly wind: HiddenNoise };
}
const never = (): number => 1;
const slowly = (leadH: number): number => 0.35 + (0.65 * Math.min(Math.max(leadH, 0), 132)) / 132;

function hiddenAt(key: string): Hidden {
  const of = (name: string): string => `${SALT} ${key} ${name}`;
  return {
    temp: hiddenNoise(of('t'), 60, rmsTempK),
    dew: hiddenNoise(of('d'), 48, rmsRhPct),
    wind: hiddenNoise(of('w'), 40, rmsWindMs),
    cloud: hiddenNoise(of('c'), 30, slowly),
    rain: hiddenNoise(of('r'), 11, slowly),
    local: {
      temp: hiddenNoise(of('lt'), 5, never),
      dew: hiddenNoise(of('ld'), 5, never),
      wind: hiddenNoise(of('lw'), 4, never),
    },
  };
}

/** Spread of the temperature, of the dew point's gap and of the logarithm of the wind. */
const TEMP_SD_K = 3.5;
const DEW_SD_K = 2.8;
const WIND_SD = 0.55;
const CLOUD_SD = 0.32;
const LOCAL_TEMP_K = 0.5;
const LOCAL_DEW_K = 0.7;
const LOCAL_WIND = 0.24;
/** It rains where the latent wetness is above this, and by so much more the wetter. */
const RAIN_ABOVE = 1.35;
const MM_PER_WETNESS = 2.2;
const CLOUD_WETS = 1.6;

interface Asked {
  readonly spot: Spot;
  readonly card: ClimateCard;
  readonly hidden: Hidden;
  /** Whether the sun is up, by epoch hour: the same for every future. */
  readonly up: Map<number, boolean>;
}

function isUpAt({ spot, up }: Asked, hour: number): boolean {
  const known = up.get(hour);
  if (known !== undefined) return known;
  const isUp = sunElevationDeg(hour * HOUR, spot.lat, spot.lon) > 0;
  up.set(hour, isUp);
  return isUp;
}

/** Weather at one hour, epoch hours, to one who knows all or to a forecast. */
function weatherAt(asked: Asked, hour: number, known?: Known) {
  const { spot, card, hidden } = asked;
  const ms = hour * HOUR;
  const yearDay = (ms / DAY) % 365.2425;
  const season = Math.cos(((yearDay - 200) / 365.2425) * 2 * Math.PI) * Math.sign(spot.lat || 1);
  const sunHour = (((ms / HOUR + spot.lon / 15) % 24) + 24) % 24;
  const day = Math.cos(((sunHour - 15) / 24) * 2 * Math.PI);
  const overcast = hidden.cloud.at(hour, known);
  const cloudFrac = clamp(card.cloudFrac + CLOUD_SD * overcast, 0, 1);
  const mean = card.meanC + card.seasonK * season;
  const isUp = day < 0 || isUpAt(asked, hour);
  const swing = card.swingK * (1 - 0.45 * cloudFrac) * (isUp ? 1 : 0.9);
  const off = TEMP_SD_K * hidden.temp.at(hour, known) + LOCAL_TEMP_K * hidden.local.temp.at(hour, known);
  const airTempC = mean + swing * day + off;
  const gap =
    card.drynessK -
    2.2 * (cloudFrac - 0.4) +
    DEW_SD_K * hidden.dew.at(hour, known) +
    LOCAL_DEW_K * hidden.local.dew.at(hour, known);
  const dewC = Math.min(mean + 0.75 * off - Math.max(gap, 0.5) + 0.4 * day, airTempC - 0.2);
  const log = WIND_SD * hidden.wind.at(hour, known) + LOCAL_WIND * hidden.local.wind.at(hour, known);
  const usual = card.windMs * (1 + 0.3 * day) + 1;
  const windMs = clamp(usual * Math.exp(log - (WIND_SD ** 2 + LOCAL_WIND ** 2) / 2) - 1, 0.2, 30);
  const wetness =
    hidden.rain.at(hour, known) + CLOUD_WETS * (card.cloudFrac + CLOUD_SD * overcast - 0.5) + card.wet;
  return { airTempC, dewC, windMs, wetness, cloudFrac, usual, log };
}

/** Epoch hours at which a forecast for now was issued. */
export function issuedAt(nowMs: number): number {
  return Math.floor(nowMs / (ISSUE_EVERY_H * HOUR)) * ISSUE_EVERY_H * HOUR;
}

const round = (x: number, d: 0 | 1 | 2): number => {
  const by = 10 ** d;
  return Math.round(x * by) / by;
};

function push(out: ForecastMember, w: ReturnType<typeof weatherAt>, rainMm: number): void {
  out.airTempC.push(round(w.airTempC, 1));
  out.rhPct.push(round(Math.max(rhPctOfDew(w.airTempC, w.dewC), 8), 0));
  out.windMs.push(round(w.windMs, 1));
  out.gustMs.push(round(w.windMs * 1.45 + 0.6, 1));
  out.rainMm.push(round(rainMm, 1));
  out.cloudFrac.push(round(w.cloudFrac, 2));
}

const blank = (): ForecastMember => ({
  airTempC: [],
  rhPct: [],
  windMs: [],
  gustMs: [],
  rainMm: [],
  cloudFrac: [],
});

const fallen = (wetness: number): number =>
  wetness > RAIN_ABOVE ? clamp((wetness - RAIN_ABOVE) * MM_PER_WETNESS, 0.2, 12) : 0;

/** A line says rain where it is more likely than this. */
const SAID_FROM = 0.4;

/** The expected weather; rain where it is likely. */
function lineOf(asked: Asked, issuedH: number): ForecastMember {
  const out = blank();
  const known: Known = { issuedH, future: null };
  const { rain, cloud, wind } = asked.hidden;
  for (let hour = issuedH - PAST_H; hour < issuedH + AHEAD_H; hour++) {
    const lead = hour - issuedH;
    if (lead <= 0) {
      const w = weatherAt(asked, hour);
      push(out, w, fallen(w.wetness));
      continue;
    }
    const w = weatherAt(asked, hour, known);
    const open = Math.sqrt(rain.openAt(lead) + (CLOUD_WETS * CLOUD_SD) ** 2 * cloud.openAt(lead));
    const chance = normalTail((RAIN_ABOVE - w.wetness) / open);
    // What is not known of the wind's logarithm raises its mean.
    const mean = w.usual * Math.exp(w.log - (WIND_SD ** 2 * (1 - wind.openAt(lead))) / 2) - 1;
    push(
      out,
      { ...w, windMs: clamp(mean, 0.2, 30) },
      chance > SAID_FROM ? Math.max(0.4, fallen(w.wetness)) : 0,
    );
  }
  return out;
}

function memberOf(asked: Asked, issuedH: number, future: string | null): ForecastMember {
  const out = blank();
  const known = future === null ? undefined : { issuedH, future };
  for (let hour = issuedH - PAST_H; hour < issuedH + AHEAD_H; hour++) {
    const w = weatherAt(asked, hour, hour > issuedH ? known : undefined);
    push(out, w, fallen(w.wetness));
  }
  return out;
}

const spotKey = (spot: Spot): string => `${spot.lat.toFixed(2)} ${spot.lon.toFixed(2)}`;

function askedAt(spot: Spot, climate: Climate = climateAt(spot.lat)): Asked {
  return { spot, card: CLIMATE_CARDS[climate], hidden: hiddenAt(spotKey(spot)), up: new Map() };
}

const forecast = (issuedH: number, members: ForecastMember[]): Forecast => ({
  start: new Date((issuedH - PAST_H) * HOUR).toISOString().replace('.000', ''),
  stepMin: 60,
  members,
});

/** Issues already made, by place and time: asking again gives the same object. The oldest go first. */
const issues = new Map<string, Forecast>();
const MOST_ISSUES = 12;

/** The newest forecast for a place: 24 h as they were, 240 h ahead, hourly, one line. */
export function simulatedForecast(spot: Spot, nowMs: number): { forecast: Forecast; issuedMs: number } {
  const issuedMs = issuedAt(nowMs);
  const name = `${spotKey(spot)} ${issuedMs}`;
  const known = issues.get(name);
  if (known) return { forecast: known, issuedMs };
  const issuedH = issuedMs / HOUR;
  const made = forecast(issuedH, [lineOf(askedAt(spot), issuedH)]);
  const oldest = issues.keys().next().value;
  if (issues.size >= MOST_ISSUES && oldest !== undefined) issues.delete(oldest);
  issues.set(name, made);
  return { forecast: made, issuedMs };
}

/** One of the stand-in's worlds at an issue time: its line, its fifty futures, and what then came. */
export function simulatedWorld(spot: Spot, climate: Climate, issuedMs: number) {
  const asked = askedAt(spot, climate);
  const issuedH = issuedMs / HOUR;
  return {
    line: (): ForecastMember => lineOf(asked, issuedH),
    members: (): ForecastMember[] =>
      Array.from({ length: MEMBERS }, (_, m) => memberOf(asked, issuedH, String(m))),
    truth: (): ForecastMember => memberOf(asked, issuedH, null),
  };
}
