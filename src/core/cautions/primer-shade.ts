/** Colours whose planned coats do not hide a grey primer, with the shade that would do in fewest. */
import type { Job } from '@/model/job';
import type { Caution } from '@/model/plan';
import type { Product } from '@/model/product';
import { coatsToHide, PRIMER_SHADES } from '../coating/depth';
import { COLOURED } from '../coating/tint';
import { productIn, type System } from '../seams/seam';

type Shade = (typeof PRIMER_SHADES)[number];
const GREY: Shade = PRIMER_SHADES.find(([name]) => name === 'grey')!;
const HIDING: ReadonlySet<Product['kind']> = new Set(['basecoat', 'enamel', 'single-stage']);

/** Under this layer lies another colour, and no primer whose shade could be chosen. */
function liesOnColour({ layers, seams, products }: System, layerId: string): boolean {
  const below = seams.flatMap((s) =>
    s.above === layerId && s.below.kind === 'layer' ? [s.below.layerId] : [],
  );
  return layers.some((l) => below.includes(l.id) && COLOURED.has(productIn(products, l.productId).kind));
}

export function poorlyHidden(job: Job, system: System): Caution['params'][] {
  const { layers, products } = system;
  const { colour } = job.purpose;
  // Under a candy or a flake lies a silver ground of its own.
  if (colour.kind === 'candy' || colour.kind === 'flake') return [];
  return layers.flatMap((layer) => {
    const product = productIn(products, layer.productId);
    if (!HIDING.has(product.kind) || liesOnColour(system, layer.id)) return [];
    const needs = ([, lightness]: Shade): number =>
      coatsToHide(layer.hex ?? colour.hex, lightness, product.filmUmPerCoat, product.hidesUm);
    const best = [...PRIMER_SHADES].sort((a, b) => needs(a) - needs(b))[0]!;
    const { coats } = layer;
    const grey = needs(GREY);
    if (grey <= coats) return [];
    return [{ product: product.name, coats, grey, shade: best[0], best: needs(best) }];
  });
}
