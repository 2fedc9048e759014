/**
 * The ways to get it painted, in money: cans, activated clear, a gun bought or here, a shop; and from which
 * area the gun pays.
 */
import type { Job } from '@/model/job';
import { buildUp } from './coating/build-up';
import { breakEvenM2, grown, KIT } from './material/break-even';
import { smoothPaintCost } from './material/sensitivity';
import { jobConsumables } from './material/session-pours';
import { compareRoutes, type RouteSummary, type RouteWithSystem } from './compare-routes';
import { totalAreaM2 } from './surface/area';
import { withZones } from './surface/zones';

export interface Way {
  readonly id: RouteSummary['route'] | 'shop';
  readonly paint: number;
  readonly prep: number;
  /** Share of the kit that has to be bought for it, over the jobs it is spread on. */
  readonly kit: number;
  readonly total: number;
  readonly perM2: number;
  readonly handsOnH: number;
  readonly isocyanate: boolean;
}
export interface Ways {
  readonly list: readonly Way[];
  readonly breakEven: { readonly cans: string; readonly gun: string; readonly m2: number | null } | null;
  readonly areaM2: number;
}

/** Prices of kit and shop under these keys may be the owner's own. */
export const KIT_KEYS = {
  gun: 'kit-gun',
  compressor: 'kit-compressor',
  airFed: 'kit-air-fed',
  shopPerM2: 'shop-m2',
  shopFixed: 'shop-fixed',
} as const;
export const kitPrice = (job: Job, what: keyof typeof KIT): number =>
  job.prices?.[KIT_KEYS[what]] ?? KIT[what];

/** What must be bought before a way can be gone, all of it. */
export function kitFor(job: Job, route: RouteSummary['route'], isocyanate: boolean): number {
  const gun =
    route.startsWith('gun') && job.equipment.sprayer === 'aerosol'
      ? kitPrice(job, 'gun') + kitPrice(job, 'compressor')
      : 0;
  return gun + (isocyanate && !job.equipment.suppliedAir ? kitPrice(job, 'airFed') : 0);
}

type WithoutShelf = Omit<Job, 'state' | 'starts' | 'shelf'>;

/** One way in money. @param areaM2 of everything that is painted */
function wayOf(job: WithoutShelf, { summary, system }: RouteWithSystem, areaM2: number): Way {
  const { route, cost, handsOnH, isocyanate } = summary;
  const prep = jobConsumables(job, system).reduce((a, c) => a + c.cost, 0);
  const kit = kitFor(job, route, isocyanate) / (job.equipment.kitJobs ?? 1);
  const total = cost + prep + kit;
  const perM2 = areaM2 > 0 ? total / areaM2 : 0;
  return { id: route, paint: cost, prep, kit, total, perM2, handsOnH, isocyanate };
}

function shopFor(job: WithoutShelf, areaM2: number): Way {
  const total = kitPrice(job, 'shopFixed') + kitPrice(job, 'shopPerM2') * areaM2;
  const perM2 = areaM2 > 0 ? total / areaM2 : 0;
  return { id: 'shop', paint: 0, prep: 0, kit: 0, total, perM2, handsOnH: 0, isocyanate: false };
}

/** Paint and kit of a way when the parts are so many times as large. */
function moneyWhenGrown(job: WithoutShelf, { kit }: Way, { summary, system }: RouteWithSystem) {
  const { products } = system;
  return (times: number): number => {
    const larger: Job = { ...job, parts: grown(job.parts, times) };
    return smoothPaintCost(larger, { ...buildUp(larger, summary.layers, products), products }) + kit;
  };
}

/** Every way that holds on this surface, cheapest first, the shop among them. */
export function waysOf(whole: Job): Ways {
  const { state: _state, starts: _starts, shelf: _shelf, ...job } = withZones(whole);
  const areaM2 = totalAreaM2(job.parts);
  const routes = compareRoutes(job).map((route) => ({ route, way: wayOf(job, route, areaM2) }));
  const list = [...routes.map((r) => r.way), shopFor(job, areaM2)].sort((a, b) => a.total - b.total);
  const cheapest = (kind: 'cans' | 'gun') =>
    routes.filter((r) => r.way.id.startsWith(kind)).sort((a, b) => a.way.total - b.way.total)[0];
  const cans = cheapest('cans');
  const gun = cheapest('gun');
  if (!cans || !gun) return { list, breakEven: null, areaM2 };
  const m2 = breakEvenM2(
    areaM2,
    moneyWhenGrown(job, cans.way, cans.route),
    moneyWhenGrown(job, gun.way, gun.route),
  );
  return { list, breakEven: { cans: cans.way.id, gun: gun.way.id, m2 }, areaM2 };
}
