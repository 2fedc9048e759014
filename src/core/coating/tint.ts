/**
 * Which colour a layer is: its own, the job's, or the silver ground under a candy. Cans of two colours are
 * two things to buy.
 */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';

export interface Tint {
  readonly hex: string;
  readonly name: string;
}
export const COLOURED: ReadonlySet<Product['kind']> = new Set([
  'basecoat',
  'mid-coat',
  'enamel',
  'single-stage',
  'heat-paint',
]);
/** Flakes or pearl in it: they lie as they were sprayed, and along every scratch. */
export const isEffect = ({ effect = 'none' }: Pick<Product, 'effect'>): boolean =>
  effect !== 'none' && effect !== 'solid';

/** The metallic ground a candy or a flake is judged over. Invented demo silver. */
export const SILVER_HEX = '#C9CED0';

/** The colour of a layer of a product; null for primers and clears. */
export function tintOf(
  job: Pick<Job, 'purpose'>,
  product: Pick<Product, 'kind' | 'effect'>,
  layer: Pick<PlanLayer, 'hex'>,
): Tint | null {
  if (!COLOURED.has(product.kind)) return null;
  const { colour } = job.purpose;
  if (layer.hex)
    return {
      hex: layer.hex,
      name: layer.hex.toLowerCase() === colour.hex.toLowerCase() ? colour.name : layer.hex.toUpperCase(),
    };
  return colour.kind === 'candy' && product.kind === 'basecoat' && product.effect === 'metallic'
    ? { hex: SILVER_HEX, name: 'silver ground' }
    : { hex: colour.hex, name: colour.name };
}

/** The name of a colour as it is compared: letters of either case, no space around. */
export const tintKey = (name: string): string => name.trim().toLowerCase();
export const sameTint = (a: string, b: string): boolean => tintKey(a) === tintKey(b);
