/** What is wiped and masked, how much of it, and which tests a job needs before the day. */
import type { Part } from '@/model/job';
import type { Notice } from '@/model/marks';
import { isPainted, isPlastic } from '@/model/substrates';
import type { Seam } from '../seams/seam';
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

/** Degreased once before the first paper, and in each session after its last and just before the coat. */
const WIPES = { first: 1, session: 2 } as const;

/** How much it all takes; what is done when stands on the run sheet. @param sessions that begin on sanded ground */
export function cleaningPlan(parts: readonly Part[], sessions: number): CleaningPlan {
  const times = Math.max(1, sessions);
  const wipes = WIPES.first + WIPES.session * times;
  // Where silicone is feared the great wipes are done twice, with fresh cloths.
  const fearedM2 = totalAreaM2(parts.filter((p) => p.silicone)) * (WIPES.first + times);
  const perimeter = perimeterM(parts);
  return {
    degreaserMl: WIPE_ML_PER_M2 * (totalAreaM2(parts) * wipes + fearedM2),
    tapeM: perimeter * TAPE_FACTOR,
    coverM2: perimeter * COVER_M,
    tackCloths: times,
  };
}

/** Tests before the day, each with when. Adhesion once cured: cross-cut and tape, ISO 2409 or ASTM D3359. */
export function testsNeeded(
  parts: readonly Part[],
  seams: readonly Seam[],
  products: readonly Product[],
): Notice[] {
  const out: Notice[] = [];
  if (parts.some((p) => isPainted(p) || p.condition === 'e-coat')) out.push({ code: 'test-rub', params: {} });
  out.push({ code: 'test-water-break', params: {} });
  if (parts.some(isPlastic)) out.push({ code: 'test-float', params: {} });
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
