/** What it costs: laid out over parts, layers and coats; what is left and worth; ways to do it; what the total hangs on. */
import type { Job, Part } from '@/model/job';
import type { Material, PlanLayer, Seam } from '@/model/plan';
import type { Product } from '@/model/product';
import { withZones } from '../surface/zones';
import type { Consumable } from './consumables';
import { coatUses, materialsOf } from './consumption';
import { ingredientsOf, type Ingredient } from './ingredients';
import { packsMl } from './packs';
import { leftoverShare } from './shelf';

export interface CostRow {
  readonly partId: string;
  readonly layerId: string;
  readonly coat: number;
  readonly cost: number;
}
/** Paint money laid out: what is bought of a product goes to its coats and parts by what they are sprayed with. Adds up to what is bought. */
export function paintLedger(
  whole: Job,
  layers: readonly PlanLayer[],
  products: ReadonlyMap<string, Product>,
  materials: readonly Material[],
): CostRow[] {
  const job = withZones(whole);
  const original = new Map(job.parts.map((p) => [p.id, p.id.replace(/--z\d+$/, '')]));
  return materials.flatMap((m) => {
    const uses = coatUses(
      job,
      products.get(m.productId)!,
      layers.filter((l) => m.layerIds.includes(l.id)),
    ).filter((u) => !u.done);
    const total = uses.reduce((a, u) => a + u.sprayMl, 0);
    return total > 0
      ? uses.map((u) => ({
          partId: original.get(u.partId)!,
          layerId: u.layerId,
          coat: u.coat,
          cost: (m.cost * u.sprayMl) / total,
        }))
      : [];
  });
}

/** Sums of the ledger by a key. */
export function costBy(rows: readonly CostRow[], key: (r: CostRow) => string): Map<string, number> {
  const out = new Map<string, number>();
  for (const r of rows) out.set(key(r), (out.get(key(r)) ?? 0) + r.cost);
  return out;
}

export interface Leftover {
  readonly productId: string;
  readonly ingredientId: string;
  readonly part: Ingredient['part'];
  readonly colour: string | null;
  readonly ml: number;
  readonly worth: number;
  /** 1 keeps, 0 dies */ readonly keeps: number;
}
/** What is expected to be left of what is bought, and what it is worth to the next job. */
export function leftovers(
  job: Job,
  materials: readonly Material[],
  products: ReadonlyMap<string, Product>,
): Leftover[] {
  const by = new Map<
    string,
    Pick<Leftover, 'productId' | 'ingredientId' | 'part' | 'colour'> & {
      boughtMl: number;
      shelfMl: number;
      usedMl: number;
      perMl: number;
      keeps: number;
    }
  >();
  for (const m of materials)
    if (!m.begun) {
      const p = products.get(m.productId)!;
      const offers = ingredientsOf(p, job.prices);
      m.ingredients.forEach((g, i) => {
        // Two colours of one product are two things; what they are mixed with is one.
        const key = g.part === 'base' ? `${g.id} ${m.colour?.hex ?? ''}` : g.id;
        const was = by.get(key) ?? {
          productId: p.id,
          ingredientId: g.id,
          part: g.part,
          colour: g.part === 'base' ? (m.colour?.name ?? null) : null,
          boughtMl: 0,
          shelfMl: 0,
          usedMl: 0,
          perMl: Math.min(...offers[i]!.packs.map((k) => k.price / k.sizeMl)),
          keeps: leftoverShare(p, g.part),
        };
        by.set(key, {
          ...was,
          boughtMl: was.boughtMl + packsMl(g.packs),
          shelfMl: was.shelfMl + g.shelfMl,
          usedMl:
            was.usedMl + (m.useMl / (1 - m.factors.heelFrac)) * (m.needMl > 0 ? g.needMl / m.needMl : 0),
        });
      });
    }
  return [...by.values()].flatMap((x): Leftover[] => {
    const ml = Math.max(0, x.shelfMl + x.boughtMl - x.usedMl);
    return x.boughtMl === 0
      ? []
      : [
          {
            productId: x.productId,
            ingredientId: x.ingredientId,
            part: x.part,
            colour: x.colour,
            ml,
            worth: ml * x.perMl * x.keeps,
            keeps: x.keeps,
          },
        ];
  });
}

export interface Totals {
  readonly paint: number;
  readonly prep: number;
  readonly tax: number;
  readonly total: number;
}
export function totalsOf(
  job: Job,
  materials: readonly Material[],
  consumables: readonly Consumable[],
): Totals {
  const paint = materials.reduce((a, m) => a + m.cost, 0);
  const prep = consumables.reduce((a, c) => a + c.cost, 0);
  const tax = ((paint + prep) * (job.budget.taxPct ?? 0)) / 100;
  return { paint, prep, tax, total: paint + prep + tax };
}

/** Money by the millilitre, without the steps of packs: what the total tends to. */
export function smoothPaintCost(
  job: Job,
  layers: readonly PlanLayer[],
  seams: readonly Seam[],
  products: ReadonlyMap<string, Product>,
): number {
  return materialsOf({ ...job, shelf: [] }, layers, seams, products).reduce((sum, m) => {
    const offers = ingredientsOf(products.get(m.productId)!, job.prices);
    return (
      sum +
      m.ingredients.reduce(
        (a, g, i) => a + g.needMl * Math.min(...offers[i]!.packs.map((k) => k.price / k.sizeMl)),
        0,
      )
    );
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
export function sensitivity(
  job: Job,
  layers: readonly PlanLayer[],
  seams: readonly Seam[],
  products: ReadonlyMap<string, Product>,
): Sensitivity[] {
  const cost = (j: Job = job, ls = layers, ps = products): number => smoothPaintCost(j, ls, seams, ps);
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

/** Price of the kit for a gun, of air-fed breathing, and of a shop, in the budget's currency. Invented, from memory of the order of magnitude; editable. */
export const KIT = { gun: 62, compressor: 185, airFed: 240, shopPerM2: 210, shopFixed: 90 } as const;

/** The parts grown or shrunk so that their area is k times as large, shape kept. */
export function grown(parts: readonly Part[], k: number): Part[] {
  if (!(k > 0)) throw new RangeError('grown: factor above 0');
  const s = Math.sqrt(k);
  const mm = (x: number): number => x * s;
  return parts.map((p): Part => {
    const q = { ...p, lengthMm: mm(p.lengthMm), widthMm: mm(p.widthMm) };
    const h = p.shape;
    if (!h) return q;
    switch (h.kind) {
      case 'curved':
        return {
          ...q,
          shape: {
            ...h,
            ...(h.riseMm !== undefined ? { riseMm: mm(h.riseMm) } : {}),
            ...(h.girthMm !== undefined ? { girthMm: mm(h.girthMm) } : {}),
          },
        };
      case 'box':
      case 'ellipsoid':
        return { ...q, shape: { ...h, heightMm: mm(h.heightMm) } };
      case 'tube':
        return { ...q, shape: { ...h, diameterMm: mm(h.diameterMm) } };
      case 'frame':
        return {
          ...q,
          shape: {
            ...h,
            tubes: h.tubes.map((t) => ({ ...t, lengthMm: mm(t.lengthMm), diameterMm: mm(t.diameterMm) })),
          },
        };
      case 'cone':
        return {
          ...q,
          shape: { ...h, topMm: mm(h.topMm), bottomMm: mm(h.bottomMm), heightMm: mm(h.heightMm) },
        };
      case 'polygon':
        return { ...q, shape: { ...h, pointsMm: h.pointsMm.map(([x, y]) => [mm(x), mm(y)]) } };
      case 'known':
        return { ...q, shape: { ...h, areaM2: h.areaM2 * k } };
    }
  });
}

/**
 * Area at which a dearer kit with cheaper paint costs the same, m², by halving between a twentieth and forty times the job; null when it never does in that range.
 * @param cheap, dear money at k times the job's area
 */
export function breakEvenM2(
  areaM2: number,
  cheap: (k: number) => number,
  dear: (k: number) => number,
): number | null {
  let lo = 0.05;
  let hi = 40;
  if (dear(lo) <= cheap(lo) || dear(hi) > cheap(hi)) return null;
  for (let i = 0; i < 40; i++) {
    const mid = Math.sqrt(lo * hi);
    if (dear(mid) > cheap(mid)) lo = mid;
    else hi = mid;
  }
  return areaM2 * hi;
}
