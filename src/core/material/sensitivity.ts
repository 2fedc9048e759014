/** What the paint money hangs on: each input from its low to its high, all else kept. */
import type { Job } from '@/model/job';
import type { Product } from '@/model/product';
import { productIn, type System } from '../seams/seam';
import { cheapestPerMl, ingredientsOf } from './ingredients';
import { materialsOf } from './materials';

/** Money by the millilitre, without the steps of packs: what the total tends to. */
export function smoothPaintCost(job: Job, system: System): number {
  return materialsOf({ ...job, shelf: [] }, system).reduce((sum, m) => {
    const offers = ingredientsOf(productIn(system.products, m.productId), job.prices);
    return sum + m.ingredients.reduce((a, g, i) => a + g.needMl * cheapestPerMl(offers[i]!), 0);
  }, 0);
}

export interface Sensitivity {
  readonly what: 'area' | 'transfer' | 'film' | 'coats' | 'price' | 'risk';
  readonly low: number;
  readonly high: number;
}
/**
 * What the paint money moves between when one input goes from its low to its high, all else kept;
 * the widest first. Area ±5 %, share that lands 0.5–0.65, film ±15 %, a coat of colour less or
 * more, prices ±15 %, risk 20–1 %. Ranges from memory.
 */
export function sensitivity(job: Job, system: System): Sensitivity[] {
  const { layers, products } = system;
  const cost = (j: Job = job, ls = layers, ps = products): number =>
    smoothPaintCost(j, { ...system, layers: ls, products: ps });
  const over = (change: (p: Product) => Product): ReadonlyMap<string, Product> =>
    new Map([...products].map(([id, p]) => [id, change(p)]));
  const scaled = (k: number): Job => ({
    ...job,
    parts: job.parts.map((p) => ({
      ...p,
      areaFrac: Math.min(1, p.areaFrac ?? 1),
      hiddenEdgePct: (100 + p.hiddenEdgePct) * k - 100,
    })),
  });
  const film = (k: number) => over((p) => ({ ...p, filmUmPerCoat: p.filmUmPerCoat * k }));
  const price = (k: number): ReadonlyMap<string, Product> =>
    over((p) => ({ ...p, packs: p.packs.map((x) => ({ ...x, price: x.price * k })) }));
  // The share that lands enters as film does, the other way round.
  const lands = (t: number) => over((p) => ({ ...p, filmUmPerCoat: (p.filmUmPerCoat * 0.575) / t }));
  const coats = (by: number) =>
    layers.map((l) =>
      l.role === 'base' || l.role === 'colour' || l.role === 'mid'
        ? { ...l, coats: Math.max(1, l.coats + by) }
        : l,
    );
  const risk = (runOut: number): Job => ({ ...job, risk: { ...job.risk, runOut } });
  const list: Sensitivity[] = [
    { what: 'area', low: cost(scaled(0.95)), high: cost(scaled(1.05)) },
    { what: 'transfer', low: cost(job, layers, lands(0.65)), high: cost(job, layers, lands(0.5)) },
    { what: 'film', low: cost(job, layers, film(0.85)), high: cost(job, layers, film(1.15)) },
    { what: 'coats', low: cost(job, coats(-1)), high: cost(job, coats(1)) },
    { what: 'price', low: cost(job, layers, price(0.85)), high: cost(job, layers, price(1.15)) },
    { what: 'risk', low: cost(risk(0.2)), high: cost(risk(0.01)) },
  ];
  return list.sort((a, b) => b.high - b.low - (a.high - a.low));
}
