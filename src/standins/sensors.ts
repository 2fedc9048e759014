/**
 * Simulated sensors: a thermo-hygrometer, a surface thermometer and an anemometer that stand in the hidden truth of the
 * stand-in's weather, each with an error of its own. No request leaves the machine.
 */
import { round1 } from '@/core/numerics/round';
import { normals, seedOf } from '@/core/numerics/random';
import { placeHours, type PlaceHour } from '@/core/place-air';
import { HOUR, MINUTE } from '@/core/time/instant';
import type { Place } from '@/model/place';
import type { Sensed } from '@/model/reading';
import type { Sensor } from '@/usecases/ports';
import { climateAt } from './climates';
import { issuedAt, PAST_H, simulatedWorld } from './weather';

/** Error of an instrument of the hobby's price, one standard deviation: K, %, K, share of the wind. */
const ERROR = { airC: 0.3, rhPct: 2, panelC: 0.4, windShare: 0.1 } as const;

/** What is really there, straight between two hours. */
function truthAt(place: Place, nowMs: number): PlaceHour {
  const issuedMs = issuedAt(nowMs);
  const line = simulatedWorld(place, climateAt(place.lat), issuedMs).truth();
  const startMs = issuedMs - PAST_H * HOUR;
  const hours = placeHours({ place, line, startMs });
  const x = (nowMs - startMs) / HOUR;
  const [a, b] = [hours[Math.floor(x)]!, hours[Math.floor(x) + 1]!];
  const between = (key: keyof PlaceHour): number => a[key] + (x - Math.floor(x)) * (b[key] - a[key]);
  return {
    ...a,
    airC: between('airC'),
    rhPct: between('rhPct'),
    panelC: between('panelC'),
    windMs: between('windMs'),
  };
}

/** The same minute reads the same. */
function errorOf(sensor: string, place: Place, nowMs: number): number {
  const minute = Math.floor(nowMs / MINUTE);
  return normals(seedOf(`${sensor} ${place.lat} ${place.lon} ${minute}`))();
}

type Read = (truth: PlaceHour, error: (of: string) => number) => Sensed;

function sensor(id: string, name: string, measures: Sensor['measures'], read: Read): Sensor {
  return {
    id,
    name,
    measures,
    read: async (place, nowMs) => read(truthAt(place, nowMs), (of) => errorOf(`${id} ${of}`, place, nowMs)),
  };
}

/** A can that was sprayed from stands on it: 100 g of tin and what is left, g. */
const ON_SCALE_G = 287;

export const simulatedSensors: readonly Sensor[] = [
  sensor('hygrometer', 'thermo-hygrometer', ['airC', 'rhPct'], (t, error) => ({
    airC: round1(t.airC + ERROR.airC * error('t')),
    rhPct: Math.round(Math.min(99, Math.max(5, t.rhPct + ERROR.rhPct * error('rh')))),
  })),
  sensor('surface', 'surface thermometer', ['panelC'], (t, error) => ({
    panelC: round1(t.panelC + ERROR.panelC * error('p')),
  })),
  sensor('anemometer', 'anemometer', ['windMs'], (t, error) => ({
    windMs: round1(Math.max(0, t.windMs * (1 + ERROR.windShare * error('w')))),
  })),
  sensor('scale', 'scale', ['massG'], (_t, error) => ({ massG: Math.round(ON_SCALE_G + error('m')) })),
];
