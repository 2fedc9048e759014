/** The build-up: layers with their parts, and the verdict on every seam and on the stack as a whole. */
import type { Job, Part, SystemLayer } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { PlanLayer, Seam } from '@/model/plan';
import type { Product } from '@/model/product';
import { gritBeforeColour } from '../prep/grit';
import { ruleFor, type Below } from './rules';
import { schoolOf } from './schools';
import { lightnessOf } from './colour';

export interface BuildUp {
  readonly layers: readonly PlanLayer[];
  readonly seams: readonly Seam[];
  readonly blockers: readonly Notice[];
}

/** Stable ids: the role, and a number when a role comes twice. */
function layerIds(layers: readonly SystemLayer[]): string[] {
  const seen = new Map<string, number>();
  return layers.map((l) => {
    const n = (seen.get(l.role) ?? 0) + 1;
    seen.set(l.role, n);
    return n === 1 ? l.role : `${l.role}-${n}`;
  });
}

export const surfaceId = (p: Pick<Part, 'substrate' | 'condition'>): string =>
  `surface:${p.substrate}/${p.condition}`;
const notice = (code: string, params: Notice['params'] = {}): Notice => ({ code, params });

/**
 * Judges a list of layers, bottom first, over every part. Layers whose product is unknown are left
 * out and reported.
 */
export function buildUp(
  job: Job,
  layers: readonly SystemLayer[],
  products: ReadonlyMap<string, Product>,
): BuildUp {
  const blockers: Notice[] = [];
  const planned: PlanLayer[] = [];
  const ids = layerIds(layers);
  layers.forEach((l, i) => {
    const p = products.get(l.productId);
    if (!p) blockers.push(notice('product-unknown', { product: l.productId, layer: i + 1 }));
    else
      planned.push({
        id: ids[i]!,
        role: l.role,
        productId: p.id,
        coats: l.coats,
        filmUmPerCoat: p.filmUmPerCoat,
        partIds: [...(l.only ?? job.parts.map((x) => x.id))],
        ...(l.hex ? { hex: l.hex } : {}),
      });
  });

  const lightness = lightnessOf(job.purpose.colour.hex);
  const seams = new Map<string, Seam>();
  for (const part of job.parts) {
    let below: Below = { surface: part };
    let belowId = surfaceId(part);
    let seen = false;
    for (const layer of planned) {
      if (!layer.partIds.includes(part.id)) continue;
      seen = true;
      const above = products.get(layer.productId)!;
      const key = `${belowId} ${layer.id}`;
      const known = seams.get(key);
      if (known) known.partIds.push(part.id);
      else seams.set(key, seamOf(job, below, belowId, layer, above, lightness, part.id));
      below = { product: above };
      belowId = layer.id;
    }
    if (!seen) blockers.push(notice('part-without-layer', { part: part.name ?? part.id }));
  }
  const list = [...seams.values()];
  for (const s of list)
    if (s.verdict === 'no')
      blockers.push(notice('seam-no', { below: s.below, above: s.above, reason: s.reason.code }));
  return { layers: planned, seams: list, blockers: [...blockers, ...stackBlockers(job, planned, products)] };
}

function seamOf(
  job: Job,
  below: Below,
  belowId: string,
  layer: PlanLayer,
  above: Product,
  lightness: number,
  partId: string,
): Seam {
  const card = ruleFor(below, above);
  const lower = 'product' in below ? below.product : null;
  const own = schoolOf(job, 'lastGrit');
  const grit =
    card?.grit === 'colour'
      ? own === 'by-colour'
        ? gritBeforeColour(job.purpose, lightness, above.carrier === 'aerosol')
        : Number(own)
      : (card?.grit ?? null);
  const join = card?.join ?? 'scuffed';
  const params = {
    below: lower?.name ?? ('surface' in below ? `${below.surface.substrate}/${below.surface.condition}` : ''),
    above: above.name,
  };
  // What the owner took on himself is planned as scuffed, with care, and stays on record.
  const taken =
    card?.verdict === 'no' &&
    (job.overrides ?? []).some((o) => o.below === (lower?.id ?? belowId) && o.above === above.id);
  if (taken)
    return {
      below: belowId,
      above: layer.id,
      verdict: 'care',
      join: 'scuffed',
      reason: notice('seam-overridden', { ...params, code: card.code }),
      wayOut: notice('test-card', params),
      mark: 'own',
      gritP: 400,
      wet: false,
      window: null,
      partIds: [partId],
    };
  return {
    below: belowId,
    above: layer.id,
    verdict: card?.verdict ?? 'care',
    join,
    reason: notice(card?.code ?? 'pair-not-known', params),
    wayOut: card ? (card.wayOut ? notice(card.wayOut, params) : null) : notice('test-card', params),
    mark: card?.mark ?? 'CP',
    gritP: card ? grit : 600,
    wet: card?.wet ?? false,
    window:
      lower && join === 'wet-on-wet'
        ? {
            minMin: lower.nextMinMin,
            wetMaxMin: lower.nextWetMaxMin ?? null,
            bondMaxMin: lower.nextBondMaxMin ?? null,
          }
        : null,
    partIds: [partId],
  };
}

const PRIMERS: ReadonlySet<Product['kind']> = new Set([
  'filler-primer',
  'etch-primer',
  'adhesion-promoter',
  'epoxy-primer',
  'surfacer',
  'spray-filler',
  'sealer',
  'wood-sealer',
]);

/** Faults of the stack that no single seam shows: service the top or any layer cannot take. */
function stackBlockers(
  job: Job,
  layers: readonly PlanLayer[],
  products: ReadonlyMap<string, Product>,
): Notice[] {
  const out: Notice[] = [];
  const all = layers.map((l) => products.get(l.productId)!);
  const top = all.at(-1);
  if (!top) return out;
  if (job.purpose.exposure.includes('fuel') && !top.chemistry.startsWith('2k'))
    out.push(notice('fuel-dissolves-one-pack', { product: top.name }));
  if (job.purpose.exposure.includes('heat')) {
    const cold = all.find((p) => (p.heatRatedC ?? 90) <= 90);
    if (cold) out.push(notice('heat-needs-rated', { product: cold.name }));
  }
  if (PRIMERS.has(top.kind)) out.push(notice('stack-ends-in-primer', { product: top.name }));
  return out;
}
