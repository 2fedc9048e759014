/** The coats that are on, with the instants at which they were ticked. */
import type { Job } from '@/model/job';
import { msOf } from './instant';

export interface CoatOn {
  readonly layerId: string;
  readonly coat: number;
  readonly endedMs: number;
  /** Left out: on every part of its layer. */
  readonly partIds?: readonly string[] | undefined;
}

/** A coat that names no parts is on all of its layer. */
export const isOnPart = ({ partIds }: Pick<CoatOn, 'partIds'>, partId: string): boolean =>
  partIds?.includes(partId) ?? true;

/** Every coat of some layers, from the first. */
export const everyCoat = (
  layers: readonly { readonly id: string; readonly coats: number }[],
): { layerId: string; coat: number }[] =>
  layers.flatMap((l) => Array.from({ length: l.coats }, (_, i) => ({ layerId: l.id, coat: i + 1 })));

/** In the order they were ticked. */
export const coatsOn = ({ state, place }: Pick<Job, 'state' | 'place'>): CoatOn[] =>
  (state?.coats ?? []).map(({ layerId, coat, endedAt, partIds }) => ({
    layerId,
    coat,
    endedMs: msOf(endedAt, place.tz),
    partIds,
  }));

/** The one that went on last. */
export const lastOf = (coats: readonly CoatOn[]): CoatOn | null =>
  coats.reduce<CoatOn | null>((last, c) => (last && last.endedMs >= c.endedMs ? last : c), null);
