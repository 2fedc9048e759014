/**
 * A seam of the build-up: what lies below, what goes on it, and the verdict. In a plan's JSON what lies below
 * is a text.
 */
import { groundOf, groundText, type Ground } from '@/model/ground';
import type { PlanLayer, SeamRecord } from '@/model/plan';
import type { Product } from '@/model/product';

export interface Seam extends Omit<SeamRecord, 'below'> {
  readonly below: Ground;
}

/** Layers, the seams between them and the products they are sprayed from: what most of the core reckons with. */
export interface System {
  readonly layers: readonly PlanLayer[];
  readonly seams: readonly Seam[];
  readonly products: ReadonlyMap<string, Product>;
}

/** The product of an id. @throws RangeError when it is not among them: every layer of a system has one */
export function productIn(products: System['products'], id: string): Product {
  const product = products.get(id);
  if (!product) throw new RangeError(`productIn: no product ${id}`);
  return product;
}

export const isSanded = (seam: Pick<Seam, 'join'>): boolean =>
  seam.join === 'sanded' || seam.join === 'scuffed';
export const liesOnSurface = (seam: Pick<Seam, 'below'>): boolean => seam.below.kind === 'surface';
export const liesOn = (seam: Pick<Seam, 'below'>, layerId: string): boolean =>
  seam.below.kind === 'layer' && seam.below.layerId === layerId;

export const seamRecord = (seam: Seam): SeamRecord => ({ ...seam, below: groundText(seam.below) });

/** A layer of the same product on a few of the parts below the whole: its code where that is the join. */
export const SPOT = 'spot-then-full';

/** The layers that are spot coats under a layer. */
export const spotsUnder = (seams: readonly Seam[], layerId: string): string[] =>
  seams.flatMap((s) =>
    s.above === layerId && s.reason.code === SPOT && s.below.kind === 'layer' ? [s.below.layerId] : [],
  );

/** The system a plan was made of. @throws RangeError when a layer names a product that is not among them */
export function systemOfPlan(
  plan: { readonly layers: readonly PlanLayer[]; readonly seams: readonly SeamRecord[] },
  products: readonly Product[],
): System {
  const byId = new Map(products.map((p) => [p.id, p]));
  const missing = plan.layers.find((l) => !byId.has(l.productId));
  if (missing) throw new RangeError(`systemOfPlan: no product ${missing.productId}`);
  return {
    layers: plan.layers,
    seams: plan.seams.map((s) => ({ ...s, below: groundOf(s.below) })),
    products: byId,
  };
}
