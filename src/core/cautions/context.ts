/** What the caution cards look at, gathered once. */
import type { Job } from '@/model/job';
import type { Session } from '@/model/plan';
import type { Product } from '@/model/product';
import { CHEMISTRY_CARDS } from '../chemistry/cards';
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
}

export function cautionContext(
  job: Job,
  system: System,
  sessions: readonly Session[],
  total: number,
): CautionContext {
  const stack = system.layers.map((l) => productIn(system.products, l.productId));
  const top = stack.at(-1);
  return {
    job,
    system,
    sessions,
    total,
    stack,
    top,
    onePackTop: top !== undefined && !CHEMISTRY_CARDS[top.chemistry].fuelProof,
    makers: [...new Set(stack.flatMap((p) => (p.maker ? [p.maker] : [])))],
  };
}

/** Paint of unknown age and make is going to be sanded. */
export const hasOldPaint = (job: Job): boolean =>
  job.parts.some((p) => ['sound-paint', 'failing-clear', 'chipped'].includes(p.condition));

export const isFlexed = (job: Job): boolean =>
  job.purpose.exposure.includes('flex') &&
  job.parts.some((p) => p.substrate === 'pp' || p.substrate === 'abs');

/** Still soft when the day ends. */
export const lostToNight = (s: Session): boolean =>
  instantOf(s.handleAt) > instantOf(s.touchDryAt) && s.handleAt.slice(0, 10) !== s.sprayAt.slice(0, 10);
