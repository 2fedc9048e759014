/** What a session that fails costs: its paint, what was activated for it, and its hours once more. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { CoatStep, Draft } from '../tasks/draft';

export interface Stakes {
  readonly materials: number;
  readonly hours: number;
  readonly money: number;
}

export const DEFAULT_HOUR_VALUE = 10;
export const DEFAULT_DELAY_PER_DAY = 4;
/** A failed session costs its hours again, and half of them to take the film off. From memory. */
const REDO = 1.5;

const moneyFor = ({ product }: CoatStep, ml: number): number => {
  const pack = product.packs[0]!;
  return (ml * pack.price) / pack.sizeMl;
};

/** What is activated is lost whole, used or not: the money in the can beyond what is sprayed. */
function lostInCans(draft: Draft, step: CoatStep): number {
  const sprayed = draft.steps.filter((x) => x.product.id === step.product.id).reduce((a, x) => a + x.ml, 0);
  return Math.max(0, step.activateCans * step.product.packs[0]!.price - moneyFor(step, sprayed));
}

export function stakesOf(job: Job, draft: Draft, materials: readonly Material[]): Stakes {
  const bought = new Set(materials.map((m) => m.productId));
  let money = 0;
  for (const s of draft.steps) money += bought.has(s.product.id) ? moneyFor(s, s.ml) : 0;
  for (const s of draft.steps) if (s.activateCans > 0) money += lostInCans(draft, s);
  const sprayMin = draft.steps.reduce((a, s) => a + s.minutes + s.product.flashMin, 0);
  const hours = (REDO * (draft.prepMin + sprayMin)) / 60;
  return { materials: money, hours, money: money + hours * (job.risk.hourValue ?? DEFAULT_HOUR_VALUE) };
}
