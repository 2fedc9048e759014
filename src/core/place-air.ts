/**
 * What a place makes of the weather, hour by hour on the expected line: outside, in it, and at a usual part that lies
 * in it; and the sun of a day there.
 */
import type { ForecastMember } from '@/model/forecast';
import type { Place } from '@/model/place';
import { atPart, type PartAir, type Use } from './air/at-part';
import { massKJm2K } from './air/mass';
import { clearSkyWm2, cloudFactor, sunAt } from './air/sun';
import { sunShare } from './air/sunlit';
import { HOUR, MINUTE } from './time/instant';

/** A panel of steel sheet in a middling colour, lying flat. */
const USUAL_PART: PartAir = { absorptance: 0.6, backFree: false, flatFrac: 1, massKJm2K: massKJm2K('steel') };

export interface PlaceHour {
  readonly ms: number;
  readonly outC: number;
  readonly outRhPct: number;
  /** At 10 m, as it is forecast, m/s. */
  readonly outMs: number;
  readonly rainMm: number;
  /** Sun on level ground in the open, W/m². */
  readonly outSunWm2: number;
  readonly airC: number;
  readonly rhPct: number;
  readonly windMs: number;
  readonly panelC: number;
  readonly gapK: number;
}

export interface PlaceAsked {
  readonly place: Place;
  /** The expected weather, hourly from an instant on. */
  readonly line: ForecastMember;
  readonly startMs: number;
  /** Where its wind comes from, degrees; left out where nobody told. */
  readonly windFromDeg?: readonly number[] | undefined;
  readonly use?: Use;
}

/** Every full hour of the line. */
export function placeHours({ place, line, startMs, windFromDeg, use = 'spray' }: PlaceAsked): PlaceHour[] {
  const hours = line.airTempC.length;
  const air = atPart({ startMs, hours, windFromDeg, members: [line], central: line }, place, USUAL_PART, use);
  const row = (air.rows - 1) * air.nodes;
  return Array.from({ length: hours }, (_, h): PlaceHour => {
    const k = row + 2 * h;
    const ms = startMs + h * HOUR;
    const clear = clearSkyWm2(sunAt(ms, place.lat, place.lon).altitudeDeg);
    return {
      ms,
      outC: line.airTempC[h]!,
      outRhPct: line.rhPct[h]!,
      outMs: line.windMs[h]!,
      rainMm: line.rainMm[h]!,
      outSunWm2: clear * cloudFactor(line.cloudFrac[h]!),
      airC: air.airC[k]!,
      rhPct: 100 * air.rhFrac[k]!,
      windMs: air.windMs[k]!,
      panelC: air.panelC[k]!,
      gapK: air.gapK[k]!,
    };
  });
}

/** The sun at an instant, and whether it reaches a part in the place. */
export interface PlaceSun {
  readonly ms: number;
  readonly altitudeDeg: number;
  readonly azimuthDeg: number;
  readonly isIn: boolean;
}

/** From this share on the sun is on the part, 0…1. */
const LIT_FROM = 0.3;
const SUN_STEP_MS = 5 * MINUTE;

/** Every five minutes of a day while the sun is up. @param dayMs its midnight there */
export function sunOfDay(place: Place, dayMs: number): PlaceSun[] {
  const out: PlaceSun[] = [];
  for (let ms = dayMs; ms < dayMs + 24 * HOUR; ms += SUN_STEP_MS) {
    const sun = sunAt(ms, place.lat, place.lon);
    if (sun.altitudeDeg > 0) out.push({ ms, ...sun, isIn: sunShare(place, sun) > LIT_FROM });
  }
  return out;
}

export interface SunSpan {
  readonly fromMs: number;
  readonly toMs: number;
}

/** Stretches in which it is on the part. */
export function sunSpans(sun: readonly PlaceSun[]): SunSpan[] {
  const out: { fromMs: number; toMs: number }[] = [];
  for (const { ms, isIn } of sun) {
    if (!isIn) continue;
    const last = out.at(-1);
    if (last && ms - last.toMs <= SUN_STEP_MS) last.toMs = ms;
    else out.push({ fromMs: ms, toMs: ms });
  }
  return out;
}
