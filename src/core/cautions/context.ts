/** What the caution cards look at, gathered once. */
import type { Job } from '@/model/job';
import type { Caution, Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { isFuelProof, isTwoPart, TWO_PART_COMFORT_C } from '../chemistry/cards';
import { isPainted, isPlastic, mayHoldLead } from '@/model/substrates';
import { filmLines, type FilmLine } from '../coating/film-budget';
import { productIn, type System } from '../seams/seam';
import { instantOf } from '../time/instant';

export interface CautionContext {
  readonly job: Job;
  readonly system: System;
  readonly sessions: readonly Session[];
  /** What it all costs, in the budget's currency. */
  readonly total: number;
  /** Products of the layers, bottom first. */
  readonly stack: readonly Product[];
  readonly top: Product | undefined;
  /** The top is one that petrol dissolves and stones chip. */
  readonly onePackTop: boolean;
  readonly makers: readonly string[];
  /** Films near an end of their budget, or past it. */
  readonly films: readonly FilmLine[];
  /** Stock that is here and promises nothing, ml, with why. */
  readonly notCounted: readonly { readonly name: string; readonly ml: number; readonly why: string }[];
}

/** What a plan has come to, beside its job and build-up. */
interface Outcome {
  readonly sessions: readonly Session[];
  /** In the budget's currency. */
  readonly total: number;
  readonly notCounted: CautionContext['notCounted'];
}

export function cautionContext(
  job: Job,
  system: System,
  { sessions, total, notCounted }: Outcome,
): CautionContext {
  const stack = system.layers.map((l) => productIn(system.products, l.productId));
  const top = stack.at(-1);
  return {
    job,
    system,
    sessions,
    total,
    notCounted,
    films: filmLines(job, system),
    stack,
    top,
    onePackTop: top !== undefined && !isFuelProof(top),
    makers: [...new Set(stack.flatMap((p) => (p.maker ? [p.maker] : [])))],
  };
}

/** Paint of unknown age and make is going to be sanded. */
export const hasOldPaint = (job: Job): boolean => job.parts.some(isPainted);

/** Lead or chromate may be in its dust: any old paint, and rust that was painted once; not on plastics. */
export const hasLeadDust = (job: Job): boolean => job.parts.some(mayHoldLead);

/** The coldest two-part coat of a session, where it is under that. */
export function coldTwoPart({ sessions, system }: CautionContext): Caution['params'][] {
  return sessions.flatMap((s) => {
    const cold = s.tasks.flatMap((t) => {
      const layer = t.kind === 'coat' ? system.layers.find((l) => l.id === t.layerId) : undefined;
      const product = layer && productIn(system.products, layer.productId);
      const panelC = Number(t.checks.find((c) => c.code === 'check-panel')?.params.value ?? Infinity);
      const isCold = product !== undefined && isTwoPart(product) && panelC < TWO_PART_COMFORT_C;
      return isCold ? [{ session: s.id, product: product.name, panelC, minC: TWO_PART_COMFORT_C }] : [];
    });
    return cold.sort((a, b) => a.panelC - b.panelC).slice(0, 1);
  });
}

export const isFlexed = (job: Job): boolean =>
  job.purpose.exposure.includes('flex') && job.parts.some(isPlastic);

/** Still soft when the day ends. */
export const lostToNight = (s: Session): boolean =>
  instantOf(s.handleAt) > instantOf(s.touchDryAt) && s.handleAt.slice(0, 10) !== s.sprayAt.slice(0, 10);
