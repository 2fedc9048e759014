/**
 * Parts that go on together. Where some are in the middle of a stretch whose films wait and others are not
 * there yet, those go on first and the others come later, in sessions of their own.
 */
import type { PlanLayer } from '@/model/plan';
import type { Done } from './done';

export type Lot = ReadonlySet<string>;

const coatsOf = (l: PlanLayer): number[] => Array.from({ length: l.coats }, (_, i) => i + 1);

/** Part by part: how much of a stretch is on. */
function isDone(layers: readonly PlanLayer[], done: Done, partId: string): boolean {
  const mine = layers.filter((l) => l.partIds.includes(partId));
  return mine.every((l) => coatsOf(l).every((coat) => done.isOn(l.id, coat, partId)));
}

function isBegun(layers: readonly PlanLayer[], done: Done, partId: string): boolean {
  return layers.some((l) => l.partIds.includes(partId) && done.endsOf(l.id, partId).length > 0);
}

/** One lot, or those ahead and those behind. @param stretches of the build-up, bottom first */
export function lotsOf(stretches: readonly (readonly PlanLayer[])[], done: Done): Lot[] {
  const all = [...new Set(stretches.flat().flatMap((l) => l.partIds))];
  const at = stretches.findLastIndex((layers) =>
    all.some((id) => isBegun(layers, done, id) && !isDone(layers, done, id)),
  );
  const behind = all.filter((id) => stretches.slice(0, at).some((layers) => !isDone(layers, done, id)));
  if (at < 1 || behind.length === 0 || behind.length === all.length) return [new Set(all)];
  return [new Set(all.filter((id) => !behind.includes(id))), new Set(behind)];
}

/** The layers of a stretch on the parts of a lot; those with none of them left out. */
export const layersOn = (layers: readonly PlanLayer[], lot: Lot): PlanLayer[] =>
  layers
    .map((l) => ({ ...l, partIds: l.partIds.filter((id) => lot.has(id)) }))
    .filter((l) => l.partIds.length > 0);
