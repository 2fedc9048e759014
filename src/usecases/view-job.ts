/** Opens one job with its plan, its products and the air at its parts. */
import { airForJob, plan } from '@/core/plan';
import { airView, type AirView } from '@/core/air/view';
import { CATALOGUE, productsOf } from '@/core/coating/catalogue';
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import { HOUR } from '@/core/time/instant';
import type { JobStore, Weather } from './ports';

export interface JobView {
  readonly id: string; readonly version: number; readonly job: Job; readonly plan: Plan;
  readonly products: readonly Product[];
  readonly air: AirView;
  readonly nowMs: number; readonly forecast: Forecast; readonly issuedMs: number;
}

/** Hours of weather the ribbon shows: a little past, seven days ahead. */
const PAST_H = 6, AHEAD_H = 174;

export function viewOf(stored: { id: string; version: number; job: Job }, weather: Weather, nowMs: number): JobView {
  const { job } = stored;
  const { forecast, issuedMs } = weather.forecastFor(job.place, nowMs);
  const p = plan({ job, forecast, nowMs, issuedMs });
  const air = airForJob(job, forecast, nowMs, issuedMs);
  const products = productsOf(CATALOGUE, job.products);
  return {
    id: stored.id, version: stored.version, job, plan: p, products: [...products.values()],
    air: airView(air, nowMs - PAST_H * HOUR, nowMs + AHEAD_H * HOUR, nowMs), nowMs, forecast, issuedMs,
  };
}

export function viewJob(store: JobStore, weather: Weather, id: string, nowMs: number): JobView | null {
  const stored = store.load(id);
  return stored ? viewOf(stored, weather, nowMs) : null;
}
