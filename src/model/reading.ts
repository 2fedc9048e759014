/** What was measured in a place: typed in, by a sensor, or from its log. */
import * as z from 'zod';
import { ID } from './limits';

export const READING_SOURCES = ['typed', 'sensor', 'log'] as const;

export const measuredSchema = z.strictObject({
  airC: z.number().min(-40).max(60).optional(),
  rhPct: z.number().min(1).max(100).optional(),
  panelC: z.number().min(-40).max(95).optional().describe('surface of the part'),
  windMs: z.number().min(0).max(40).optional().describe('at the part'),
});
/** What an instrument tells: the air at a part, or a weight, g. */
export interface Sensed extends Measured {
  readonly massG?: number;
}
export type Measured = z.infer<typeof measuredSchema>;
export const MEASURES = ['airC', 'rhPct', 'panelC', 'windMs'] as const satisfies readonly (keyof Measured)[];
export type Measure = (typeof MEASURES)[number];

/** One reading, at an instant (ms). */
export interface Reading extends Measured {
  readonly ms: number;
}

/** Where readings belong: a place of the workshop, or the place of one job alone. */
export const spotIdSchema = z.strictObject({ of: z.enum(['place', 'job']), id: z.string().regex(ID) });
export type SpotId = z.infer<typeof spotIdSchema>;

/** Where readings of a job belong. */
export const spotOf = (jobId: string, placeId: string | undefined): SpotId =>
  placeId === undefined ? { of: 'job', id: jobId } : { of: 'place', id: placeId };

export interface KeptReading extends Reading {
  readonly id: string;
  readonly source: (typeof READING_SOURCES)[number];
}

/** Readings a plan can use, and the places they were taken in: in another they say nothing. */
export interface JobReadings {
  /** null: the job's own */
  readonly placeId: string | null;
  readonly here: readonly Reading[];
  readonly dryPlaceId: string | null;
  readonly there: readonly Reading[];
}
export const NO_READINGS: JobReadings = { placeId: null, here: [], dryPlaceId: null, there: [] };
