/** Opens one job with its plan, its products and the air at its parts. */
import { planAndAir } from '@/core/plan';
import { remember } from '@/core/records/remember';
import { MINUTE } from '@/core/time/instant';
import type { AirView } from '@/core/air/view';
import { CATALOGUE, productsOf } from '@/core/coating/catalogue';
import type { Forecast } from '@/model/forecast';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { Issued, JobStore, Steps, StoredJob, Weather } from './ports';

export interface JobView {
  readonly id: string;
  readonly version: number;
  readonly job: Job;
  readonly plan: Plan;
  readonly steps: Steps;
  readonly products: readonly Product[];
  readonly air: AirView;
  readonly nowMs: number;
  readonly forecast: Forecast;
  readonly issuedMs: number;
}

/**
 * Plans of the last minute: leafing between the bench and the stages asks for the same one again
 * and again. The plan is made for the full minute, so that one minute has one answer. Keyed by the
 * job and forecast objects' own marks; it changes no result.
 */
const made = new Map<string, ReturnType<typeof planAndAir>>();
const KEPT = 80;

function planned(
  stored: StoredJob,
  { forecast, issuedMs }: Issued,
  minuteMs: number,
): ReturnType<typeof planAndAir> {
  const key = `${stored.id} ${stored.version} ${stored.createdMs} ${issuedMs} ${minuteMs}`;
  return remember(made, key, KEPT, () =>
    planAndAir({ job: stored.job, forecast, nowMs: minuteMs, issuedMs }),
  );
}

export async function viewOf(stored: StoredJob, weather: Weather, nowMs: number): Promise<JobView> {
  const { job } = stored;
  const issued = await weather.forecastFor(job.place, nowMs);
  const { forecast, issuedMs } = issued;
  const { plan, air } = planned(stored, issued, Math.floor(nowMs / MINUTE) * MINUTE);
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
    forecast,
    issuedMs,
  };
}

export async function viewJob(
  store: JobStore,
  weather: Weather,
  id: string,
  nowMs: number,
): Promise<JobView | null> {
  const stored = store.load(id);
  return stored ? viewOf(stored, weather, nowMs) : null;
}
