/** A small job for tests: one flat panel on electro-coat, layers and seams as they are wanted. */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Seam, System } from '@/core/seams/seam';
import { demo, product } from './test-kit';
import { flatPart } from './test-part';

const { state: _state, shelf: _shelf, ...bonnet } = demo('tractor-bonnet');
export const panel = (over: Partial<Part> = {}): Part => flatPart({ condition: 'e-coat', ...over });
/** Painted as a workhorse, with even odds of running short. */
export const jobOf = (over: Partial<Job> = {}): Job => ({
  ...bonnet,
  purpose: { ...bonnet.purpose, grade: 'workhorse' },
  parts: [panel()],
  risk: { ...bonnet.risk, runOut: 0.5 },
  ...over,
});
export const layerOf = (productId: string, coats: number, over: Partial<PlanLayer> = {}): PlanLayer => {
  const { role, filmUmPerCoat } = product(productId);
  return { id: role, role, productId, coats, filmUmPerCoat, partIds: ['p'], ...over };
};
export const seam = (below: string, above: string, over: Partial<Seam> = {}): Seam =>
  ({
    below: { kind: 'layer', layerId: below },
    above,
    partIds: ['p'],
    join: 'wet-on-wet',
    verdict: 'ok',
    reason: { code: 'x', params: {} },
    ...over,
  }) as Seam;
export const systemOf = (layers: PlanLayer[], seams: Seam[] = []): System => ({
  layers,
  seams,
  products: new Map(layers.map((l) => [l.productId, product(l.productId)])),
});
