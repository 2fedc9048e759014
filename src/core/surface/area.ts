/** Areas of rectangular parts: faces, hidden edges, and the overrun that every pass sprays past the edge. */
import type { Part } from '@/model/job';

/**
 * How far a pass starts before and ends after the part, and how far the outer passes stand over
 * its sides, mm: half a fan of 130 mm. From memory, 50–100 mm met.
 */
export const OVERRUN_MM = 65;

/** Area of the faces alone, m². */
export function faceAreaM2(p: Part): number {
  return p.lengthMm * p.widthMm * p.sides / 1e6;
}

/** Area to paint, m²: faces and hidden edges. */
export function partAreaM2(p: Part): number {
  return faceAreaM2(p) * (1 + p.hiddenEdgePct / 100);
}

/**
 * Area swept over area of the part, 1 or more: (L + 2·lead)(W + 2·margin)/(L·W). Identity given the overrun.
 * @param overrunMm 0 … 200
 */
export function overrunFactor(lengthMm: number, widthMm: number, overrunMm: number = OVERRUN_MM): number {
  if (!(lengthMm > 0) || !(widthMm > 0) || !(overrunMm >= 0)) throw new RangeError('overrunFactor: needs lengths above 0');
  return (lengthMm + 2 * overrunMm) * (widthMm + 2 * overrunMm) / (lengthMm * widthMm);
}

/** Area swept over all parts, m²; hidden edges cost the same overrun as their part. */
export function sweptAreaM2(parts: readonly Part[]): number {
  return parts.reduce((sum, p) => sum + partAreaM2(p) * overrunFactor(p.lengthMm, p.widthMm), 0);
}

/** Total area to paint, m². */
export function totalAreaM2(parts: readonly Part[]): number {
  return parts.reduce((sum, p) => sum + partAreaM2(p), 0);
}
