/** Areas of parts: faces, hidden edges, pieces; and the overrun that every pass sprays past the edge. */
import type { Part } from '@/model/job';
import { isSmall, sweptOnBoardM2 } from './board';
import { facesIfMeasured, facesOf, sumOverFaces, type Face } from './shape';

/**
 * How far a pass starts before and ends after the part, and how far the outer passes stand over
 * its sides, mm: half a fan of 130 mm. From memory, 50–100 mm met.
 */
export const OVERRUN_MM = 65;

/** Area of the faces of one piece, m². */
export function faceAreaM2(p: Part): number {
  return sumOverFaces(facesOf(p), (f) => f.areaM2);
}

/** How much of its faces a part stands for, edges and pieces included. */
const times = (p: Part): number => (1 + p.hiddenEdgePct / 100) * (p.count ?? 1) * (p.areaFrac ?? 1);

/** Area to paint, m²: faces and hidden edges, all pieces. */
export function partAreaM2(p: Part): number {
  return faceAreaM2(p) * times(p);
}

/** One standard deviation of that area, m²: faces measured with the same tape err together. */
export function partAreaSdM2(p: Part): number {
  return sumOverFaces(facesOf(p), (f) => f.areaM2 * f.sdFrac) * times(p);
}

/**
 * Area swept over area of the face, 1 or more: (L + 2·lead)(W + 2·margin)/(L·W). Identity given the overrun.
 * @param overrunMm 0 … 200
 */
export function overrunFactor(lengthMm: number, widthMm: number, overrunMm: number = OVERRUN_MM): number {
  if (!(lengthMm > 0) || !(widthMm > 0) || !(overrunMm >= 0))
    throw new RangeError('overrunFactor: needs lengths above 0');
  return ((lengthMm + 2 * overrunMm) * (widthMm + 2 * overrunMm)) / (lengthMm * widthMm);
}

/** Round a tube the fan is turned along it, or the can held closer: it passes this much more, at least so wide, mm. */
const TUBE_MORE_MM = 30;
const TUBE_LEAST_MM = 60;

/** Width of one pass, mm. From memory: nobody sends a full fan past a thin tube; a logged frame settles it. */
function passMm({ rounds, widthMm }: Face, overrunMm: number): number {
  if (rounds === 1) return widthMm + 2 * overrunMm;
  return overrunMm === 0 ? widthMm : Math.max(widthMm + TUBE_MORE_MM, TUBE_LEAST_MM);
}

/** Area the fan passes over for one face, m²; a tube is passed from three sides. Never less than the face. */
export function sweptFaceM2(f: Face, overrunMm: number = OVERRUN_MM): number {
  return Math.max(f.areaM2, f.rounds * (f.lengthMm + 2 * overrunMm) * passMm(f, overrunMm) * 1e-6);
}

/** Area swept over area painted for one part, 1 or more. */
export function partOverrun(p: Part): number {
  const faces = facesOf(p);
  const area = sumOverFaces(faces, (f) => f.areaM2);
  return area > 0 ? sumOverFaces(faces, (f) => sweptOfPieceM2(f, p.boardCount ?? p.count ?? 1)) / area : 1;
}

/** Of several small pieces each is swept with the others on its board, where that is less; never less than itself. */
function sweptOfPieceM2(face: Face, count: number): number {
  const alone = sweptFaceM2(face);
  if (count === 1 || !isSmall(face)) return alone;
  return Math.max(face.areaM2, Math.min(alone, sweptOnBoardM2(face, count, OVERRUN_MM)));
}

/** Total area swept over all parts, m²; hidden edges cost the same overrun as their part. */
export function sweptAreaM2(parts: readonly Part[]): number {
  return parts.reduce((sum, p) => sum + partAreaM2(p) * partOverrun(p), 0);
}

/** Total area to paint, m². */
export function totalAreaM2(parts: readonly Part[]): number {
  return parts.reduce((sum, p) => sum + partAreaM2(p), 0);
}

/** Share of the painted area in one posture, 0…1. */
export function postureShare(parts: readonly Part[], posture: Part['posture']): number {
  const all = totalAreaM2(parts);
  const inPosture = (f: Face): number => (f.posture === posture ? f.areaM2 : 0);
  const some = parts.reduce((sum, part) => sum + sumOverFaces(facesOf(part), inPosture) * times(part), 0);
  return all > 0 ? some / all : 0;
}

export interface Measured {
  readonly faces: readonly Face[];
  readonly areaM2: number;
  readonly sdM2: number;
  readonly overrun: number;
}

/**
 * A part with its figures, or null while its measures are not such as a part can have: for a form that is
 * being filled in.
 */
export function measured(part: Part): Measured | null {
  const faces = facesIfMeasured(part);
  if (!faces) return null;
  const areaM2 = partAreaM2(part);
  return areaM2 > 0 ? { faces, areaM2, sdM2: partAreaSdM2(part), overrun: partOverrun(part) } : null;
}

/** What is measured of several parts: their area, and whether every one of them has its measures. */
export function measuredInAll(parts: readonly Part[]): { areaM2: number; complete: boolean } {
  const figures = parts.map(measured);
  const areaM2 = figures.reduce((sum, m) => sum + (m?.areaM2 ?? 0), 0);
  return { areaM2, complete: figures.every((m) => m !== null) };
}
