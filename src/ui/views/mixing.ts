/** What the mixing panel shows: every pour with its marks, the grade for its hour, the pot life there. */
import { round1 } from '@/core/numerics/round';
import { nearestNode } from '@/core/air/grid';
import { instantOf, minutesBetween } from '@/core/time/instant';
import type { AirView } from '@/core/air/view';
import { baseDensity, gradeFor, mixMarks, potLifeAt, ratioText, type MixMark } from '@/core/material/mixing';
import { sessionPours, type SessionPours } from '@/core/material/session-pours';
import { systemOfPlan } from '@/core/seams/seam';
import { totalAreaM2 } from '@/core/surface/area';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Caution, Mix, Plan, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { coatNo } from '@/words/mix-line';
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
  readonly ml: number;
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

const coatsText = (coats: readonly string[]): string => `coat ${coats.map(coatNo).join(' and ')}`;

/** @param nth of so many pours of this one coat, which */
const partText = (coatId: string, nth: number, of: number): string =>
  of > 1 ? `part ${nth} of ${of} of coat ${coatNo(coatId)}` : coatsText([coatId]);

/** What a cup is for, beside the others of its product. */
function mixText(mix: Mix, all: readonly Mix[]): string {
  if (mix.coats.length > 1) return coatsText(mix.coats);
  const [coatId = ''] = mix.coats;
  const alike = all.filter((m) => m.coats.includes(coatId));
  return partText(coatId, alike.indexOf(mix) + 1, alike.length);
}

function marksOf(product: Product, ml: number): MixMark[] {
  const density = baseDensity(product);
  if (product.mix) return mixMarks(product.mix, ml, { base: density });
  return [{ part: 'base', ml, toMl: ml, g: ml * density, toG: ml * density }];
}

function gradedOf({ mix }: Product, grade: Mix['grade']): MixView['graded'] {
  if (!mix || grade === null || (mix.reducer <= 0 && mix.hardener <= 0)) return null;
  const parts = [...(mix.reducer > 0 ? ['reducer'] : []), ...(mix.hardener > 0 ? ['hardener'] : [])];
  return { grade: GRADE_WORDS[grade], what: parts.join(' and ') };
}

/** The cups of one product in one session, as they are planned. */
function plannedView(session: Session, mixes: readonly Mix[], product: Product, air: AirView): MixView {
  const [first] = mixes;
  const at = session.tasks.find((t) => t.id === first!.coats[0])?.startsAt ?? first!.at;
  const tempC = panelAt(air, at) ?? USUAL_C;
  return {
    id: `${session.id} ${product.id}`,
    product,
    ratio: product.mix ? ratioText(product.mix) : null,
    at,
    tempC: round1(tempC),
    graded: gradedOf(product, first!.grade),
    potMin: first!.usableUntil === null ? null : minutesBetween(first!.at, first!.usableUntil),
    pours: mixes.map((m) => ({ ml: m.ml, marks: marksOf(product, m.ml), what: mixText(m, mixes) })),
  };
}

function plannedViews(plan: Plan, products: readonly Product[], air: AirView): MixView[] {
  return plan.sessions.flatMap((session) =>
    [...new Set(session.mixes.map((m) => m.productId))].flatMap((id) => {
      const product = products.find((p) => p.id === id);
      if (!product) return [];
      return [
        plannedView(
          session,
          session.mixes.filter((m) => m.productId === id),
          product,
          air,
        ),
      ];
    }),
  );
}

/** The cups of a product while nothing has a time, taken at a usual heat. */
function timelessView({ session, product, pours }: SessionPours, areaM2: number): MixView {
  const life = product.potLifeMin;
  return {
    id: `${session} ${product.id}`,
    product,
    ratio: product.mix ? ratioText(product.mix) : null,
    at: undefined,
    tempC: USUAL_C,
    graded: gradedOf(product, gradeFor(USUAL_C, areaM2)),
    potMin: life === undefined ? null : potLifeAt(life, product.refTempC, USUAL_C),
    pours: pours.map(({ ml, coats, part: [nth, of] }) => ({
      ml,
      marks: marksOf(product, ml),
      what: of > 1 ? partText(coats[0]!, nth, of) : coatsText(coats),
    })),
  };
}

/** Every product that is still poured, session by session; empty for a job of cans. */
export function mixViews(whole: Job, plan: Plan, products: readonly Product[], air: AirView): MixView[] {
  if (!needsMixing(plan, products)) return [];
  if (plan.sessions.length > 0) return plannedViews(plan, products, air);
  const job = withZones(whole);
  const areaM2 = totalAreaM2(job.parts);
  return sessionPours(job, systemOfPlan(plan, products), USUAL_C).map((p) => timelessView(p, areaM2));
}

/** Everything mixed that holds isocyanate, by name; none where nothing does. */
export function isoCautions(mixes: readonly MixView[]): Caution[] {
  const names = [...new Set(mixes.filter((m) => m.product.isocyanate).map((m) => m.product.name))];
  return names.length > 0
    ? [{ code: 'isocyanate', severity: 'stop', params: { product: names.join(', ') } }]
    : [];
}
