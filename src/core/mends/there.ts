/** What there was on the parts when a mend was taken: begun layers, what is owed of them, what comes off, what ends. */
import type { Job } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Laid } from './laid';
import { isReworked, isStripped, isWorked, onThen, type Taken } from './taken';

export interface There {
  readonly layers: readonly PlanLayer[];
  isBegun(l: PlanLayer): boolean;
  /** Laid by an earlier mend on some of the parts, and not begun on them. */
  readonly pending: readonly PlanLayer[];
}

export function thereAt(job: Job, mend: Taken, layers: readonly PlanLayer[]): There {
  const on = onThen(job, mend);
  const isMine = (l: PlanLayer): boolean => l.partIds.some((id) => mend.partIds.includes(id));
  const isBegun = (l: PlanLayer): boolean =>
    isMine(l) && mend.partIds.some((id) => l.partIds.includes(id) && on(l.id, id) > 0);
  const pending = layers.filter((l) => l.mend !== undefined && isMine(l) && !isBegun(l));
  return { layers, isBegun, pending };
}

/** Coats of the mended film that were still to come and are given up; the coat that went wrong counts as one. */
export function owedCoats(job: Job, mend: Taken, { layers }: There): number {
  const film = layers.find((l) => l.id === mend.layerId);
  if (!film || !isReworked(mend)) return 0;
  if (isStripped(mend)) return film.coats;
  const on = onThen(job, mend);
  const least = Math.min(...mend.partIds.map((id) => on(film.id, id)));
  return Math.max(0, film.coats - least) + 1;
}

/** Layers of the build-up that the mend lays as well and that are untouched: they come in any case. */
export function comesAnyway(laid: Laid, mend: Taken, there: There): boolean {
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

/** The film is to come off by a mend that was taken before, whatever is done on it meanwhile. */
export const isMoot = (mend: Taken, { layers, pending }: There): boolean =>
  !isStripped(mend) &&
  pending.some((l) => isStripped(l.mend!)) &&
  !layers.some((l) => l.id === mend.layerId && l.partIds.some((id) => mend.partIds.includes(id)));

/** What comes off leaves its layers on those parts: from the lowest that is laid anew, and the film itself. */
export function strippedOf(mend: Taken, laid: readonly Laid[], there: There): PlanLayer[] {
  const anew = new Set(laid.map((x) => x.productId));
  const lowest = there.layers.findIndex(
    (l) => there.isBegun(l) && (anew.has(l.productId) || l.id === mend.layerId),
  );
  if (lowest < 0) return [...there.layers];
  return there.layers.map((l, i) =>
    i >= lowest && there.isBegun(l)
      ? { ...l, partIds: l.partIds.filter((id) => !mend.partIds.includes(id)) }
      : l,
  );
}

/** What is given up on every part of a layer is no coat of it any more. */
export function endedBy(job: Job, mend: Taken, { layers, isBegun }: There): PlanLayer[] {
  if (!isReworked(mend)) return [...layers];
  const on = onThen(job, mend);
  return layers.map((l) =>
    isBegun(l) && l.partIds.every((id) => mend.partIds.includes(id))
      ? { ...l, coats: Math.max(...l.partIds.map((id) => on(l.id, id))) }
      : l,
  );
}
