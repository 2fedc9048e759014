/** How many coats a layer gets, with the one more that resting past a bond asks for. */
import type { PlanLayer } from '@/model/plan';

export const coatsText = ({ coats, oneMore }: Pick<PlanLayer, 'coats' | 'oneMore'>): string =>
  oneMore && oneMore.length > 0 ? `${coats} + 1` : String(coats);
