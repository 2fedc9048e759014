/**
 * How much of the sun reaches a part, half hour by half hour: what stands to each side of the place, the edge of its
 * roof, and the way its open side or its door looks.
 */
import type { Place } from '@/model/place';
import { doorOf, SHELTER_CARDS, sizeOf } from './shelter';
import type { SunAt } from './sun';

/** Of a sun that does not get in: the bright sky still does, 0…1. [M] */
export const DIFFUSE_FRAC = 0.15;
/** Where a part lies over the floor, m. [M] */
export const PART_HEIGHT_M = 0.9;
/** Head of an open door, m. [M] */
export const DOOR_HEAD_M = 2;
/** So far to either side of where it looks the sun gets in under a roof, and through a door, degrees. [M] */
const SIDE_DEG = { roof: 85, door: 45 } as const;
/** Sun that gets through a door that is half open, of that through an open one. [M] */
const DOOR_SUN = { open: 1, half: 0.5, shut: 0 } as const;

/** How far two directions lie apart, 0…180 degrees. */
export function apartDeg(a: number, b: number): number {
  const d = Math.abs(a - b) % 360;
  return d > 180 ? 360 - d : d;
}

/** How high what stands in a direction stands, degrees above level; between two eighths it runs straight. */
export function horizonAt(horizonDeg: readonly number[] | undefined, azimuthDeg: number): number {
  if (!horizonDeg) return 0;
  const x = ((((azimuthDeg % 360) + 360) % 360) / 360) * horizonDeg.length;
  const i = Math.floor(x) % horizonDeg.length;
  const a = horizonDeg[i]!;
  return a + (x - Math.floor(x)) * (horizonDeg[(i + 1) % horizonDeg.length]! - a);
}

/** Highest sun that still reaches a part in the middle of the floor under the edge of a roof or a door, degrees. */
export function edgeDeg(place: Place): number {
  const size = sizeOf(place);
  if (!size) return 90;
  const head = SHELTER_CARDS[place.shelter].building ? Math.min(size.heightM, DOOR_HEAD_M) : size.heightM;
  return (Math.atan(Math.max(0, head - PART_HEIGHT_M) / (size.depthM / 2)) * 180) / Math.PI;
}

/**
 * How high a sun stands in the cut through the place, degrees from level on its open side, over 90 behind it: the
 * profile angle, tan a / cos(az − facing) (Duffie & Beckman, Solar Engineering of Thermal Processes).
 */
export function profileDeg(facing: number, { altitudeDeg, azimuthDeg }: SunAt): number {
  const rad = Math.PI / 180;
  const along = Math.cos((azimuthDeg - facing) * rad) * Math.cos(altitudeDeg * rad);
  return Math.atan2(Math.sin(altitudeDeg * rad), along) / rad;
}

/** Share of the sun that reaches the part, 0…1. */
export function sunShare(place: Place, sun: SunAt): number {
  const { altitudeDeg, azimuthDeg } = sun;
  const { sunFrac, roofed, building } = SHELTER_CARDS[place.shelter];
  if (altitudeDeg <= 0) return sunFrac;
  const isHidden = altitudeDeg < horizonAt(place.horizonDeg, azimuthDeg);
  if (!roofed || place.facing === undefined) return isHidden ? Math.min(sunFrac, DIFFUSE_FRAC) : sunFrac;
  const behind = Math.min(sunFrac, DIFFUSE_FRAC);
  const side = building ? SIDE_DEG.door : SIDE_DEG.roof;
  const getsIn =
    apartDeg(azimuthDeg, place.facing) <= side && profileDeg(place.facing, sun) <= edgeDeg(place);
  if (isHidden || !getsIn) return behind;
  return Math.max(behind, building ? DOOR_SUN[doorOf(place)] : 1);
}
