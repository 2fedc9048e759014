/** What the mixing panel shows: every pour with its marks, the grade for its hour, the pot life there. */
import { nearestNode } from '@/core/air/grid';
import { instantOf } from '@/core/time/instant';
import type { AirView } from '@/core/air/view';
import { baseDensity, gradeFor, mixMarks, potLifeAt, type MixMark, type Pour } from '@/core/material/mixing';
import { sessionPours, type SessionPours } from '@/core/material/session-pours';
import { systemOfPlan } from '@/core/seams/seam';
import { totalAreaM2 } from '@/core/surface/area';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { GRADE_WORDS } from '@/words/names';
import { needsMixing } from './materials';

/** Where no start is known yet, °C. */
const USUAL_C = 20;
/** More cups than this are not drawn one by one. */
export const MOST_CUPS = 12;

/** Panel temperature at an instant, from the hours the page draws; null where none is known. */
function panelAt(air: AirView, iso: string | undefined): number | null {
  if (iso === undefined) return null;
  const { mid } = air.panelC;
  return mid[nearestNode(air, mid.length, instantOf(iso))] ?? null;
}

export interface PourView {
  readonly pour: Pour;
  readonly marks: readonly MixMark[];
  /** "coat 1 and 2", "part 1 of 2 of coat 3". */
  readonly what: string;
}
export interface MixView {
  readonly id: string;
  readonly product: Product;
  /** The ratio as it is said; null for paint ready to spray. */
  readonly ratio: string | null;
  /** When the first coat is sprayed; undefined without a start. */
  readonly at: string | undefined;
  readonly tempC: number;
  /** What is graded by the hour, in words; null for paint with neither reducer nor hardener. */
  readonly graded: { readonly grade: string; readonly what: string } | null;
  readonly potMin: number | null;
  readonly pours: readonly PourView[];
}

const coatOf = (coatId: string): string => coatId.split('.c')[1] ?? '';

function pourText({ part: [nth, of], coats }: Pour): string {
  if (of > 1) return `part ${nth} of ${of} of coat ${coatOf(coats[0]!)}`;
  return `coat ${coats.map(coatOf).join(' and ')}`;
}

function marksOf(product: Product, ml: number): MixMark[] {
  const density = baseDensity(product);
  if (product.mix) return mixMarks(product.mix, ml, { base: density });
  return [{ part: 'base', ml, toMl: ml, g: ml * density, toG: ml * density }];
}

function gradedOf({ mix }: Product, tempC: number, areaM2: number): MixView['graded'] {
  if (!mix || (mix.reducer <= 0 && mix.hardener <= 0)) return null;
  const parts = [...(mix.reducer > 0 ? ['reducer'] : []), ...(mix.hardener > 0 ? ['hardener'] : [])];
  return { grade: GRADE_WORDS[gradeFor(tempC, areaM2)], what: parts.join(' and ') };
}

function ratioText({ mix }: Product): string | null {
  if (!mix) return null;
  const others = [mix.hardener, mix.reducer].filter((x) => x > 0);
  return [mix.base, ...others].join(' : ');
}

function mixView(poured: SessionPours, plan: Plan, air: AirView, areaM2: number): MixView {
  const { product } = poured;
  const first = poured.pours[0]!.coats[0]!;
  const task = plan.sessions.flatMap((s) => s.tasks).find((t) => t.id === first);
  const tempC = panelAt(air, task?.startsAt) ?? USUAL_C;
  const life = product.potLifeMin;
  return {
    id: `${poured.session} ${product.id}`,
    product,
    ratio: ratioText(product),
    at: task?.startsAt,
    tempC: Math.round(tempC * 10) / 10,
    graded: gradedOf(product, tempC, areaM2),
    potMin: life === undefined ? null : potLifeAt(life, product.refTempC, tempC),
    pours: poured.pours.map((pour) => ({ pour, marks: marksOf(product, pour.ml), what: pourText(pour) })),
  };
}

/** Every product that is still poured, session by session; empty for a job of cans. */
export function mixViews(whole: Job, plan: Plan, products: readonly Product[], air: AirView): MixView[] {
  if (!needsMixing(plan, products)) return [];
  const job = withZones(whole);
  const areaM2 = totalAreaM2(job.parts);
  return sessionPours(job, systemOfPlan(plan, products), USUAL_C).map((p) => mixView(p, plan, air, areaM2));
}
