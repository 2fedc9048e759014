/** The weights of a coat: what the scale said before it and after it, kept as they come, taken back. */
import type { Job } from '@/model/job';
import { isSameCoat, type CoatWeight } from '../material/weighed';
import { isoOf } from '../time/instant';

const MOST_KEPT = 200;
export type WeighedCoatKey = Pick<CoatWeight, 'layerId' | 'coat' | 'productId'> & {
  readonly partIds?: readonly string[] | undefined;
};

function withWeights(job: Job, weights: CoatWeight[]): Job {
  const { weights: _was, ...state } = job.state ?? { coats: [], activations: [] };
  return { ...job, state: weights.length > 0 ? { ...state, weights: weights.slice(-MOST_KEPT) } : state };
}

/** One side of the scale; the other stays as it was. */
export function setWeight(
  job: Job,
  of: WeighedCoatKey,
  patch: Partial<Pick<CoatWeight, 'beforeG' | 'afterG'>>,
  atMs: number,
): Job {
  const all = job.state?.weights ?? [];
  const was = all.find((w) => isSameCoat(w, of));
  const { layerId, coat, productId, partIds } = of;
  const fresh = { layerId, coat, productId, ...(partIds && { partIds: [...partIds] }) };
  const next: CoatWeight = { ...(was ?? fresh), ...patch, at: isoOf(atMs, job.place.tz) };
  return withWeights(job, [...all.filter((w) => w !== was), next]);
}

export const withoutWeight = (job: Job, of: WeighedCoatKey): Job =>
  withWeights(
    job,
    (job.state?.weights ?? []).filter((w) => !isSameCoat(w, of)),
  );
