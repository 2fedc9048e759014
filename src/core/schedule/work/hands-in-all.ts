/**
 * Hands-on minutes of a session and of what goes before and after it, before it has a time: what a plan will say
 * of it, but for cans and cups that die on the way.
 */
import { isTwoPart } from '../../chemistry/cards';
import { heelFrac } from '../../material/coat-uses';
import {
  ACTIVATE_MIN,
  isLast,
  MIX_MIN,
  RINSE_MIN,
  TACK_MIN,
  UNMASK_MIN,
  type CoatStep,
  type Draft,
} from './draft';

const sumOf = (list: readonly number[]): number => list.reduce((a, x) => a + x, 0);

/** Cans activated, or cups mixed and the gun rinsed, for all coats of one product. */
function openingMin(steps: readonly CoatStep[], cupMl: number): number {
  const { product } = steps[0]!;
  const ml = sumOf(steps.map((s) => s.ml));
  if (product.carrier === 'gun') return Math.ceil(ml / cupMl) * MIX_MIN + RINSE_MIN;
  if (!isTwoPart(product)) return 0;
  return Math.ceil(ml / (product.packs[0]!.sizeMl * (1 - heelFrac(product)))) * ACTIVATE_MIN;
}

export function handsInAllMin(draft: Draft): number {
  const { steps, visits, prepMin, cupMl } = draft;
  const products = [...new Set(steps.map((s) => s.product))];
  const tacked = steps.filter((s, i) => i > 0 && s.firstOfLayer).length;
  return (
    prepMin +
    sumOf(visits.map((v) => v.minutes)) +
    sumOf(steps.map((s) => s.minutes + sumOf(s.between.map((b) => b.task.minutes)))) +
    tacked * TACK_MIN +
    sumOf(
      products.map((product) =>
        openingMin(
          steps.filter((s) => s.product === product),
          cupMl,
        ),
      ),
    ) +
    (isLast(draft) ? UNMASK_MIN : 0)
  );
}
