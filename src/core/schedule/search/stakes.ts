/** What a session that fails costs: its paint, what was activated for it, and its hours once more. */
import { moneyFor } from '../../material/packs';
import type { Material } from '@/model/plan';
import { activatedCans, packsFor, sprayedMl } from '../work/coats';
import { isAtHand, type Draft } from '../work/draft';

export interface Stakes {
  readonly materials: number;
  readonly hours: number;
  readonly money: number;
}

/** A failed session costs its hours again, and half of them to take the film off. From memory. */
const REDO = 1.5;

/** What is activated is lost whole, used or not: the money in the cans beyond what is sprayed. */
function lostInCans(draft: Draft): number {
  const activated = activatedCans(draft.steps).filter((p) => !isAtHand(draft, p.id));
  return activated.reduce((sum, product) => {
    const ml = sprayedMl(draft.steps, product);
    const cans = packsFor(product, ml, draft.cupMl) * product.packs[0]!.price;
    return sum + Math.max(0, cans - moneyFor(product, ml));
  }, 0);
}

/** Paint for the coats that are only there because the work rests, money. */
export const oneMoreMoney = (drafts: readonly Draft[]): number =>
  drafts.flatMap((d) => d.steps).reduce((a, s) => a + (s.isOneMore ? moneyFor(s.product, s.ml) : 0), 0);

/** Hands-on minutes of a session and the waits between its coats. */
const sessionMinutes = ({ prepMin, steps }: Draft): number =>
  prepMin + steps.reduce((a, s) => a + s.minutes + s.product.flashMin, 0);

/** Minutes to take a film off that failed. */
export const redoMinutes = (draft: Draft): number => (REDO - 1) * sessionMinutes(draft);

/** @param hourWorth money */
export function stakesOf(draft: Draft, materials: readonly Material[], hourWorth: number): Stakes {
  const bought = new Set(materials.map((m) => m.productId));
  let money = 0;
  for (const s of draft.steps) money += bought.has(s.product.id) ? moneyFor(s.product, s.ml) : 0;
  money += lostInCans(draft);
  const hours = (REDO * sessionMinutes(draft)) / 60;
  return { materials: money, hours, money: money + hours * hourWorth };
}
