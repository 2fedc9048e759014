/** All jobs with their plans, for the bench. A job whose plan fails is still shown. */
import { HOUR } from '@/core/time/instant';
import { sunElevationDeg } from '@/core/air/sun';
import type { Job } from '@/model/job';
import type { Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { AirView } from '@/core/air/view';
import { viewOf } from './view-job';
import type { JobStore, Weather } from './ports';

export interface BenchJob { readonly id: string; readonly job: Job; readonly plan: Plan; readonly products: readonly Product[]; readonly nights: readonly (readonly [number, number])[]; readonly airNow: AirView['now'] }

/** Dark stretches at a place over a week, to the half hour. */
export function nightsAt(lat: number, lon: number, fromMs: number, hours: number): [number, number][] {
  const out: [number, number][] = [];
  let open: number | null = null;
  for (let t = fromMs; t <= fromMs + hours * HOUR; t += HOUR / 2) {
    const dark = sunElevationDeg(t, lat, lon) < -1;
    if (dark && open === null) open = t;
    if (!dark && open !== null) { out.push([open, t]); open = null; }
  }
  if (open !== null) out.push([open, fromMs + hours * HOUR]);
  return out;
}

export function bench(store: JobStore, weather: Weather, nowMs: number): BenchJob[] {
  return store.list().map((stored) => {
    const v = viewOf(stored, weather, nowMs);
    const used = new Set(v.plan.layers.map((l) => l.productId));
    return {
      id: v.id, job: v.job, products: v.products.filter((p) => used.has(p.id)), airNow: v.air.now,
      // What the bench does not draw is not sent to the page.
      plan: { ...v.plan, startOptions: [], alternatives: [], assumptions: [] },
      nights: nightsAt(v.job.place.lat, v.job.place.lon, nowMs - 24 * HOUR, 9 * 24),
    };
  });
}
