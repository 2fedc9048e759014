/** What is left when a job is done, in rows, and as items for the shelf. */
import { leftAtClose, type LeftAtClose } from '@/core/material/left-at-close';
import { logOf } from '@/core/edits/log';
import { productIn, systemOfPlan } from '@/core/seams/seam';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { StockDraft } from '@/model/stock';
import { counted, type Format } from '@/words/format';
import { PART_NAMES } from './shelf';

export interface LeftRow {
  readonly left: LeftAtClose;
  readonly name: string;
  /** “1 sealed can of 400 ml, about 150 ml in another”. */
  readonly said: string;
  /** It was dealt with. */
  readonly isDone: boolean;
}

function saidOf({ sealed, packMl, openMl, openDies }: LeftAtClose, f: Format): string {
  const whole = sealed > 0 ? [`${counted(sealed, 'sealed pack')} of ${f.volume(packMl)}`] : [];
  const open =
    openMl >= 1 ? [`about ${f.volume(openMl)} in the open one${openDies ? ', activated: dead' : ''}`] : [];
  return [...whole, ...open].join(', ');
}

/** One row for each thing that was bought and is not used up. */
export function leftRows(job: Job, plan: Plan, products: readonly Product[], f: Format): LeftRow[] {
  const system = systemOfPlan(plan, products);
  const done = logOf(job).shelved ?? [];
  return leftAtClose(job, system).map((left) => {
    const product = productIn(system.products, left.productId);
    const what = left.part === 'base' ? product.name : `${product.name} ${PART_NAMES[left.part]}`;
    return {
      left,
      name: left.colour ? `${what}, ${left.colour}` : what,
      said: saidOf(left, f),
      isDone: done.includes(left.key),
    };
  });
}

/** The items a left-over becomes: each sealed pack, and the open one with what is in it unless it is dead. */
export function itemsOf({ left, name }: LeftRow, openMl: number, today: string): StockDraft[] {
  const { sealed, packMl, openDies, colour } = left;
  const base = {
    productId: left.ingredientId,
    part: left.part,
    name: (colour ? name.slice(0, -colour.length - 2) : name).slice(0, 80),
    ...(colour !== null && { colour }),
    sizeMl: packMl,
    boughtOn: today,
  };
  const whole = Array.from({ length: sealed }, (): StockDraft => ({ ...base, remainingMl: packMl }));
  if (openDies || openMl < 1) return whole;
  return [...whole, { ...base, remainingMl: Math.min(packMl, Math.round(openMl)), openedOn: today }];
}
