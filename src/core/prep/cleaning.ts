/** What is wiped and masked, how much of it, and which tests a job needs before the day. */
import { groundText } from '@/model/ground';
import type { Part } from '@/model/job';
import type { Notice } from '@/model/marks';
import { isSanded, type Seam } from '../seams/seam';
import type { Product } from '@/model/product';
import { totalAreaM2 } from '../surface/area';
import { facesOf, sumOverFaces, type Face } from '../surface/shape';

/** Degreaser per wipe, ml/m²: 50–100. From memory. */
export const WIPE_ML_PER_M2 = 75;
/** Tape over the perimeter that is masked. Common practice. */
export const TAPE_FACTOR = 1.3;
/** Sheet or paper beyond the edge that overspray can reach, m. From memory. */
const COVER_M = 0.6;

export interface CleaningPlan {
  readonly wipes: readonly Notice[];
  readonly degreaserMl: number;
  readonly tapeM: number;
  readonly coverM2: number;
  readonly tackCloths: number;
}

/** Perimeter of what is painted, m: the outline of every face once, all pieces. */
export function perimeterM(parts: readonly Part[]): number {
  return parts.reduce((sum, p) => {
    const outlineMm = sumOverFaces(facesOf(p), outlineOfMm);
    return sum + (outlineMm / 1000) * (p.count ?? 1);
  }, 0);
}

/** Outline of one face, mm: two rings round a tube, an ellipse by its mean diameter, a rectangle. */
function outlineOfMm(f: Face): number {
  if (f.rounds > 1) return 2 * Math.PI * f.widthMm;
  if (f.outline === 'ellipse') return (Math.PI * (f.lengthMm + f.widthMm)) / 2;
  return 2 * (f.lengthMm + f.widthMm);
}

/** @param sessions number of sessions; each is degreased anew before its first layer */
export function cleaningPlan(parts: readonly Part[], seams: readonly Seam[], sessions: number): CleaningPlan {
  const areaM2 = totalAreaM2(parts);
  const sanded = seams.filter(isSanded);
  const wet = seams.filter((s) => s.join === 'wet-on-wet');
  // Where silicone is feared everything is wiped once more, with fresh cloths.
  const fearedM2 = totalAreaM2(parts.filter((p) => p.silicone)) * (1 + Math.max(1, sessions));
  const wipes: Notice[] = [
    ...(fearedM2 > 0 ? [{ code: 'wipe-silicone', params: {} }] : []),
    { code: 'wipe-before-sanding', params: { areaM2 } },
    ...sanded.map((s): Notice => ({ code: 'wipe-after-sanding', params: { above: s.above } })),
    ...wet.map((s): Notice => ({
      code: 'blow-and-tack',
      params: { below: groundText(s.below), above: s.above },
    })),
  ];
  const perimeter = perimeterM(parts);
  return {
    wipes,
    degreaserMl: WIPE_ML_PER_M2 * (areaM2 * (1 + Math.max(1, sessions)) + fearedM2),
    tapeM: perimeter * TAPE_FACTOR,
    coverM2: perimeter * COVER_M,
    tackCloths: Math.max(1, sessions),
  };
}

/** Tests before the day, each with when. Adhesion once cured: cross-cut and tape, ISO 2409 or ASTM D3359. */
export function testsNeeded(
  parts: readonly Part[],
  seams: readonly Seam[],
  products: readonly Product[],
): Notice[] {
  const out: Notice[] = [];
  if (parts.some((p) => ['sound-paint', 'failing-clear', 'unknown-paint', 'chipped'].includes(p.condition)))
    out.push({ code: 'test-rub', params: {} });
  out.push({ code: 'test-water-break', params: {} });
  if (parts.some((p) => p.substrate === 'pp' || p.substrate === 'abs'))
    out.push({ code: 'test-float', params: {} });
  const makers = new Set(products.flatMap((p) => (p.maker ? [p.maker] : [])));
  if (makers.size > 1 || seams.some((s) => s.verdict === 'care'))
    out.push({ code: 'test-compatibility', params: {} });
  if (products.some((p) => p.kind === 'basecoat' || p.kind === 'mid-coat'))
    out.push({ code: 'test-colour', params: {} });
  out.push({ code: 'test-pattern', params: {} });
  if (products.some((p) => p.kind === 'clear' || p.kind === 'single-stage'))
    out.push({ code: 'test-adhesion', params: {} });
  return out;
}
