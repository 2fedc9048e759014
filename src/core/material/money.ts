/** What it costs in all: paint, what is used up beside it, and the tax on both. */
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { Consumable } from './consumables';

export interface Totals {
  readonly paint: number;
  readonly prep: number;
  readonly tax: number;
  readonly total: number;
}
export function totalsOf(
  job: Job,
  materials: readonly Material[],
  consumables: readonly Consumable[],
): Totals {
  const paint = materials.reduce((a, m) => a + m.cost, 0);
  const prep = consumables.reduce((a, c) => a + c.cost, 0);
  const tax = ((paint + prep) * (job.budget.taxPct ?? 0)) / 100;
  return { paint, prep, tax, total: paint + prep + tax };
}
