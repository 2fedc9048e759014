/**
 * Parts that go on together. Where some are in the middle of a stretch whose films wait and others are not
 * there yet, those go on first and the others come later, in sessions of their own.
 */
import type { Job, Part } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import { isEffect } from '../../coating/tint';
import { isWorked } from '../../mends/taken';
import { productIn, type System } from '../../seams/seam';
import { totalAreaM2 } from '../../surface/area';
import { wholePartId } from '../../surface/zones';
import type { Done } from './done';
import { evenly } from './evenly';

export type Lot = ReadonlySet<string>;

const coatsOf = (l: PlanLayer): number[] => Array.from({ length: l.coats }, (_, i) => i + 1);

/** Part by part: how much of a stretch is on. */
export function isDone(layers: readonly PlanLayer[], done: Done, partId: string): boolean {
  const mine = layers.filter((l) => l.partIds.includes(partId));
  return mine.every((l) => coatsOf(l).every((coat) => done.isOn(l.id, coat, partId)));
}

function isBegun(layers: readonly PlanLayer[], done: Done, partId: string): boolean {
  return layers.some((l) => l.partIds.includes(partId) && done.endsOf(l.id, partId).length > 0);
}

/** Parts on which a mend that is reworked first is still to be laid: it waits, and the others need not wait for it. */
function mendedLater(layers: readonly PlanLayer[], done: Done): Set<string> {
  const worked = layers.filter((l) => l.mend && isWorked(l.mend));
  return new Set(worked.flatMap((l) => l.partIds.filter((id) => !isDone([l], done, id))));
}

/** One lot, or those ahead and those behind. @param stretches of the build-up, bottom first */
export function lotsOf(stretches: readonly (readonly PlanLayer[])[], done: Done): Lot[] {
  const all = [...new Set(stretches.flat().flatMap((l) => l.partIds))];
  const later = mendedLater(stretches.flat(), done);
  const others = all.filter((id) => !later.has(id));
  const isLeft = others.some((id) => !isDone(stretches.flat(), done, id));
  if (later.size > 0 && isLeft) return [new Set(others), later];
  const at = stretches.findLastIndex((layers) =>
    all.some((id) => isBegun(layers, done, id) && !isDone(layers, done, id)),
  );
  const behind = all.filter((id) => stretches.slice(0, at).some((layers) => !isDone(layers, done, id)));
  if (at < 1 || behind.length === 0 || behind.length === all.length) return [new Set(all)];
  return [new Set(all.filter((id) => !behind.includes(id))), new Set(behind)];
}

/** What is due first, then what is here first; else as the job names them. */
function byUrgency(a: readonly Part[], b: readonly Part[]): number {
  const key = (parts: readonly Part[]): string => {
    const due = parts.map((p) => p.deadline ?? '9999').sort()[0]!;
    return `${due} ${parts
      .map((p) => p.readyFrom ?? '')
      .sort()
      .at(-1)!}`;
  };
  return key(a).localeCompare(key(b));
}

/** Some part has a day of its own, so that it matters which goes on first. */
export const hasDays = ({ parts }: Job): boolean =>
  parts.some((p) => p.deadline !== undefined || p.readyFrom !== undefined);

/**
 * The parts in so many lots of about the same area, each through all its coats before the next; fewer than two
 * where there is nothing to part, or where an effect colour wants them together. A part stays with its zones.
 */
export function evenLots(job: Job, { layers, products }: System, count: number): Lot[] {
  if (layers.some((l) => isEffect(productIn(products, l.productId)))) return [];
  const painted = new Set(layers.flatMap((l) => l.partIds));
  const wholes = new Map<string, Part[]>();
  for (const part of job.parts.filter((p) => painted.has(p.id)))
    wholes.set(wholePartId(part.id), [...(wholes.get(wholePartId(part.id)) ?? []), part]);
  if (wholes.size < count) return [];
  const lots = evenly([...wholes.values()].sort(byUrgency), totalAreaM2, count);
  return lots.map((lot) => new Set(lot.flat().map((p) => p.id)));
}

/** The layers of a stretch on the parts of a lot; those with none of them left out. */
export const layersOn = (layers: readonly PlanLayer[], lot: Lot): PlanLayer[] =>
  layers
    .map((l) => ({ ...l, partIds: l.partIds.filter((id) => lot.has(id)) }))
    .filter((l) => l.partIds.length > 0);
