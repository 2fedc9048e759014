/** What the use cases need from outside; data, standins and app fulfil it, tests pass a Map. */
import type { Forecast } from '@/model/forecast';
import type { Job, Place } from '@/model/job';

export interface StoredJob { readonly id: string; readonly version: number; readonly job: Job; readonly createdMs: number; readonly updatedMs: number }
export type SaveResult = { readonly kind: 'saved'; readonly version: number } | { readonly kind: 'stale'; readonly version: number } | { readonly kind: 'missing' };

export interface JobStore {
  list(): StoredJob[];
  load(id: string): StoredJob | null;
  insert(id: string, job: Job, nowMs: number): void;
  /** Saves only when the stored version is the one the editor started from. */
  update(id: string, version: number, job: Job, nowMs: number): SaveResult;
  remove(id: string, nowMs: number): boolean;
  restore(id: string): boolean;
  isEmpty(): boolean;
}

export interface Weather { forecastFor(place: Place, nowMs: number): { forecast: Forecast; issuedMs: number } }
