/** Edits of the build-up: layers by hand, in order; seams taken on; and back to what is suggested. */
import { groundText, type Ground } from '@/model/ground';
import type { Job, SystemLayer } from '@/model/job';
import type { PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { systemFor } from '../coating/system';
import { withoutMends } from '../mends/taken';
import type { Seam, System } from '../seams/seam';
import { withZones } from '../surface/zones';

/**
 * Planned layers as somebody would have chosen them.
 * @param parts number of parts, zones counted: a layer over all of them names none
 */
export function asChosen(layers: readonly PlanLayer[], parts: number): SystemLayer[] {
  return layers.map(({ role, productId, coats, partIds, hex }) => ({
    role,
    productId,
    coats,
    ...(partIds.length < parts ? { only: partIds } : {}),
    ...(hex ? { hex } : {}),
  }));
}

export const productLayer = (p: Product): SystemLayer => ({ role: p.role, productId: p.id, coats: p.coats });

/** The job with these layers. Starts set by hand belonged to the sessions of the old build-up and go. */
export function withLayers(job: Job, layers: readonly SystemLayer[]): Job {
  const { starts: _starts, ...rest } = job;
  return { ...rest, system: { layers: [...layers] } };
}

/** Changes the layers, those that were suggested becoming chosen ones. */
export function changeLayers(
  job: Job,
  change: (layers: readonly SystemLayer[]) => readonly SystemLayer[],
): Job {
  const now =
    job.system?.layers ?? asChosen(systemFor(withoutMends(job)).layers, withZones(job).parts.length);
  return withLayers(job, change(now));
}

export function asSuggested(job: Job): Job {
  const { system: _system, starts: _starts, ...rest } = job;
  return rest;
}

/** A layer with some of it changed; an empty colour gives it the job's again. */
export function patchLayer(
  layers: readonly SystemLayer[],
  index: number,
  patch: Partial<SystemLayer>,
): SystemLayer[] {
  return layers.map((layer, i) => {
    if (i !== index) return layer;
    const { hex, ...rest } = { ...layer, ...patch };
    return hex ? { ...rest, hex } : rest;
  });
}

export function moveLayer(layers: readonly SystemLayer[], index: number, by: number): SystemLayer[] {
  const moved = layers[index];
  const rest = layers.filter((_l, i) => i !== index);
  return moved ? rest.toSpliced(index + by, 0, moved) : rest;
}

export const removeLayer = (layers: readonly SystemLayer[], index: number): SystemLayer[] =>
  layers.filter((_l, i) => i !== index);

/** What a decision on a seam is kept under: the surface, or the product of the layer below; the product above. */
function seamKey(seam: Seam, { layers }: Pick<System, 'layers'>): { below: string; above: string } {
  const productOf = (layerId: string): string => layers.find((l) => l.id === layerId)?.productId ?? layerId;
  const below = (g: Ground): string => (g.kind === 'layer' ? productOf(g.layerId) : groundText(g));
  return { below: below(seam.below), above: productOf(seam.above) };
}

/** When it was decided, ISO, and why; a pair that nobody knows is not decided without a why. */
type Decision = Pick<NonNullable<Job['overrides']>[number], 'at' | 'why'>;

/** A refused or unknown seam taken on, or given back. @param decision null gives it back */
export function decideSeam(
  job: Job,
  seam: Seam,
  system: Pick<System, 'layers'>,
  decision: Decision | null,
): Job {
  const key = seamKey(seam, system);
  const { overrides = [], ...rest } = job;
  const left = overrides.filter((o) => o.below !== key.below || o.above !== key.above);
  const next = decision === null ? left : [...left, { ...key, ...decision }];
  return next.length > 0 ? { ...rest, overrides: next } : rest;
}

/** Papers of a seam chosen by hand; none gives the ladder back to the rules. */
export function setLadder(
  job: Job,
  seam: Seam,
  system: Pick<System, 'layers'>,
  grits: readonly number[] | null,
): Job {
  const key = seamKey(seam, system);
  const { ladders = [], ...rest } = job;
  const left = ladders.filter((l) => l.below !== key.below || l.above !== key.above);
  const next = grits && grits.length > 0 ? [...left, { ...key, grits: [...grits] }] : left;
  return next.length > 0 ? { ...rest, ladders: next } : rest;
}
