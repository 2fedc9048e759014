/** What was measured in the places of a job, as a plan uses it; and sensors read. */
import { HOUR } from '@/core/time/instant';
import type { Place } from '@/model/place';
import { spotOf, type JobReadings, type KeptReading, type Sensed } from '@/model/reading';
import type { ReadingStore, Sensor, StoredJob } from './ports';

/** Older ones say nothing of the hours to come. */
const USED_H = 24;
const MOST_USED = 400;

export function readingsFor(
  store: ReadingStore,
  { id, job }: Pick<StoredJob, 'id' | 'job'>,
  nowMs: number,
): JobReadings {
  const since = nowMs - USED_H * HOUR;
  const dryId = job.dryIn?.kind === 'elsewhere' ? (job.dryIn.placeId ?? null) : null;
  return {
    placeId: job.placeId ?? null,
    here: store.of(spotOf(id, job.placeId), since, MOST_USED),
    dryPlaceId: dryId,
    there: dryId === null ? [] : store.of({ of: 'place', id: dryId }, since, MOST_USED),
  };
}

/** Sensors of the air at a part; a scale tells nothing of it. */
export const airSensors = (all: readonly Sensor[]): readonly Sensor[] =>
  all.filter((s) => !s.measures.includes('massG'));

/** The first scale there is; null for none. */
export const scaleOf = (all: readonly Sensor[]): Sensor | null =>
  all.find((s) => s.measures.includes('massG')) ?? null;

/** Figures of all sensors together; a sensor that fails is left out, and named. */
export async function sensed(
  sensors: readonly Sensor[],
  place: Place,
  nowMs: number,
): Promise<{ readonly measured: Sensed; readonly failed: readonly string[] }> {
  const each = await Promise.all(
    sensors.map(async (s) => ({ s, got: await s.read(place, nowMs).catch(() => null) })),
  );
  return {
    measured: Object.assign({}, ...each.map((e) => e.got ?? {})) as Sensed,
    failed: each.filter((e) => e.got === null).map((e) => e.s.name),
  };
}

export interface ReadingsView {
  readonly list: readonly KeptReading[];
  readonly sensors: readonly string[];
}
