/** The build-up: layers with their parts, and the verdict on every seam and on the stack as a whole. */
import type { Job, Part, SystemLayer } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { groundText, surfaceGround } from '@/model/ground';
import { withMends } from '../mends/layers';
import { isWorked } from '../mends/taken';
import { withFades } from './fade';
import { judgeSeam, type Pair } from './judge-seam';
import type { Below } from './rules/card';
import { stackBlockers } from './stack-faults';
import { productIn, type Seam } from '../seams/seam';

export interface BuildUp {
  readonly layers: readonly PlanLayer[];
  readonly seams: readonly Seam[];
  readonly blockers: readonly Notice[];
}
type Products = ReadonlyMap<string, Product>;

const notice = (code: string, params: Notice['params'] = {}): Notice => ({ code, params });

/** Stable ids: the role, and a number when a role comes twice. */
function layerIds(layers: readonly SystemLayer[]): string[] {
  const seen = new Map<string, number>();
  return layers.map((l) => {
    const n = (seen.get(l.role) ?? 0) + 1;
    seen.set(l.role, n);
    return n === 1 ? l.role : `${l.role}-${n}`;
  });
}

/** Layers with their ids and parts; those whose product is unknown are left out and reported. */
function plannedLayers(
  job: Job,
  layers: readonly SystemLayer[],
  products: Products,
): { planned: PlanLayer[]; unknown: Notice[] } {
  const unknown: Notice[] = [];
  const ids = layerIds(layers);
  const everyPart = job.parts.map((p) => p.id);
  const planned = layers.flatMap((layer, i): PlanLayer[] => {
    const product = products.get(layer.productId);
    if (!product) {
      unknown.push(notice('product-unknown', { product: layer.productId, layer: i + 1 }));
      return [];
    }
    const { coats, role } = layer;
    const own = layer.hex ? { hex: layer.hex } : {};
    const partIds = [...(layer.only ?? everyPart)];
    return [
      {
        id: ids[i]!,
        role,
        productId: product.id,
        coats,
        filmUmPerCoat: product.filmUmPerCoat,
        partIds,
        ...own,
      },
    ];
  });
  return { planned: withFades(job, planned, products), unknown };
}

/** The same paint on a few of the parts, where the whole of them is still bare of it. */
function isSpotOf(below: PlanLayer, layer: PlanLayer): boolean {
  const isSame = below.productId === layer.productId && below.hex === layer.hex;
  return (
    isSame &&
    below.partIds.length < layer.partIds.length &&
    below.partIds.every((id) => layer.partIds.includes(id))
  );
}

/** It goes on the film below as one more coat of it. */
const isOneMoreOf = (below: PlanLayer, layer: PlanLayer): boolean =>
  layer.mend ? !isWorked(layer.mend) && below.productId === layer.productId : isSpotOf(below, layer);

/** A dent in zinc is filled over its epoxy, once that is scuffed. */
const isFilledOver = (part: Part, below: Below): boolean =>
  part.substrate === 'galvanised' &&
  (part.dents?.length ?? 0) > 0 &&
  'product' in below &&
  below.product.kind === 'epoxy-primer';

/** The seams of every part, bottom first; parts that share one are named in it together. */
function seamsOver(
  job: Job,
  planned: readonly PlanLayer[],
  products: Products,
): { seams: Seam[]; bare: Notice[] } {
  const seams = new Map<string, Seam>();
  const bare: Notice[] = [];
  for (const part of job.parts) {
    const mine = planned.filter((l) => l.partIds.includes(part.id));
    if (mine.length === 0) bare.push(notice('part-without-layer', { part: part.name ?? part.id }));
    let below: Pick<Pair, 'ground' | 'below'> = { ground: surfaceGround(part), below: { surface: part } };
    for (const [i, layer] of mine.entries()) {
      const above = productIn(products, layer.productId);
      const pair: Pair = {
        ...below,
        layer,
        above,
        isSpot: i > 0 && isOneMoreOf(mine[i - 1]!, layer),
        isFilledOver: isFilledOver(part, below.below),
      };
      const key = `${JSON.stringify(below.ground)} ${layer.id} ${pair.isFilledOver}`;
      const known = seams.get(key);
      if (known) known.partIds.push(part.id);
      else seams.set(key, judgeSeam(job, pair, part.id));
      below = { ground: { kind: 'layer', layerId: layer.id }, below: { product: above } };
    }
  }
  return { seams: [...seams.values()], bare };
}

/** Verdicts that no plan stands on: refused, and not settled by anybody yet. */
const SEAM_BLOCKERS: Readonly<Partial<Record<Seam['verdict'], string>>> = {
  no: 'seam-no',
  unknown: 'seam-unknown',
};

/**
 * Judges a list of layers, bottom first, over every part. What is mended on them goes on as it was worked out; the
 * stack is judged as it was chosen.
 */
export function buildUp(job: Job, layers: readonly SystemLayer[], products: Products): BuildUp {
  const { planned: chosen, unknown } = plannedLayers(job, layers, products);
  const planned = withMends(job, chosen, products);
  const { seams, bare } = seamsOver(job, planned, products);
  const refused = seams.flatMap((s) => {
    const code = SEAM_BLOCKERS[s.verdict];
    return code ? [notice(code, { below: groundText(s.below), above: s.above, reason: s.reason.code })] : [];
  });
  const isMended = planned.some((l) => l.mend);
  const asChosen = isMended ? seamsOver(job, chosen, products).seams : seams;
  const stack = stackBlockers(job, { layers: chosen, seams: asChosen, products });
  return { layers: planned, seams, blockers: [...unknown, ...bare, ...refused, ...stack] };
}
