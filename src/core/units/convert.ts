/**
 * The only place with unit factors. Inside, everything is SI-like (°C, µm, ml, m², m/s, mm);
 * these functions serve the screen and the identities of the trade.
 */

/** Exact: 1 in = 25.4 mm (international inch). */
export const MM_PER_INCH = 25.4;
/** Exact: US gallon = 231 in³ = 3785.411784 ml. */
export const ML_PER_US_GALLON = (231 * MM_PER_INCH ** 3) / 1000;
export const ML_PER_US_FL_OZ = ML_PER_US_GALLON / 128;
/** 1 mil = 0.001 in = 25.4 µm. */
export const M_PER_YARD = 0.9144;
export const UM_PER_MIL = 25.4;
/** Exact: 1 ft = 304.8 mm. */
export const M2_PER_FT2 = 0.3048 ** 2;
/** Exact: 1 mile = 1609.344 m. */
export const MPH_PER_MS = 3600 / 1609.344;

/** Exact: 1 knot = 1852 m/h; 1 km/h; 1 mile = 1609.344 m. In m/s. */
const MS_PER: Readonly<Record<WindUnit, number>> = {
  'm/s': 1,
  'km/h': 1 / 3.6,
  mph: 1 / MPH_PER_MS,
  kn: 1852 / 3600,
};
/** The units forecasts tell the wind in. */
export const WIND_UNITS = ['m/s', 'km/h', 'mph', 'kn'] as const;
export type WindUnit = (typeof WIND_UNITS)[number];
export const msFrom = (speed: number, unit: WindUnit): number => speed * MS_PER[unit];

export const fFromC = (tempC: number): number => (tempC * 9) / 5 + 32;
export const cFromF = (tempF: number): number => ((tempF - 32) * 5) / 9;
/** A temperature difference, K to °F. */
export const deltaFFromK = (deltaK: number): number => (deltaK * 9) / 5;
export const milFromUm = (filmUm: number): number => filmUm / UM_PER_MIL;
export const flOzFromMl = (ml: number): number => ml / ML_PER_US_FL_OZ;
export const ft2FromM2 = (areaM2: number): number => areaM2 / M2_PER_FT2;
export const inFromMm = (mm: number): number => mm / MM_PER_INCH;
export const mphFromMs = (ms: number): number => ms * MPH_PER_MS;

/**
 * Film left by a volume on an area, µm. Identity: 1 ml over 1 m² is 1 µm.
 * @param ml volume, ml, 0 or more @param areaM2 area, m², above 0
 */
export function filmUmOf(ml: number, areaM2: number): number {
  if (!(ml >= 0) || !(areaM2 > 0))
    throw new RangeError(`filmUmOf: needs ml ≥ 0 and area > 0, got ${ml} and ${areaM2}`);
  return ml / areaM2;
}
