/** All jobs with their plans, for the bench. A job whose plan fails is still shown. */
import { darkSpans } from '@/core/air/dark';
import { HALF_HOUR, HOUR, msOf } from '@/core/time/instant';
import { sunElevationDeg } from '@/core/air/sun';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { AirView } from '@/core/air/view';
import { viewOf } from './view-job';
import type { JobStore, StoredJob, Weather } from './ports';

export interface Bench {
  readonly open: readonly BenchJob[];
  readonly finished: readonly BenchJob[];
  readonly removed: ReturnType<JobStore['removed']>;
}
export interface BenchJob {
  readonly id: string;
  readonly job: Job;
  readonly plan: Plan;
  readonly products: readonly Product[];
  readonly nights: readonly (readonly [number, number])[];
  readonly airNow: AirView['now'];
}

/** Dark stretches at a place over a week, to the half hour. */
export function nightsAt(lat: number, lon: number, fromMs: number, hours: number): [number, number][] {
  const looks = Array.from({ length: 2 * hours + 1 }, (_, i) => {
    const atMs = fromMs + i * HALF_HOUR;
    return { atMs, sunDeg: sunElevationDeg(atMs, lat, lon) };
  });
  return darkSpans(looks, fromMs + hours * HOUR);
}

/** Jobs at work, jobs closed (newest first) and jobs taken off. */
export async function bench(store: JobStore, weather: Weather, nowMs: number): Promise<Bench> {
  const all = store.list();
  const closedMs = (j: Job): number => (j.log?.closedAt === undefined ? 0 : msOf(j.log.closedAt, j.place.tz));
  const open = all.filter((s) => closedMs(s.job) === 0);
  const finished = all.filter((s) => closedMs(s.job) > 0).sort((a, b) => closedMs(b.job) - closedMs(a.job));
  const shown = (jobs: readonly StoredJob[]): Promise<BenchJob[]> =>
    Promise.all(jobs.map((s) => benchJob(s, weather, nowMs)));
  return { open: await shown(open), finished: await shown(finished), removed: store.removed() };
}

async function benchJob(stored: StoredJob, weather: Weather, nowMs: number): Promise<BenchJob> {
  const jobView = await viewOf(stored, weather, nowMs);
  const used = new Set(jobView.plan.layers.map((l) => l.productId));
  return {
    id: jobView.id,
    job: jobView.job,
    products: jobView.products.filter((p) => used.has(p.id)),
    airNow: jobView.air.now,
    // What the bench does not draw is not sent to the page.
    plan: { ...jobView.plan, startOptions: [], alternatives: [], assumptions: [] },
    nights: nightsAt(jobView.job.place.lat, jobView.job.place.lon, nowMs - 24 * HOUR, 9 * 24),
  };
}
