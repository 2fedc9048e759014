/** The log in rows: what was used beside what was expected, how each layer came out, what was done when. */
import { logOf } from '@/core/edits/log';
import { expectedUse, isGain, loggedMl, type ExpectedUse } from '@/core/material/used';
import { weighedMl } from '@/core/material/weighed';
import { productIn, systemOfPlan } from '@/core/seams/seam';
import { isoOf, msOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import type { Used } from '@/model/log';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { ShelfRow } from '@/usecases/shelf';
import type { Format } from '@/words/format';
import { LOG_MARKS } from '@/words/names';
import { doneList, type Layered } from './task-words';

export interface UsedRow {
  readonly product: Product;
  readonly used: Used | undefined;
  readonly by: Used['by'];
  readonly packWord: 'Cans' | 'Tins';
  readonly expected: ExpectedUse;
  /** null while nothing was logged, or the weights contradict each other */
  readonly usedMl: number | null;
  /** used of expected, %; null when either is not known */
  readonly ofPlanPct: number | null;
  /** heavier after than before: what to type instead; null when the weights fit */
  readonly weightFault: string | null;
  /** far more than was planned: look again; null where it is likely */
  readonly doubt: string | null;
  /** what the coats on the scale add up to, ml; null where none was weighed, or it is logged already */
  readonly weighedMl: number | null;
  /** where the model names a fault of this row */
  readonly path: string;
}

/** More than this over the plan is asked about; it is kept all the same. */
const DOUBT_TIMES = 2;
/** Packs are filled a little over. */
const FILLED_OVER = 1.05;

function doubtOf(ml: number | null, { takenMl, boughtMl }: ExpectedUse, f: Format): string | null {
  if (ml === null || !(takenMl > 0)) return null;
  if (ml > DOUBT_TIMES * takenMl)
    return `That is ${(ml / takenMl).toFixed(1)} times what was planned. Was so much bought? Look at it again.`;
  if (!(boughtMl > 0) || ml <= FILLED_OVER * boughtMl) return null;
  return `More than the list bought and set aside, ${f.volume(boughtMl)}. Was more bought? Look at it again.`;
}

function usedRow(job: Job, product: Product, expected: ExpectedUse, f: Format): UsedRow {
  const list = logOf(job).used;
  const used = list.find((x) => x.productId === product.id);
  const ml = used ? loggedMl(used, product) : null;
  return {
    product,
    used,
    by: used?.by ?? 'cans',
    packWord: product.packs[0]!.unit === 'can' ? 'Cans' : 'Tins',
    expected,
    usedMl: ml,
    ofPlanPct: ml !== null && expected.takenMl > 0 ? Math.round((ml / expected.takenMl) * 100) : null,
    weightFault: used?.by === 'weight' && isGain(used) ? `At most ${used.beforeG} g.` : null,
    doubt: doubtOf(ml, expected, f),
    weighedMl: used ? null : weighedMl(job, product),
    path: `log.used[${used ? list.indexOf(used) : list.length}].afterG`,
  };
}

interface LogOf {
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
}

/** One row for each product of the system, in its order. */
export function usedRows({ job, plan, products }: LogOf, f: Format): readonly UsedRow[] {
  const system = systemOfPlan(plan, products);
  return [...new Set(plan.layers.map((l) => l.productId))].map((id) => {
    const product = productIn(system.products, id);
    return usedRow(job, product, expectedUse(job, product, system), f);
  });
}

export interface OutcomeRow {
  readonly layerId: string;
  readonly name: string;
  readonly mark: number | null;
  readonly said: string;
  readonly remark: string;
}

/** How each layer came out, the top one first. */
export function outcomeRows(job: Job, plan: Plan, products: readonly Product[]): readonly OutcomeRow[] {
  const system = systemOfPlan(plan, products);
  return plan.layers.toReversed().map((layer) => {
    const outcome = logOf(job).outcomes.find((x) => x.layerId === layer.id);
    return {
      layerId: layer.id,
      name: productIn(system.products, layer.productId).name,
      mark: outcome?.mark ?? null,
      said: outcome ? LOG_MARKS[outcome.mark]! : 'not said yet',
      remark: outcome?.remark ?? '',
    };
  });
}

export interface TimeRow {
  readonly id: string;
  readonly label: string;
  /** yyyy-mm-dd and hh:mm at the place of the job */
  readonly date: string;
  readonly clock: string;
}

export function timeRows(job: Job, plan: Layered, products: readonly Product[]): readonly TimeRow[] {
  return doneList(job, plan, products).map((d) => {
    const at = isoOf(msOf(d.at, job.place.tz), job.place.tz);
    return { id: d.id, label: d.label, date: at.slice(0, 10), clock: at.slice(11, 16) };
  });
}

/** What closing the job now would leave undone; null when every coat is on. */
export function leftUndone(job: Job, plan: Plan): string | null {
  const coats = plan.layers.reduce((a, l) => a + l.coats, 0);
  const on = job.state?.coats.length ?? 0;
  if (on >= coats) return null;
  const what = on === 0 ? 'No coat is on yet' : `${coats - on} of ${coats} coats are not on`;
  return `${what}. It can be closed all the same.`;
}

export interface AsideRow {
  readonly stockId: string;
  readonly name: string;
  readonly asideMl: number;
  /** what is in it on the shelf; null while the shelf does not answer */
  readonly remainingMl: number | null;
  /** what is booked off unless one says otherwise: all that was set aside, at most what is in it */
  readonly usualMl: number;
}

/** What was set aside for this job from items of the shelf. */
export function asideRows(job: Job, shelf: readonly ShelfRow[] | null): readonly AsideRow[] {
  return (job.shelf ?? []).flatMap((s): AsideRow[] => {
    if (s.stockId === undefined) return [];
    const item = shelf?.find((r) => r.item.id === s.stockId)?.item;
    return [
      {
        stockId: s.stockId,
        name: item?.name ?? s.productId,
        asideMl: s.remainingMl,
        remainingMl: item?.remainingMl ?? null,
        usualMl: Math.min(s.remainingMl, item?.remainingMl ?? s.remainingMl),
      },
    ];
  });
}
