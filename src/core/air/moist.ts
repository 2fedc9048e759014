/**
 * Moist air: saturation pressure, dew point, vapour. psychrolib (ASHRAE Fundamentals,
 * Hyland–Wexler) is tabulated once at 0.25 K; between nodes the pressure is interpolated on its
 * logarithm, exact to 0.02 % from −40 to 60 °C (judged by psychrolib in the tests).
 */
import psychrolib from 'psychrolib';

const LOW_C = -60;
const HIGH_C = 90;
const STEP_K = 0.25;
let logs: Float64Array | null = null;

function table(): Float64Array {
  if (logs) return logs;
  psychrolib.SetUnitSystem(psychrolib.SI);
  const n = (HIGH_C - LOW_C) / STEP_K + 1;
  logs = Float64Array.from({ length: n }, (_, i) => Math.log(psychrolib.GetSatVapPres(LOW_C + i * STEP_K)));
  return logs;
}

/** Logarithm of the saturation pressure over water (ice below 0 °C), ln Pa; tempC −60 … 90, clamped. */
export function lnSatPressure(tempC: number): number {
  const t = table();
  const x = Math.min(Math.max((tempC - LOW_C) / STEP_K, 0), t.length - 1.001);
  const i = Math.floor(x);
  return t[i]! + (x - i) * (t[i + 1]! - t[i]!);
}

/** Saturation vapour pressure, Pa. Source: ASHRAE Fundamentals (Hyland–Wexler) by psychrolib. */
export function satPressurePa(tempC: number): number {
  if (!(tempC >= LOW_C && tempC <= HIGH_C)) throw new RangeError(`satPressurePa: −60…90 °C, got ${tempC}`);
  return Math.exp(lnSatPressure(tempC));
}

/**
 * Dew point, °C, by inverting the table.
 * @param airTempC −40 … 60 @param rhFrac above 0, to 1
 */
export function dewPointC(airTempC: number, rhFrac: number): number {
  if (!(rhFrac > 0 && rhFrac <= 1)) throw new RangeError(`dewPointC: humidity above 0 to 1, got ${rhFrac}`);
  return invert(lnSatPressure(airTempC) + Math.log(rhFrac));
}

/** Relative humidity of air with that dew point, %; full where the dew point is not under the air. */
export const rhPctOfDew = (airTempC: number, dewC: number): number =>
  Math.min(100, 100 * Math.exp(lnSatPressure(dewC) - lnSatPressure(airTempC)));

function invert(goal: number): number {
  const t = table();
  let lo = 0;
  let hi = t.length - 1;
  if (goal <= t[0]!) return LOW_C;
  while (hi - lo > 1) {
    const mid = (lo + hi) >> 1;
    if (t[mid]! < goal) lo = mid;
    else hi = mid;
  }
  return LOW_C + (lo + (goal - t[lo]!) / (t[hi]! - t[lo]!)) * STEP_K;
}

/**
 * The inverse on an even grid of ln Pa, made once: the week asks tens of thousands of times. Within 0.01 K of
 * dewPointC.
 */
const LN_LOW = 2;
const LN_STEP = 0.004;
const LN_NODES = 2200;
let dews: Float64Array | null = null;

/** Dew point of a vapour pressure given as its logarithm, °C; ln Pa 2 … 10.8, clamped. */
export function dewOfLnPressureC(lnPa: number): number {
  dews ??= Float64Array.from({ length: LN_NODES }, (_, i) => invert(LN_LOW + i * LN_STEP));
  const x = Math.min(Math.max((lnPa - LN_LOW) / LN_STEP, 0), LN_NODES - 1.001);
  const i = Math.floor(x);
  return dews[i]! + (x - i) * (dews[i + 1]! - dews[i]!);
}
