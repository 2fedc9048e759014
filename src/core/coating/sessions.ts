/** The build-up cut into sessions. */
import type { PlanLayer } from '@/model/plan';
import type { Seam, System } from '../seams/seam';

/**
 * Layers grouped into sessions: a new one begins where a layer goes on a sanded or scuffed film of
 * the same stretch. What lies below from an earlier session is sanded with the preparation.
 */
export function splitAtSeams({ layers, seams }: Pick<System, 'layers' | 'seams'>): PlanLayer[][] {
  const groups: PlanLayer[][] = [];
  layers.forEach((layer, i) => {
    const now = new Set(groups.at(-1)?.map((l) => l.id));
    const onThese = (s: Seam): boolean => s.below.kind === 'layer' && now.has(s.below.layerId);
    const cut = i === 0 || seams.some((s) => s.above === layer.id && s.join !== 'wet-on-wet' && onThese(s));
    if (cut) groups.push([layer]);
    else groups.at(-1)!.push(layer);
  });
  return groups;
}
