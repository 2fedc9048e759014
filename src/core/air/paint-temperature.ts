/** Cans and tins that stand in the place follow its air: Newton's law, a can of 400 ml or a tin of a litre. */
import { HOUR } from '../time/instant';
import type { AtPart } from './at-part';

/** Time in which they go 63 % of the way, h: half a kilogram, 0.045 m², 8 W/m²K. [M] */
export const PAINT_CONSTANT_H = 0.8;
/** Looked back so long: by then nothing is left of what they were before. */
const BACK_H = 6;
/** Colder paint spits from a can and flows badly, °C. Common practice. */
export const PAINT_COLD_C = 15;

/** At an instant on the central line, °C. */
export function paintC(air: AtPart, ms: number): number {
  const o = (air.rows - 1) * air.nodes;
  const at = (t: number): number =>
    Math.min(air.nodes - 1, Math.max(0, Math.round((t - air.startMs) / air.stepMs)));
  const follow = 1 - Math.exp(-air.stepMs / HOUR / PAINT_CONSTANT_H);
  let c = air.airC[o + at(ms - BACK_H * HOUR)]!;
  for (let i = at(ms - BACK_H * HOUR); i <= at(ms); i++) c += follow * (air.airC[o + i]! - c);
  return c;
}
