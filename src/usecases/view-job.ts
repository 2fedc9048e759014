/** Opens one job with its plan, its products and the air at its parts. */
import type { AirView } from '@/core/air/view';
import { CATALOGUE, productsOf } from '@/core/coating/catalogue';
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { JobReadings } from '@/model/reading';
import type { Product } from '@/model/product';
import type { Planning } from './plans';
import type { JobStore, Steps, StoredJob, WeatherSource } from './ports';

export interface JobView {
  readonly id: string;
  readonly version: number;
  readonly job: Job;
  readonly plan: Plan;
  readonly steps: Steps;
  readonly products: readonly Product[];
  readonly air: AirView;
  readonly nowMs: number;
  readonly forecast: Forecast | null;
  readonly issuedMs: number;
  readonly weather: WeatherSource;
  readonly readings: JobReadings;
}

/** When it is asked, and what tells that nobody waits for it any more. */
export interface Asked {
  readonly nowMs: number;
  readonly signal?: AbortSignal;
}

export async function viewOf(
  stored: StoredJob,
  planning: Planning,
  { nowMs, signal }: Asked,
): Promise<JobView> {
  const { job } = stored;
  const issued = await planning.weather.forecastFor(job.place, nowMs);
  const readings = planning.readingsFor(stored, nowMs);
  const { plan, air } = await planning.plans.of(stored, { ...issued, readings }, nowMs, signal);
  const products = productsOf(CATALOGUE, job.products);
  return {
    id: stored.id,
    version: stored.version,
    steps: stored.steps,
    job,
    plan,
    products: [...products.values()],
    air,
    nowMs,
    forecast: issued.forecast,
    issuedMs: issued.issuedMs,
    weather: issued.source,
    readings,
  };
}

export async function viewJob(
  store: JobStore,
  planning: Planning,
  id: string,
  asked: Asked,
): Promise<JobView | null> {
  const stored = store.load(id);
  return stored ? viewOf(stored, planning, asked) : null;
}
