/**
 * A single-line forecast is dressed with error that grows with lead time and becomes fifty futures. Day-1 to day-7
 * RMS from memory: temperature 1.5 → 3.5 K, wind 1.5 → 2.5 m/s, humidity 8 → 15 points, rain timing hours → a day.
 * Rain can be born where the line has none, and can die; wind errs upward further than downward; errors last long
 * enough that each future keeps its daily course. A record of forecast against actual scales the spread.
 */
import type { Doubt, ForecastMember } from '@/model/forecast';
import { normals } from '../numerics/random';
import { logSd, normalTail } from '../numerics/stats';

export const DRESSED_MEMBERS = 50;

/** Straight between (0 h, now), (24 h, day 1) and (168 h, day 7); flat beyond. */
const grow =
  (now: number, day1: number, day7: number) =>
  (leadH: number): number => {
    if (leadH <= 0) return now;
    if (leadH < 24) return now + ((day1 - now) * leadH) / 24;
    return day1 + (day7 - day1) * Math.min(1, (leadH - 24) / 144);
  };

// ASSUMED: a forecast for the hours just ahead errs two thirds as much as tomorrow's; a record would settle it.
export const rmsTempK = grow(1, 1.5, 3.5);
export const rmsWindMs = grow(1, 1.5, 2.5);
export const rmsRhPct = grow(5, 8, 15);
export const rmsRainShiftH = grow(1, 3, 24);
/** What is left of the line's word about rain, 0…1. ASSUMED; the stand-in's worlds agree. */
const rainSkill = grow(0.88, 0.8, 0.25);

/** Hours over which errors fade (ASSUMED): weather that came early stays early; a shower is over sooner. */
const FADE_H = 40;
const RAIN_FADE_H = 4;
/** Share of hours in which it rains whatever a line says, under no cloud and under full (ASSUMED). */
const RAIN_BORN = [0.01, 0.2] as const;
/** Humidity and wind are shifted by this before they are multiplied, so that calm and dry stay so. */
const WIND_SHIFT_MS = 1;
/** The published errors of wind belong to about this much of it; more wind errs by more. */
const USUAL_WIND_MS = 3;

/** Ornstein–Uhlenbeck series of unit variance. */
function ou(draw: () => number, n: number, fadeH: number): Float64Array {
  const fade = Math.exp(-1 / fadeH);
  const kick = Math.sqrt(1 - fade * fade);
  const z = new Float64Array(n);
  let x = draw();
  for (let i = 0; i < n; i++) {
    z[i] = x;
    x = fade * x + kick * draw();
  }
  return z;
}

/** Where a forecast begins, when it was issued (lead zero), and the seed of what is drawn around it. */
export interface Issue {
  readonly startMs: number;
  readonly issuedMs: number;
  readonly seed: number;
}

/** What is told of rain, and how readily it rains of itself under that sky; by hour, 0…1. */
interface RainTold {
  readonly claim: readonly number[];
  readonly born: Float64Array;
  /** The claim is a chance already. */
  readonly isChance: boolean;
}

function rainTold(line: ForecastMember, chances: readonly number[] | undefined): RainTold {
  const [clear, overcast] = RAIN_BORN;
  return {
    claim: chances ?? line.rainMm.map((mm) => (mm > 0 ? 1 : 0)),
    born: Float64Array.from(line.cloudFrac, (cloud) => clear + (overcast - clear) * cloud * cloud),
    isChance: chances !== undefined,
  };
}

/** Chance of rain in an hour of one future, whose weather comes so much earlier or later, 0…1. */
function rainChance({ claim, born, isChance }: RainTold, i: number, lead: number, shift: number): number {
  const at = Math.round(i + shift * rmsRainShiftH(lead));
  const told = claim[Math.min(claim.length - 1, Math.max(0, at))]!;
  const skill = rainSkill(lead);
  // A chance that was told stands as it is; where none was, rain may still be born.
  return isChance ? Math.max(told, (1 - skill) * born[i]!) : skill * told + (1 - skill) * born[i]!;
}

/** Each quantity's error, as series of unit variance. */
interface Errors {
  readonly temp: Float64Array;
  readonly wind: Float64Array;
  readonly rh: Float64Array;
  readonly cloud: Float64Array;
  readonly rain: Float64Array;
  /** One each for the whole week: how much more vapour, how much later the rain, how much more of it. */
  readonly dew: number;
  readonly shift: number;
  readonly size: number;
}

function drawErrors(seed: number, n: number): Errors {
  const draw = normals(seed);
  const slow = (): Float64Array => ou(draw, n, FADE_H);
  const [temp, wind, rh, cloud] = [slow(), slow(), slow(), slow()];
  const rain = ou(draw, n, RAIN_FADE_H);
  return { temp, wind, rh, cloud, rain, dew: draw(), shift: draw(), size: Math.exp(0.4 * draw()) };
}

const blank = (n: number): number[] => new Array<number>(n).fill(0);

/**
 * A mean wind with an error in proportion to it, larger upward than downward, that keeps the mean, m/s.
 * @param rmsMs its size at the usual wind, m/s
 */
export function windWithError(windMs: number, rmsMs: number, z: number): number {
  const sd = logSd(rmsMs / (USUAL_WIND_MS + WIND_SHIFT_MS));
  const mean = windMs + WIND_SHIFT_MS;
  return Math.max(0.1, mean * Math.exp(sd * z - sd ** 2 / 2) - WIND_SHIFT_MS);
}

/** Relative change of humidity for a kelvin of dew point near 10 °C (identity: slope of ln of the pressure). */
const RH_PER_DEW_K = 0.067;
const SHOWER_MM = 0.5;

interface Around {
  readonly leads: Float64Array;
  readonly rain: RainTold;
  readonly doubt: Doubt | undefined;
}

function future(line: ForecastMember, e: Errors, { leads, rain, doubt }: Around): ForecastMember {
  const n = leads.length;
  const out: ForecastMember = {
    airTempC: blank(n),
    rhPct: blank(n),
    windMs: blank(n),
    gustMs: blank(n),
    rainMm: blank(n),
    cloudFrac: blank(n),
  };
  const { tempScale = 1, windScale = 1, rhScale = 1 } = doubt ?? {};
  for (let i = 0; i < n; i++) {
    const lead = leads[i]!;
    const known = lead < 0 ? 0 : 1;
    out.airTempC[i] = line.airTempC[i]! + known * tempScale * rmsTempK(lead) * e.temp[i]!;
    // A warmer error is a drier one: the two are tied at −0.6 (ASSUMED).
    const off = known * rhScale * rmsRhPct(lead) * (-0.6 * e.temp[i]! + 0.8 * e.rh[i]!);
    const dewy = Math.exp(known * RH_PER_DEW_K * (doubt?.dewSdK?.[i] ?? 0) * e.dew);
    out.rhPct[i] = Math.min(100, Math.max(8, line.rhPct[i]! * dewy + off));
    const was = line.windMs[i]!;
    const wind = known ? windWithError(was, windScale * rmsWindMs(lead), e.wind[i]!) : was;
    out.windMs[i] = wind;
    out.gustMs[i] = known ? Math.max(wind, line.gustMs[i]! * (wind / Math.max(was, 0.5))) : line.gustMs[i]!;
    const said = line.rainMm[i]!;
    const isWet = normalTail(e.rain[i]!) < rainChance(rain, i, lead, e.shift);
    const fallen = isWet ? Math.max(said, SHOWER_MM) * e.size : 0;
    out.rainMm[i] = known ? fallen : said;
    const cloud = known * 0.2 * e.cloud[i]! * Math.min(1, lead / 24 + 0.2);
    out.cloudFrac[i] = Math.min(1, Math.max(0, line.cloudFrac[i]! + cloud));
  }
  return out;
}

/**
 * Fifty futures around one line. `issuedMs` is lead zero: hours before it are as they were.
 * The draws depend on the seed alone, so the same forecast always gives the same futures.
 */
export function dress(
  line: ForecastMember,
  { startMs, issuedMs, seed }: Issue,
  doubt?: Doubt,
): ForecastMember[] {
  const n = line.airTempC.length;
  const leads = Float64Array.from({ length: n }, (_, i) => (startMs - issuedMs) / 3_600_000 + i);
  const around = { leads, rain: rainTold(line, doubt?.rainChance), doubt };
  return Array.from({ length: DRESSED_MEMBERS }, (_, m) =>
    future(line, drawErrors(seed + 7919 * (m + 1), n), around),
  );
}
