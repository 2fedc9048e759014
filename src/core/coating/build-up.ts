/** The build-up: layers with their parts, and the verdict on every seam and on the stack as a whole. */
import type { Job, Part, SystemLayer } from '@/model/job';
import type { Notice } from '@/model/marks';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { groundText, surfaceGround } from '@/model/ground';
import { CHEMISTRY_CARDS, isTwoPart } from '../chemistry/cards';
import { filmLines } from './film-budget';
import { judgeSeam, type Pair } from './judge-seam';
import type { Below } from './rules/card';
import { heatBlockers } from './service-heat';
import { sheetDoubts } from './sheet-doubts';
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
  return { planned, unknown };
}

/** Own sheets in use whose figures look like slips: asked before they are believed. */
function doubted(planned: readonly PlanLayer[], own: readonly Product[] = []): Notice[] {
  const used = own.filter((p) => planned.some((l) => l.productId === p.id));
  return used.flatMap((p) =>
    sheetDoubts(p).map(({ field, code, params }) =>
      notice('sheet-doubted', { product: p.name, field, doubt: code, ...params }),
    ),
  );
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
        isSpot: i > 0 && isSpotOf(mine[i - 1]!, layer),
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

/** Judges a list of layers, bottom first, over every part. */
export function buildUp(job: Job, layers: readonly SystemLayer[], products: Products): BuildUp {
  const { planned, unknown } = plannedLayers(job, layers, products);
  const { seams, bare } = seamsOver(job, planned, products);
  const refused = seams.flatMap((s) => {
    const code = SEAM_BLOCKERS[s.verdict];
    return code ? [notice(code, { below: groundText(s.below), above: s.above, reason: s.reason.code })] : [];
  });
  const stack = stackBlockers(
    job,
    planned.map((l) => productIn(products, l.productId)),
    topsOf(job, planned, products),
  );
  const uneven = unevenCandy(job, planned, products);
  const film = filmLines(job, { layers: planned, seams, products }).filter((l) => l.verdict === 'no');
  return {
    layers: planned,
    seams,
    blockers: [
      ...unknown,
      ...doubted(planned, job.products),
      ...bare,
      ...refused,
      ...stack,
      ...heatBlockers(job, planned, products),
      ...uneven,
      ...film.map(({ code, params }) => notice(code, params)),
    ],
  };
}

/** Every coat of candy deepens it: parts of one object with more and fewer of them never match. */
function unevenCandy(job: Job, planned: readonly PlanLayer[], products: Products): Notice[] {
  const candies = planned.filter((l) => productIn(products, l.productId).effect === 'candy');
  const coatsOn = (partId: string): number =>
    candies.reduce((a, l) => a + (l.partIds.includes(partId) ? l.coats : 0), 0);
  const counts = job.parts
    .map((p) => ({ name: p.name ?? p.id, coats: coatsOn(p.id) }))
    .filter((x) => x.coats > 0);
  const [first] = counts;
  const other = counts.find((x) => x.coats !== first!.coats);
  if (!first || !other) return [];
  const params = { part: first.name, coats: first.coats, other: other.name, otherCoats: other.coats };
  return [notice('candy-uneven', params)];
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

/** Products that end up on top, each once. */
function topsOf(job: Job, planned: readonly PlanLayer[], products: Products): Product[] {
  const tops = job.parts.flatMap((p) => planned.filter((l) => l.partIds.includes(p.id)).slice(-1));
  return [...new Set(tops.map((l) => productIn(products, l.productId)))];
}

/** What a top meets in service and does not stand, by what it meets. */
const DISSOLVED_BY = { fuel: 'fuel-dissolves-one-pack', 'brake-fluid': 'brake-fluid-strips' } as const;

/** Brake fluid attacks two-part paint too: that is a word of care, and only one-part paint is refused. */
const isDissolved = (top: Product, by: keyof typeof DISSOLVED_BY): boolean =>
  CHEMISTRY_CARDS[top.chemistry].attackedBy.includes(by) && (by === 'fuel' || !isTwoPart(top));

/** Faults of the stack that no single seam shows: service the top or any layer cannot take. */
function stackBlockers({ purpose }: Job, stack: readonly Product[], tops: readonly Product[]): Notice[] {
  const meets = (what: keyof typeof DISSOLVED_BY): boolean => purpose.exposure.includes(what);
  const dissolved = (['fuel', 'brake-fluid'] as const)
    .filter(meets)
    .flatMap((what) =>
      tops
        .filter((top) => isDissolved(top, what))
        .map((top) => notice(DISSOLVED_BY[what], { product: top.name })),
    );
  const last = stack.at(-1);
  const primer =
    last && PRIMERS.has(last.kind) ? [notice('stack-ends-in-primer', { product: last.name })] : [];
  return [...dissolved, ...primer];
}
