/**
 * Mends as layers of the build-up: what a mend lays goes on after all that was on the part, with its papers and cloths
 * before it; what the build-up lays there in any case is not laid twice. So materials, weather, cans and hours are
 * reckoned for it like for any other layer.
 */
import type { Job } from '@/model/job';
import type { LayerMend, MendTask } from '@/model/mend';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import {
  isCoating,
  isReworked,
  isStripped,
  isWait,
  isWorked,
  mendLayerId,
  onThen,
  takenMends,
  type Taken,
} from './taken';

type Products = ReadonlyMap<string, Product>;

/** Coats of one product in a row, with what comes before the first of them. */
interface Laid {
  readonly productId: string;
  readonly isLocal: boolean;
  coats: number;
  readonly tasks: readonly MendTask[];
}

function laidBy({ tasks }: Taken): Laid[] {
  const out: Laid[] = [];
  let before: MendTask[] = [];
  for (const task of tasks) {
    if (!isCoating(task)) {
      before.push(task);
      continue;
    }
    const last = out.at(-1);
    const goesOn = last?.productId === task.productId && before.every(isWait);
    if (goesOn) last.coats += task.coats;
    else out.push({ productId: task.productId, isLocal: task.isLocal, coats: task.coats, tasks: before });
    before = [];
  }
  return out;
}

/** The film below is ready for its first task; null where nothing is waited for. */
function readyOf(tasks: readonly MendTask[]): LayerMend['ready'] {
  const first = tasks.findIndex((t) => !isWait(t));
  const waits = (first < 0 ? tasks : tasks.slice(0, first)).filter((t) => t.do === 'wait');
  const longest = waits.at(-1);
  return longest ? { stage: longest.stage, times: longest.times } : null;
}

/** What there was when the mend was taken. */
interface There {
  readonly layers: readonly PlanLayer[];
  isBegun(l: PlanLayer): boolean;
}

function thereAt(job: Job, mend: Taken, layers: readonly PlanLayer[]): There {
  const on = onThen(job, mend);
  const isMine = (l: PlanLayer): boolean => l.partIds.some((id) => mend.partIds.includes(id));
  return {
    layers,
    isBegun: (l) => isMine(l) && mend.partIds.some((id) => l.partIds.includes(id) && on(l.id, id) > 0),
  };
}

/** Coats of the mended film that were still to come and are given up; the coat that went wrong counts as one. */
function owedCoats(job: Job, mend: Taken, { layers }: There): number {
  const film = layers.find((l) => l.id === mend.layerId);
  if (!film || !isReworked(mend)) return 0;
  if (isStripped(mend)) return film.coats;
  const on = onThen(job, mend);
  const least = Math.min(...mend.partIds.map((id) => on(film.id, id)));
  return Math.max(0, film.coats - least) + 1;
}

/** Layers of the build-up that the mend lays as well and that are untouched: they come in any case. */
function comesAnyway(laid: Laid, mend: Taken, there: There): boolean {
  if (isWorked({ tasks: [...laid.tasks] })) return false;
  const from = there.layers.findIndex((l) => l.id === mend.layerId);
  return there.layers.some(
    (l, i) =>
      i > from &&
      l.productId === laid.productId &&
      !l.mend &&
      !there.isBegun(l) &&
      mend.partIds.every((id) => l.partIds.includes(id)),
  );
}

/** The layer of its product in the build-up, and the film that is mended. */
interface Like {
  readonly like: PlanLayer;
  readonly film: PlanLayer;
}

/** A layer that a mend lays, like the one of its product in the build-up. */
function layerOf(laid: Laid, mend: Taken, { like, nth, film }: Like & { nth: number }): PlanLayer {
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
      film: { layerId: film.id, productId: film.productId },
      tasks: [...laid.tasks],
      ...(laid.isLocal && mend.placeM2 !== undefined && { placeM2: mend.placeM2 }),
    },
  };
}

/** As layers, each with a name of its own however often a mend lays the same product. */
function layersOf(mend: Taken, fresh: readonly (Like & { laid: Laid })[]): PlanLayer[] {
  return fresh.map(({ laid, like, film }, i) => {
    const before = fresh.slice(0, i).filter((x) => x.like.id === like.id).length;
    return layerOf(laid, mend, { like, film, nth: before + 1 });
  });
}

/** What comes off leaves its layers on those parts: from the lowest that is laid anew, and the film itself. */
function strippedOf(mend: Taken, laid: readonly Laid[], there: There): PlanLayer[] {
  const isGone = (l: PlanLayer): boolean => there.isBegun(l) && !l.mend;
  const anew = new Set(laid.map((x) => x.productId));
  const lowest = there.layers.findIndex((l) => isGone(l) && (anew.has(l.productId) || l.id === mend.layerId));
  if (lowest < 0) return [...there.layers];
  return there.layers.map((l, i) =>
    i >= lowest && there.isBegun(l)
      ? { ...l, partIds: l.partIds.filter((id) => !mend.partIds.includes(id)) }
      : l,
  );
}

/** What is given up on every part of a layer is no coat of it any more. */
function endedBy(job: Job, mend: Taken, { layers, isBegun }: There): PlanLayer[] {
  if (!isReworked(mend)) return [...layers];
  const on = onThen(job, mend);
  return layers.map((l) =>
    isBegun(l) && l.partIds.every((id) => mend.partIds.includes(id))
      ? { ...l, coats: Math.max(...l.partIds.map((id) => on(l.id, id))) }
      : l,
  );
}

function mended(job: Job, mend: Taken, layers: readonly PlanLayer[], products: Products): PlanLayer[] {
  const there = thereAt(job, mend, layers);
  const all = laidBy(mend);
  const owed = owedCoats(job, mend, there);
  const film = layers.find((l) => l.id === mend.layerId);
  const fresh = all
    .filter((x) => products.has(x.productId) && !comesAnyway(x, mend, there))
    .flatMap((x) => {
      const like = layers.find((l) => l.productId === x.productId && !l.mend);
      const coats = x.productId === film?.productId ? Math.max(x.coats, owed) : x.coats;
      return like ? [{ laid: { ...x, coats }, like, film: film ?? like }] : [];
    });
  const isOver = (l: PlanLayer): boolean =>
    there.isBegun(l) || (l.mend !== undefined && l.partIds.some((id) => mend.partIds.includes(id)));
  const at = layers.findLastIndex(isOver) + 1;
  const kept = isStripped(mend) ? strippedOf(mend, all, there) : endedBy(job, mend, there);
  return kept.toSpliced(at, 0, ...layersOf(mend, fresh)).filter((l) => l.partIds.length > 0);
}

/** The layers with all mends that were taken, in the order they were. */
export function withMends(job: Job, layers: readonly PlanLayer[], products: Products): PlanLayer[] {
  // A part that is gone meanwhile takes its mend with it.
  const painted = new Set(layers.flatMap((l) => l.partIds));
  const mends = takenMends(job)
    .map((m) => ({ ...m, partIds: m.partIds.filter((id) => painted.has(id)) }))
    .filter((m) => m.partIds.length > 0);
  return mends.reduce<PlanLayer[]>((all, mend) => mended(job, mend, all, products), [...layers]);
}
