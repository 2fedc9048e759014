/**
 * How much paint, laid open: film that stays and film sanded off, what is not film in the can,
 * overspray, overrun past the edges, nozzle tests, faults done again, what stays in gun and can,
 * margin against running out, spare. The parts add up to the need, and the need is a distribution.
 */
import type { Job, Part } from '@/model/job';
import type { Material, PlanLayer, Seam } from '@/model/plan';
import type { Product } from '@/model/product';
import { coatWeights } from '../coating/character';
import { schoolOf } from '../coating/schools';
import { COLOURED, sameTint, tintOf } from '../coating/tint';
import { splitAtSeams } from '../coating/sessions';
import { logSd, normalQuantile, normalTail } from '../numerics/stats';
import { sandAwayUm } from '../prep/paper';
import { partAreaM2, partAreaSdM2, sweptAreaM2, totalAreaM2 } from '../surface/area';
import { ingredientsOf } from './ingredients';
import { cheapestPacks, packsCost, packsMl } from './packs';

/** Share of the sprayed solids that stays while the fan is wholly on the part, in a learner's hands. From memory: aerosol 0.5–0.65, HVLP and LVLP the same, conventional 0.25–0.40. */
export const TRANSFER_FRAC = { aerosol: 0.575, hvlp: 0.575, lvlp: 0.575, conventional: 0.325 } as const;
/** Share of the fill that does not come out cleanly: a can 3–8 %, a tin 2 % on its walls. From memory. */
export const HEEL_FRAC = 0.05;
export const TIN_HEEL_FRAC = 0.02;
/** One standard deviation before a painter has logged his own use, as a share: his habit, the same in every coat, and what differs from coat to coat. From memory; one coat comes to the ±20 % of the trade. */
export const HABIT_SD_FRAC = 0.17;
export const COAT_SD_FRAC = 0.1;
/** Highest chance of running out in the middle of a coat, by default. */
export const RISK_OF_SHORT = 0.05;
/** Sprayed on the test card each session, and left in cup, strainer and passages at its end, ml. From memory. */
export const NOZZLE_ML = { aerosol: 5, gun: 12 } as const;
export const PURGE_ML = { aerosol: 2, gun: 20 } as const;
/** Share sprayed once more over nibs, dry spots and runs, by grade, for colours and clears. From memory. */
export const REDO_FRAC = { workhorse: 0.02, tidy: 0.04, show: 0.08 } as const;

export interface Usage {
  readonly sprayMl: number;
  readonly filmMl: number;
  readonly carrierMl: number;
  readonly oversprayMl: number;
  readonly overrunMl: number;
  readonly areaM2: number;
  readonly overrun: number;
  readonly transferFrac: number;
}

/** Share that lands, by what carries the product. */
export function transferFrac(job: Job, product: Product): number {
  return TRANSFER_FRAC[
    product.carrier === 'aerosol'
      ? 'aerosol'
      : job.equipment.sprayer === 'aerosol'
        ? 'hvlp'
        : job.equipment.sprayer
  ];
}

/** Trigger flow, ml/s: a full can gives about 1 g/s of 0.78 g/ml; a small gun 100 ml/min. Share of a round with the trigger down. From memory. */
export const FLOW_ML_S = { aerosol: 1 / 0.78, gun: 100 / 60 } as const;
export const TRIGGER_SHARE = 0.7;

/** Share that stays in the pack. */
export const heelFrac = (product: Pick<Product, 'carrier'>): number =>
  product.carrier === 'aerosol' ? HEEL_FRAC : TIN_HEEL_FRAC;

/** Expected millilitres out of the nozzle for `coats` coats over the parts (fractions of a coat allowed), and where they go. */
export function usage(product: Product, parts: readonly Part[], coats: number, transfer: number): Usage {
  if (!(transfer > 0 && transfer <= 1)) throw new RangeError(`usage: transfer 0…1, got ${transfer}`);
  const areaM2 = totalAreaM2(parts);
  const overrun = areaM2 > 0 ? sweptAreaM2(parts) / areaM2 : 1;
  const filmMl = areaM2 * product.filmUmPerCoat * coats;
  const contentsMl = filmMl / product.solidsFrac;
  const onPartMl = contentsMl / transfer;
  const sprayMl = onPartMl * overrun;
  return {
    sprayMl,
    filmMl,
    carrierMl: contentsMl - filmMl,
    oversprayMl: onPartMl - contentsMl,
    overrunMl: sprayMl - onPartMl,
    areaM2,
    overrun,
    transferFrac: transfer,
  };
}

/** One coat on one part: the smallest thing the sum is made of. */
export interface CoatUse {
  readonly layerId: string;
  readonly coat: number;
  readonly partId: string;
  readonly weight: number;
  readonly done: boolean;
  readonly sprayMl: number;
  /** of it on edges and hidden returns */ readonly edgeMl: number;
}

/** Every coat of a product on every part, in the order it is sprayed. */
export function coatUses(job: Job, product: Product, layers: readonly PlanLayer[]): CoatUse[] {
  const on = new Set((job.state?.coats ?? []).map((c) => `${c.layerId}.${c.coat}`));
  const parts = new Map(job.parts.map((p) => [p.id, p]));
  const transfer = transferFrac(job, product);
  const firstClear = schoolOf(job, 'firstClear');
  return layers
    .filter((l) => l.productId === product.id)
    .flatMap((l) =>
      coatWeights(product, l.coats, firstClear).flatMap((weight, i) =>
        l.partIds.flatMap((id): CoatUse[] => {
          const p = parts.get(id);
          if (!p) return [];
          const sprayMl = usage(product, [p], weight, transfer).sprayMl * (job.habit?.factor ?? 1);
          const hidden = p.hiddenEdgePct / (100 + p.hiddenEdgePct);
          return [
            {
              layerId: l.id,
              coat: i + 1,
              partId: id,
              weight,
              done: on.has(`${l.id}.${i + 1}`),
              sprayMl,
              edgeMl: sprayMl * hidden,
            },
          ];
        }),
      ),
    );
}

/** Layers by session in which a product is still to be sprayed. */
function sessionsLeft(
  product: Product,
  layers: readonly PlanLayer[],
  seams: readonly Seam[],
  left: ReadonlySet<string>,
): number {
  return splitAtSeams(layers, seams).filter((g) =>
    g.some((l) => l.productId === product.id && left.has(l.id)),
  ).length;
}

/**
 * Spread of the use of a set of coats, one standard deviation over the mean: the painter's habit is
 * one for all coats, each coat has its own luck, each part's area was measured once.
 */
export function spreadOfUse(
  uses: readonly CoatUse[],
  parts: ReadonlyMap<string, Part>,
  habitSd: number = HABIT_SD_FRAC,
): number {
  const total = uses.reduce((a, u) => a + u.sprayMl, 0);
  if (!(total > 0)) return 0;
  const by = (key: (u: CoatUse) => string): Map<string, number> => {
    const m = new Map<string, number>();
    for (const u of uses) m.set(key(u), (m.get(key(u)) ?? 0) + u.sprayMl);
    return m;
  };
  const coats = [...by((u) => `${u.layerId}.${u.coat}`).values()].reduce((a, x) => a + (x / total) ** 2, 0);
  const areas = [...by((u) => u.partId)].reduce((a, [id, x]) => {
    const p = parts.get(id)!;
    const m2 = partAreaM2(p);
    return a + (m2 > 0 ? ((x / total) * partAreaSdM2(p)) / m2 : 0) ** 2;
  }, 0);
  return Math.sqrt(habitSd ** 2 + coats * COAT_SD_FRAC ** 2 + areas);
}

/** Factor over the mean that is exceeded with chance `risk`, for a lognormal of mean 1. @param cv standard deviation over mean, 0 or more */
export function quantileFactor(cv: number, risk: number): number {
  const s = logSd(cv);
  return Math.exp(normalQuantile(1 - risk) * s - (s * s) / 2);
}

/** Chance that a lognormal of mean 1 exceeds `factor`. */
export function exceedChance(cv: number, factor: number): number {
  if (!(factor > 0)) return 1;
  if (cv === 0) return factor >= 1 ? 0 : 1;
  const s = logSd(cv);
  return normalTail((Math.log(factor) + (s * s) / 2) / s);
}

/** The lines of a job: one for each product, and for each colour of it. @param job with its zones as parts */
export function materialsOf(
  job: Job,
  all: readonly PlanLayer[],
  seams: readonly Seam[],
  products: ReadonlyMap<string, Product>,
): Material[] {
  const lines = new Map<string, { product: Product; ids: Set<string>; first: boolean }>();
  for (const l of all) {
    const product = products.get(l.productId)!;
    const key = `${product.id} ${tintOf(job, product, l)?.hex.toLowerCase() ?? ''}`;
    const known = lines.get(key);
    if (known) known.ids.add(l.id);
    else
      lines.set(key, {
        product,
        ids: new Set([l.id]),
        first: ![...lines.values()].some((x) => x.product.id === product.id),
      });
  }
  return pooledIngredients(
    [...lines.values()].map((x) => materialFor(job, x.product, all, seams, x.ids, x.first)),
    job,
    products,
  );
}

/** What several lines are poured from (one maker's reducer) is bought once for all of them, with the first that needs it. */
function pooledIngredients(
  materials: readonly Material[],
  job: Job,
  products: ReadonlyMap<string, Product>,
): Material[] {
  const shared = new Map<string, number[]>();
  const out = [...materials];
  materials.forEach((m, i) => {
    if (!m.begun && m.needMl > 0)
      for (const g of m.ingredients)
        if (g.part !== 'base') shared.set(g.id, [...(shared.get(g.id) ?? []), i]);
  });
  for (const [id, at] of shared) {
    if (at.length < 2) continue;
    const need = at.reduce((a, i) => a + materials[i]!.ingredients.find((g) => g.id === id)!.needMl, 0);
    const packs = ingredientsOf(products.get(materials[at[0]!]!.productId)!, job.prices).find(
      (g) => g.id === id,
    )!.packs;
    at.forEach((i, k) => {
      const m = out[i]!;
      const ingredients = m.ingredients.map((g) => {
        if (g.id !== id) return g;
        const bought = k === 0 ? cheapestPacks(packs, Math.max(0, need - g.shelfMl)) : [];
        return { ...g, shelfMl: k === 0 ? g.shelfMl : 0, packs: bought, cost: packsCost(bought) };
      });
      out[i] = { ...m, ingredients, cost: ingredients.reduce((a, g) => a + g.cost, 0) };
    });
  }
  return out;
}

/**
 * One product's line, over all layers that use it or those named.
 * @param all every layer of the job, for the sessions; @param seams for what sanding takes off again;
 * @param only ids of the layers of one colour; @param first whether what is in hand without a colour counts here
 */
export function materialFor(
  job: Job,
  product: Product,
  all: readonly PlanLayer[],
  seams: readonly Seam[] = [],
  only?: ReadonlySet<string>,
  first = true,
): Material {
  const layers = all.filter((l) => l.productId === product.id && (only === undefined || only.has(l.id)));
  const colour = layers[0] ? tintOf(job, product, layers[0]) : null;
  const uses = coatUses(job, product, layers);
  const open = uses.filter((u) => !u.done);
  // Once a coat of it is on, its cans have been bought; only what is left to spray is counted.
  const begun = open.length < uses.length;
  const parts = new Map(job.parts.map((p) => [p.id, p]));
  const transfer = transferFrac(job, product);
  const heelShare = heelFrac(product);
  const risk = job.risk.runOut ?? RISK_OF_SHORT;
  const sum = { film: 0, carrier: 0, overspray: 0, overrun: 0, spray: 0, swept: 0, area: 0 };
  for (const u of open) {
    const x = usage(product, [parts.get(u.partId)!], u.weight, transfer);
    sum.film += x.filmMl;
    sum.carrier += x.carrierMl;
    sum.overspray += x.oversprayMl;
    sum.overrun += x.overrunMl;
    sum.spray += x.sprayMl;
    sum.swept += x.areaM2 * x.overrun;
    sum.area += x.areaM2;
  }
  const reckoned = sum.spray;
  sum.spray = open.reduce((a, u) => a + u.sprayMl, 0);
  // What blocking takes off is film like the rest, laid on to be lost.
  const sanded = Math.min(
    sum.film,
    layers.reduce((a, l) => {
      const away = seams.some((s) => s.below === l.id && s.join === 'sanded')
        ? sandAwayUm(l.coats * l.filmUmPerCoat)
        : 0;
      const area = totalAreaM2(l.partIds.flatMap((x) => parts.get(x) ?? []));
      return a + away * area * (open.some((u) => u.layerId === l.id) ? 1 : 0);
    }, 0),
  );
  const sessions =
    open.length === 0
      ? 0
      : Math.max(1, sessionsLeft(product, all, seams, new Set(open.map((u) => u.layerId))));
  const nozzle = NOZZLE_ML[product.carrier] * sessions;
  const purge = PURGE_ML[product.carrier] * sessions;
  const nib =
    COLOURED.has(product.kind) || product.kind === 'clear' ? sum.spray * REDO_FRAC[job.purpose.grade] : 0;
  const useMl = sum.spray + nozzle + nib + purge;
  const cv = useMl > 0 ? (spreadOfUse(open, parts, job.habit?.sdFrac) * sum.spray) / useMl : 0;
  const keep = 1 - heelShare;
  const margin = Math.max(0, useMl * (quantileFactor(cv, risk) - 1)) / keep;
  const heel = (useMl * heelShare) / keep;
  // One spare can of colour: a spitting nozzle costs a coat, and the shade cannot be bought again on the day. What dies once activated is bought lean.
  const spare =
    product.kind === 'basecoat' &&
    open.length > 0 &&
    !begun &&
    product.carrier === 'aerosol' &&
    product.potLifeMin === undefined
      ? product.packs[0]!.sizeMl
      : 0;
  const needMl = useMl + heel + margin + spare;
  const shelfOf = (id: string): number =>
    (job.shelf ?? [])
      .filter(
        (s) =>
          s.productId === id &&
          (s.colour === undefined || colour === null ? first : sameTint(s.colour, colour.name)),
      )
      .reduce((a, s) => a + s.remainingMl, 0);
  const ingredients = ingredientsOf(product, job.prices).map((g) => {
    const need = needMl * g.share;
    const shelfMl = shelfOf(g.id);
    const packs = begun ? [] : cheapestPacks(g.packs, Math.max(0, need - shelfMl));
    return { id: g.id, part: g.part, needMl: need, shelfMl, packs, cost: packsCost(packs) };
  });
  const base = ingredients[0]!;
  const readyMl = (base.shelfMl + packsMl(base.packs)) / (needMl > 0 ? base.needMl / needMl : 1);
  return {
    productId: product.id,
    colour,
    layerIds: layers.map((l) => l.id),
    begun,
    needMl,
    spreadMl: (useMl * cv) / keep,
    sprayMl: sum.spray,
    useMl,
    areaM2: layers.reduce(
      (a, l) =>
        Math.max(
          a,
          open.some((u) => u.layerId === l.id)
            ? totalAreaM2(l.partIds.flatMap((x) => parts.get(x) ?? []))
            : 0,
        ),
      0,
    ),
    breakdown: [
      { cause: 'film', ml: sum.film - sanded },
      { cause: 'sanded', ml: sanded },
      { cause: 'carrier', ml: sum.carrier },
      { cause: 'overspray', ml: sum.overspray },
      { cause: 'overrun', ml: sum.overrun },
      // More or less than reckoned, as one's own logs say.
      { cause: 'habit', ml: sum.spray - reckoned },
      { cause: 'nozzle', ml: nozzle },
      { cause: 'nib', ml: nib },
      { cause: 'purge', ml: purge },
      { cause: 'heel', ml: heel },
      { cause: 'margin', ml: margin },
      { cause: 'spare', ml: spare },
    ],
    factors: {
      overrun: sum.area > 0 ? sum.swept / sum.area : 1,
      transferFrac: transfer,
      solidsFrac: product.solidsFrac,
      heelFrac: heelShare,
      riskOfShort: risk,
      cv,
    },
    // The spare is kept sealed, so it does not count against running out.
    shortChance:
      begun || useMl === 0 ? null : exceedChance(cv, (Math.max(0, readyMl - spare) * keep) / useMl),
    shelfMl: base.shelfMl,
    packs: base.packs,
    ingredients,
    cost: ingredients.reduce((a, g) => a + g.cost, 0),
  };
}
