/** The ways of a job as they are compared: what each takes, what it cannot do, what the kit lacks for it. */
import { compareRoutes, type RouteSummary } from '@/core/compare-routes';
import { ROUTE_CARDS } from '@/core/coating/routes';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Plan, PlanLayer } from '@/model/plan';
import { counted, type Format } from '@/words/format';
import { ROUTE_NAMES, ROUTE_WORDS } from '@/words/route-names';
import { sameLayers } from './build-up';
import { stackOf, type Band } from './stack';

export interface WayOffered {
  readonly route: RouteSummary;
  readonly name: string;
  readonly good: string;
  readonly but: string;
  /** Not in the owner's kit; null where nothing is missing. */
  readonly lacks: string | null;
  /** It is what is drawn. */
  readonly isDrawn: boolean;
  readonly bands: readonly Band[];
  readonly ground: Job['parts'][number]['substrate'];
}

function lackOf({ equipment }: Job, route: RouteSummary): string | null {
  const gun = ROUTE_CARDS[route.route].carrier === 'gun' && equipment.sprayer === 'aerosol';
  const mask = route.isocyanate && !equipment.suppliedAir;
  if (gun && mask) return 'gun and air-fed mask not in your kit';
  if (gun) return 'gun not in your kit';
  return mask ? 'air-fed mask not in your kit' : null;
}

/** What is drawn has a plan: its hours are the plan's, as long as nothing of it is done. */
function asPlanned(summary: RouteSummary, job: Job, plan: Pick<Plan, 'sessions' | 'handsOnH'>): RouteSummary {
  const isWhole = job.state === undefined && plan.sessions.length > 0;
  return isWhole ? { ...summary, handsOnH: plan.handsOnH } : summary;
}

/** @param drawn the layers as they stand */
export function waysOffered(
  job: Job,
  drawn: readonly PlanLayer[],
  plan: Pick<Plan, 'sessions' | 'handsOnH'>,
): WayOffered[] {
  const parts = withZones(job).parts.length;
  return compareRoutes(job).map(({ summary, system }): WayOffered => {
    const [good, but] = ROUTE_WORDS[summary.route]!;
    const isDrawn = sameLayers(summary.layers, drawn, parts);
    return {
      route: isDrawn ? asPlanned(summary, job, plan) : summary,
      name: ROUTE_NAMES[summary.route]!,
      good,
      but,
      lacks: lackOf(job, summary),
      isDrawn,
      bands: stackOf(job, system, [...system.products.values()]).bands,
      ground: job.parts[0]!.substrate,
    };
  });
}

/** The figures of a way in one line. */
export function wayLine({ route }: WayOffered, currency: string, f: Format): string {
  return `${f.money(route.cost, currency)} paint · ${counted(route.sessions, 'session')} · ${f.hours(route.handsOnH)} hands-on · ${f.film(route.filmUm)}`;
}
