/** The air at a job's parts: the forecast as an ensemble, through the place, on the parts' colour and posture. */
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { JobReadings } from '@/model/reading';
import { atPart, type AtPart, type PartAir } from './air/at-part';
import { ensembleOf } from './air/ensemble';
import { massKJm2K } from './air/mass';
import { correctedBy, type CorrectedSaid } from './air/readings';
import { absorptanceOf } from './air/panel';
import { lightnessOf } from './coating/colour';
import { seedOf } from './numerics/random';
import { facesOf } from './surface/shape';
import { HOUR, isoOf, msOf } from './time/instant';

/** Least forecast ahead of now that a plan can be made on, h. */
export const LEAST_AHEAD_H = 6;
/** What a sloped face sees of the sky, 0…1. From memory. */
const SLOPED_SKY = 0.6;

export class ForecastError extends Error {
  constructor(
    readonly code: 'does-not-cover-now' | 'too-short',
    readonly params: Record<string, string | number>,
  ) {
    super(code);
  }
}

export interface AirRequest {
  readonly job: Job;
  readonly forecast: Forecast;
  readonly nowMs: number;
  /** When the forecast was issued; left out means now. */
  readonly issuedMs?: number;
  /** What was measured where it is sprayed and where it dries. */
  readonly readings?: JobReadings;
}

/** First and last instant of a forecast, ms. @throws RangeError when its start is no time */
export function coveredBy(
  forecast: Forecast,
  tz: string,
): { readonly fromMs: number; readonly untilMs: number } {
  const fromMs = msOf(forecast.start, tz);
  return { fromMs, untilMs: fromMs + (forecast.members[0]!.airTempC.length - 1) * HOUR };
}

/** First instant of the forecast, ms. @throws ForecastError when it does not cover now with at least six hours to go */
function forecastStartMs(forecast: Forecast, tz: string, nowMs: number): number {
  const { fromMs: startMs, untilMs: endMs } = coveredBy(forecast, tz);
  if (nowMs < startMs || nowMs > endMs) {
    const params = { now: isoOf(nowMs, tz), from: isoOf(startMs, tz), to: isoOf(endMs, tz) };
    throw new ForecastError('does-not-cover-now', params);
  }
  const hours = (endMs - nowMs) / HOUR;
  if (hours < LEAST_AHEAD_H) throw new ForecastError('too-short', { hours, least: LEAST_AHEAD_H });
  return startMs;
}

/** How much of the sky the worst face sees: a box stood upright still has its flat top. */
function skyShare(job: Job): number {
  const postures = new Set(job.parts.flatMap((p) => facesOf(p).map((f) => f.posture)));
  if (postures.has('flat')) return 1;
  return postures.has('sloped') ? SLOPED_SKY : 0;
}

export function weatherSeed(job: Job, issuedMs: number): number {
  return seedOf(`${job.place.lat.toFixed(3)} ${job.place.lon.toFixed(3)} ${issuedMs}`);
}

/** What a job's parts are to the air. */
export function partAirOf(job: Job): PartAir {
  return {
    absorptance: absorptanceOf(lightnessOf(job.purpose.colour.hex)),
    // One face that lies on something follows the sun and the sky most: the worst part counts.
    backFree: job.parts.every((p) => p.sides === 2 || p.posture === 'upright'),
    flatFrac: skyShare(job),
    // The heaviest follows last: what holds for it holds for the others a little later or sooner.
    massKJm2K: Math.max(...job.parts.map((p) => massKJm2K(p.substrate, p.wallMm))),
  };
}

/** What was read in another place to dry in; in the same one it was read with the door open and the heater off. */
function cureAirOf(
  air: AtPart,
  { dryIn }: Job,
  { readings, nowMs }: { readonly readings: JobReadings | undefined; readonly nowMs: number },
): AtPart {
  if (dryIn?.kind !== 'elsewhere' || !readings || readings.dryPlaceId !== (dryIn.placeId ?? null)) return air;
  return correctedBy(air, readings.there, nowMs)?.air ?? air;
}

/** The air at the parts where they are sprayed, and where they dry when that is elsewhere. */
export interface Airs {
  readonly air: AtPart;
  readonly cureAir: AtPart | null;
  /** What readings where it is sprayed made of the forecast; null without any. */
  readonly corrected: CorrectedSaid | null;
}

/** @throws ForecastError when the forecast does not cover now; RangeError when its start is no time */
export function airsForJob({ job, forecast, nowMs, issuedMs = nowMs, readings }: AirRequest): Airs {
  const startMs = forecastStartMs(forecast, job.place.tz, nowMs);
  const ensemble = ensembleOf(forecast, { startMs, issuedMs, seed: weatherSeed(job, issuedMs) });
  const how = partAirOf(job);
  const dryPlace = job.dryIn?.kind === 'elsewhere' ? job.dryIn.place : job.place;
  const told = atPart(ensemble, job.place, how);
  const here = readings && readings.placeId === (job.placeId ?? null) ? readings.here : [];
  const corrected = correctedBy(told, here, nowMs);
  return {
    air: corrected?.air ?? told,
    // The same weather falls on both: a place to dry in is near.
    cureAir: job.dryIn ? cureAirOf(atPart(ensemble, dryPlace, how, 'cure'), job, { readings, nowMs }) : null,
    corrected: corrected?.said ?? null,
  };
}
