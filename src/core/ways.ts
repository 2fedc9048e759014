/**
 * The ways to get it painted, in money: cans, activated clear, a gun bought or here, a shop; and from which
 * area the gun pays.
 */
import type { Job } from '@/model/job';
import { buildUp } from './coating/build-up';
import { CATALOGUE, productsOf } from './coating/catalogue';
import { breakEvenM2, grown, KIT } from './material/break-even';
import { smoothPaintCost } from './material/sensitivity';
import { jobConsumables } from './material/session-pours';
import { compareRoutes, type RouteSummary } from './compare-routes';
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

/** Every way that holds on this surface, cheapest first, the shop among them. */
export function waysOf(whole: Job): Ways {
  const { state: _state, starts: _starts, shelf: _shelf, ...job } = withZones(whole);
  const products = productsOf(CATALOGUE, job.products);
  const areaM2 = totalAreaM2(job.parts);
  const spread = job.equipment.kitJobs ?? 1;
  const routes = compareRoutes(job);
  const ways = routes.map((route): Way => {
    const b = buildUp(job, route.layers, products);
    const prep = jobConsumables(job, { ...b, products }).reduce((a, c) => a + c.cost, 0);
    const kit = kitFor(job, route.route, route.isocyanate) / spread;
    const total = route.cost + prep + kit;
    return {
      id: route.route,
      paint: route.cost,
      prep,
      kit,
      total,
      perM2: areaM2 > 0 ? total / areaM2 : 0,
      handsOnH: route.handsOnH,
      isocyanate: route.isocyanate,
    };
  });
  const shop = kitPrice(job, 'shopFixed') + kitPrice(job, 'shopPerM2') * areaM2;
  const list: Way[] = [
    ...ways,
    {
      id: 'shop' as const,
      paint: 0,
      prep: 0,
      kit: 0,
      total: shop,
      perM2: areaM2 > 0 ? shop / areaM2 : 0,
      handsOnH: 0,
      isocyanate: false,
    },
  ].sort((a, b) => a.total - b.total);
  const cans = ways.filter((w) => w.id.startsWith('cans')).sort((a, b) => a.total - b.total)[0];
  const gun = ways.filter((w) => w.id.startsWith('gun')).sort((a, b) => a.total - b.total)[0];
  if (!cans || !gun) return { list, breakEven: null, areaM2 };
  const at = (w: Way) => {
    const layers = routes.find((r) => r.route === w.id)!.layers;
    return (k: number): number => {
      const j: Job = { ...job, parts: grown(job.parts, k) };
      const b = buildUp(j, layers, products);
      return smoothPaintCost(j, { ...b, products }) + w.kit;
    };
  };
  return {
    list,
    breakEven: { cans: cans.id, gun: gun.id, m2: breakEvenM2(areaM2, at(cans), at(gun)) },
    areaM2,
  };
}
