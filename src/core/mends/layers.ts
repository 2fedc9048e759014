/**
 * Mends as layers of the build-up: what a mend lays goes on after all that was on the part, with its papers and cloths
 * before it; what the build-up lays there in any case is not laid twice, nor what an earlier mend is still to lay. So
 * materials, weather, cans and hours are reckoned for it like for any other layer.
 */
import type { Job } from '@/model/job';
import type { LayerMend } from '@/model/mend';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { joinedWith } from './joined';
import { laidBy, readyOf, type Laid } from './laid';
import { mendLayerId, isStripped, takenMends, type Taken } from './taken';
import { comesAnyway, endedBy, isMoot, owedCoats, strippedOf, thereAt, type There } from './there';

type Products = ReadonlyMap<string, Product>;

/** The build-up as it was chosen, whose manner a mend follows, and its paints. */
interface Chosen {
  readonly chosen: readonly PlanLayer[];
  readonly products: Products;
}

/** A layer that a mend lays, like the one of its product in the build-up. */
interface Fresh {
  readonly laid: Laid;
  readonly like: PlanLayer;
  /** So many of the same were laid by this mend, with this one. */
  readonly nth: number;
  readonly film: LayerMend['film'];
}

function layerOf({ laid, like, nth, film }: Fresh, mend: Taken): PlanLayer {
  const { fades: _fades, oneMore: _more, mend: _mend, ...usual } = like;
  return {
    ...usual,
    id: mendLayerId(like.id, mend.id, nth),
    coats: laid.coats,
    partIds: [...mend.partIds],
    mend: {
      id: mend.id,
      kind: mend.kind,
      ready: readyOf(laid.tasks),
      film,
      tasks: [...laid.tasks],
      ...(laid.isLocal && mend.placeM2 !== undefined && { placeM2: mend.placeM2 }),
    },
  };
}

/** As layers, each with a name of its own however often a mend lays the same product, each over the one before it. */
function layersOf(mend: Taken, rows: readonly Laid[], there: There, { chosen }: Chosen): PlanLayer[] {
  const found = there.layers.find((l) => l.id === mend.layerId);
  const out: PlanLayer[] = [];
  for (const laid of rows) {
    const like = chosen.find((l) => l.productId === laid.productId);
    if (!like) continue;
    const nth = out.filter((l) => l.productId === laid.productId).length + 1;
    const { id: layerId, productId } = out.at(-1) ?? found ?? like;
    out.push(layerOf({ laid, like, nth, film: { layerId, productId } }, mend));
  }
  return out;
}

/** What the mend lays on its parts. */
function rowsOf(job: Job, mend: Taken, there: There, { products }: Chosen): Laid[] {
  const owed = owedCoats(job, mend, there);
  const film = there.layers.find((l) => l.id === mend.layerId);
  return laidBy(mend)
    .filter((x) => products.has(x.productId) && !comesAnyway(x, mend, there))
    .map((x) => (x.productId === film?.productId ? { ...x, coats: Math.max(x.coats, owed) } : x));
}

/** What was still to be laid on these parts is laid with the rest. */
function without({ pending }: There, { partIds }: Taken, layers: readonly PlanLayer[]): PlanLayer[] {
  const ids = new Set(pending.map((l) => l.id));
  return layers.map((l) =>
    ids.has(l.id) ? { ...l, partIds: l.partIds.filter((id) => !partIds.includes(id)) } : l,
  );
}

function mended(job: Job, mend: Taken, layers: readonly PlanLayer[], of: Chosen): PlanLayer[] {
  const there = thereAt(job, mend, layers);
  if (isMoot(mend, there)) return [...layers];
  const rows = rowsOf(job, mend, there, of);
  const kept = isStripped(mend) ? strippedOf(mend, laidBy(mend), there) : endedBy(job, mend, there);
  const fresh = layersOf(mend, rows.length > 0 ? joinedWith(there.pending, rows, mend) : [], there, of);
  const bare = fresh.length > 0 ? without(there, mend, kept) : kept;
  const isOver = (l: PlanLayer): boolean =>
    there.isBegun(l) || (l.mend !== undefined && l.partIds.some((id) => mend.partIds.includes(id)));
  const at = layers.findLastIndex(isOver) + 1;
  return bare.toSpliced(at, 0, ...fresh).filter((l) => l.partIds.length > 0);
}

/** The layers with all mends that were taken, in the order they were. */
export function withMends(job: Job, layers: readonly PlanLayer[], products: Products): PlanLayer[] {
  // A part that is gone meanwhile takes its mend with it.
  const painted = new Set(layers.flatMap((l) => l.partIds));
  const mends = takenMends(job)
    .map((m) => ({ ...m, partIds: m.partIds.filter((id) => painted.has(id)) }))
    .filter((m) => m.partIds.length > 0);
  const of: Chosen = { chosen: layers, products };
  return mends.reduce<PlanLayer[]>((all, mend) => mended(job, mend, all, of), [...layers]);
}
