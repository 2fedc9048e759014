/** The sun: elevation, clear-sky irradiance and what cloud leaves of it. */
import { getPosition } from 'suncalc';

export interface SunAt {
  /** Above level, degrees, refraction included. */
  readonly altitudeDeg: number;
  /** From north by east, degrees. */
  readonly azimuthDeg: number;
}

/** Where the sun stands (suncalc). */
export function sunAt(ms: number, latDeg: number, lonDeg: number): SunAt {
  const { altitude, azimuth } = getPosition(new Date(ms), latDeg, lonDeg);
  return { altitudeDeg: altitude, azimuthDeg: azimuth };
}

/** Elevation of the sun above the horizon, degrees (suncalc, refraction included). */
export const sunElevationDeg = (ms: number, latDeg: number, lonDeg: number): number =>
  sunAt(ms, latDeg, lonDeg).altitudeDeg;

/** Clear-sky global horizontal irradiance, W/m². Source: Haurwitz 1945. */
export function clearSkyWm2(elevationDeg: number): number {
  const cosz = Math.sin((elevationDeg * Math.PI) / 180);
  return cosz > 0.001 ? 1098 * cosz * Math.exp(-0.057 / cosz) : 0;
}

/** Share of the clear-sky irradiance left under cloud, cover 0…1. Source: Kasten & Czeplak 1980. */
export function cloudFactor(coverFrac: number): number {
  return 1 - 0.75 * coverFrac ** 3.4;
}
