/**
 * One product's line of the shopping: where every millilitre goes (film, solvent, overspray, overrun,
 * nozzle tests, faults done again, what stays in gun and can), the margin against running out, and
 * the spare. The parts add up to the need, and the need is a distribution.
 */
import type { Job, Part } from '@/model/job';
import type { Material, PlanLayer } from '@/model/plan';
import type { Product } from '@/model/product';
import { isTwoPart } from '../chemistry/cards';
import { splitAtSeams } from '../coating/sessions';
import { COLOURED, sameTint, tintOf, type Tint } from '../coating/tint';
import { sandAwayUm } from '../prep/paper';
import { liesOn, type System } from '../seams/seam';
import { totalAreaM2 } from '../surface/area';
import { tripOf } from './buying';
import { coatUses, heelFrac, transferFrac, type CoatUse } from './coat-uses';
import { diesActivated, ingredientsOf, type Ingredient } from './ingredients';
import { cheapestPacks, packsCost, packsMl } from './packs';
import { isReducerRinsed, RINSE_ML } from './rinse';
import { exceedChance, quantileFactor, RISK_OF_SHORT, spreadOfUse } from './spread';

/** Sprayed on the test card each session, and left in cup, strainer and passages at its end, ml. From memory. */
export const NOZZLE_ML = { aerosol: 5, gun: 12 } as const;
export const PURGE_ML = { aerosol: 2, gun: 20 } as const;
/** Share sprayed once more over nibs, dry spots and runs, by grade, for colours and clears. From memory. */
export const REDO_FRAC = { workhorse: 0.02, tidy: 0.04, show: 0.08 } as const;

type LayersAndSeams = Pick<System, 'layers' | 'seams'>;
/**
 * Which layers of a product make up one line: those of one colour; and whether what is in hand without a
 * colour counts here.
 */
export interface LineOf {
  readonly layerIds: ReadonlySet<string>;
  readonly first: boolean;
}

/** What is reckoned with, gathered once. */
interface Line {
  readonly job: Job;
  readonly product: Product;
  readonly system: LayersAndSeams;
  readonly layers: readonly PlanLayer[];
  readonly parts: ReadonlyMap<string, Part>;
  readonly uses: readonly CoatUse[];
  readonly open: readonly CoatUse[];
  readonly colour: Tint | null;
  readonly first: boolean;
}

function lineOf(job: Job, product: Product, system: LayersAndSeams, of?: LineOf): Line {
  const layers = system.layers.filter(
    (l) => l.productId === product.id && (of === undefined || of.layerIds.has(l.id)),
  );
  const uses = coatUses(job, product, layers);
  return {
    job,
    product,
    system,
    layers,
    parts: new Map(job.parts.map((p) => [p.id, p])),
    uses,
    open: uses.filter((u) => !u.done),
    colour: layers[0] ? tintOf(job, product, layers[0]) : null,
    first: of?.first ?? true,
  };
}

interface Sprayed {
  readonly filmMl: number;
  readonly carrierMl: number;
  readonly oversprayMl: number;
  readonly overrunMl: number;
  /** As reckoned, and as this painter sprays. */
  readonly reckonedMl: number;
  readonly sprayMl: number;
  readonly sweptM2: number;
  readonly areaM2: number;
}

/** Sums over the coats still to be sprayed; areas count once a coat. */
function sprayedOf({ open }: Line): Sprayed {
  const sum = { filmMl: 0, carrierMl: 0, oversprayMl: 0, overrunMl: 0, reckonedMl: 0, sweptM2: 0, areaM2: 0 };
  for (const { reckoned: x } of open) {
    sum.filmMl += x.filmMl;
    sum.carrierMl += x.carrierMl;
    sum.oversprayMl += x.oversprayMl;
    sum.overrunMl += x.overrunMl;
    sum.reckonedMl += x.sprayMl;
    sum.sweptM2 += x.areaM2 * x.overrun;
    sum.areaM2 += x.areaM2;
  }
  return { ...sum, sprayMl: open.reduce((a, u) => a + u.sprayMl, 0) };
}

const isOpen = ({ open }: Line, layer: PlanLayer): boolean => open.some((u) => u.layerId === layer.id);
const layerAreaM2 = ({ parts }: Line, layer: PlanLayer): number =>
  totalAreaM2(layer.partIds.flatMap((id) => parts.get(id) ?? []));

/** What blocking takes off is film like the rest, laid on to be lost; ml. */
function sandedMl(line: Line, filmMl: number): number {
  const taken = line.layers.reduce((a, l) => {
    const blocked = line.system.seams.some((s) => liesOn(s, l.id) && s.block);
    const awayUm = blocked ? sandAwayUm(l.coats * l.filmUmPerCoat) : 0;
    return a + awayUm * layerAreaM2(line, l) * (isOpen(line, l) ? 1 : 0);
  }, 0);
  return Math.min(filmMl, taken);
}

/** Sessions in which it is still sprayed. */
function sessionsLeft({ product, system, open }: Line): number {
  if (open.length === 0) return 0;
  const left = new Set(open.map((u) => u.layerId));
  const sprayed = splitAtSeams(system).filter((group) =>
    group.some((l) => l.productId === product.id && left.has(l.id)),
  );
  return Math.max(1, sprayed.length);
}

/** Once a coat of it is on, its cans have been bought; only what is left to spray is counted. */
const isBegun = ({ open, uses }: Line): boolean => open.length < uses.length;

/**
 * One spare can of colour, ml: a spitting nozzle costs a coat, and the shade cannot be bought again on the
 * day. What dies once activated is bought lean.
 */
function spareMl(line: Line): number {
  const { product } = line;
  const wanted = product.kind === 'basecoat' && product.carrier === 'aerosol' && !isTwoPart(product);
  return wanted && line.open.length > 0 && !isBegun(line) ? product.packs[0]!.sizeMl : 0;
}

/** What of an ingredient is set aside for the job, ml. */
function shelfMl({ job, colour, first }: Line, ingredientId: string): number {
  const fits = (s: NonNullable<Job['shelf']>[number]): boolean =>
    s.colour === undefined || colour === null ? first : sameTint(s.colour, colour.name);
  return (job.shelf ?? [])
    .filter((s) => s.productId === ingredientId && fits(s))
    .reduce((a, s) => a + s.remainingMl, 0);
}

/** Shares of the need by session, of what is activated in one and dead in the next; one share for the rest. */
function sharesBySession({ product, system, open }: Line): number[] {
  if (!diesActivated(product)) return [1];
  const mlOf = (ids: ReadonlySet<string>): number =>
    open.filter((u) => ids.has(u.layerId)).reduce((a, u) => a + u.sprayMl, 0);
  const groups = splitAtSeams(system).map((group) => mlOf(new Set(group.map((l) => l.id))));
  const all = groups.reduce((a, ml) => a + ml, 0);
  const shares = groups.filter((ml) => ml > 0).map((ml) => ml / all);
  return shares.length > 0 ? shares : [1];
}

/** The cheapest packs for each session by itself, those of one size counted together. */
function packsApart(
  packs: Ingredient['packs'],
  missingMl: number,
  shares: readonly number[],
): Material['packs'] {
  const all = shares.flatMap((share) => cheapestPacks(packs, missingMl * share));
  return all.reduce<Material['packs']>((out, p) => {
    const same = out.find((x) => x.size === p.size && x.price === p.price);
    return same ? out.map((x) => (x === same ? { ...x, count: x.count + p.count } : x)) : [...out, p];
  }, []);
}

/** What it is poured from, each with its share of the need, what is in hand and the packs to buy. */
function boughtFor(line: Line, needMl: number, rinseMl: number): Material['ingredients'] {
  const shares = sharesBySession(line);
  return ingredientsOf(line.product, line.job.prices).map((ingredient) => {
    const need = needMl * ingredient.share + (ingredient.part === 'reducer' ? rinseMl : 0);
    const inHandMl = shelfMl(line, ingredient.id);
    const packs = isBegun(line) ? [] : packsApart(ingredient.packs, Math.max(0, need - inHandMl), shares);
    return {
      id: ingredient.id,
      part: ingredient.part,
      needMl: need,
      shelfMl: inHandMl,
      packs,
      cost: packsCost(packs),
    };
  });
}

interface Need {
  readonly sprayed: Sprayed;
  readonly sandedMl: number;
  readonly nozzleMl: number;
  readonly purgeMl: number;
  readonly nibMl: number;
  /** Everything that leaves the pack on purpose, and its spread as standard deviation over mean. */
  readonly useMl: number;
  readonly cv: number;
  readonly heelMl: number;
  readonly marginMl: number;
  readonly spareMl: number;
  readonly needMl: number;
}

function needOf(line: Line): Need {
  const { job, product } = line;
  const sprayed = sprayedOf(line);
  const { sprayMl } = sprayed;
  const sessions = sessionsLeft(line);
  const seen = COLOURED.has(product.kind) || product.kind === 'clear';
  const nozzleMl = NOZZLE_ML[product.carrier] * sessions;
  const purgeMl = PURGE_ML[product.carrier] * sessions;
  const nibMl = seen ? sprayMl * REDO_FRAC[job.purpose.grade] : 0;
  const useMl = sprayMl + nozzleMl + nibMl + purgeMl;
  const cv = useMl > 0 ? (spreadOfUse(line.open, line.parts, job.habit?.sdFrac) * sprayMl) / useMl : 0;
  const heelShare = heelFrac(product);
  const factor = quantileFactor(cv, job.risk.runOut ?? RISK_OF_SHORT);
  const marginMl = Math.max(0, useMl * (factor - 1)) / (1 - heelShare);
  const heelMl = (useMl * heelShare) / (1 - heelShare);
  const spare = spareMl(line);
  return {
    sprayed,
    sandedMl: sandedMl(line, sprayed.filmMl),
    nozzleMl,
    purgeMl,
    nibMl,
    useMl,
    cv,
    heelMl,
    marginMl,
    spareMl: spare,
    needMl: useMl + heelMl + marginMl + spare,
  };
}

/** Where it goes, from film to spare; adds up to the need. */
function breakdownOf(n: Need): Material['breakdown'] {
  const sprayed = n.sprayed;
  return [
    { cause: 'film', ml: sprayed.filmMl - n.sandedMl },
    { cause: 'sanded', ml: n.sandedMl },
    { cause: 'carrier', ml: sprayed.carrierMl },
    { cause: 'overspray', ml: sprayed.oversprayMl },
    { cause: 'overrun', ml: sprayed.overrunMl },
    // More or less than reckoned, as one's own logs say.
    { cause: 'habit', ml: sprayed.sprayMl - sprayed.reckonedMl },
    { cause: 'nozzle', ml: n.nozzleMl },
    { cause: 'nib', ml: n.nibMl },
    { cause: 'purge', ml: n.purgeMl },
    { cause: 'heel', ml: n.heelMl },
    { cause: 'margin', ml: n.marginMl },
    { cause: 'spare', ml: n.spareMl },
  ];
}

function factorsOf({ job, product }: Line, n: Need): Material['factors'] {
  const { sweptM2, areaM2 } = n.sprayed;
  return {
    overrun: areaM2 > 0 ? sweptM2 / areaM2 : 1,
    transferFrac: transferFrac(job, product),
    solidsFrac: product.solidsFrac,
    heelFrac: heelFrac(product),
    riskOfShort: job.risk.runOut ?? RISK_OF_SHORT,
    cv: n.cv,
  };
}

/** Chance of running out in mid-coat with what was bought; the spare is kept sealed, so it does not count. */
function shortChanceOf(line: Line, n: Need, base: Material['ingredients'][number]): number | null {
  if (isBegun(line) || n.useMl === 0) return null;
  const readyMl = (base.shelfMl + packsMl(base.packs)) / (n.needMl > 0 ? base.needMl / n.needMl : 1);
  return exceedChance(n.cv, (Math.max(0, readyMl - n.spareMl) * (1 - heelFrac(line.product))) / n.useMl);
}

/**
 * One product's line, over all layers that use it or those of one colour.
 * @param system every layer of the job, for the sessions; seams for what sanding takes off again
 */
export function materialFor(job: Job, product: Product, system: LayersAndSeams, of?: LineOf): Material {
  const line = lineOf(job, product, system, of);
  const n = needOf(line);
  const rinseMl = isReducerRinsed(job, product) ? RINSE_ML * sessionsLeft(line) : 0;
  const ingredients = boughtFor(line, n.needMl, rinseMl);
  const base = ingredients[0]!;
  return {
    productId: product.id,
    colour: line.colour,
    layerIds: line.layers.map((l) => l.id),
    begun: isBegun(line),
    needMl: n.needMl,
    rinseMl,
    spreadMl: (n.useMl * n.cv) / (1 - heelFrac(product)),
    sprayMl: n.sprayed.sprayMl,
    useMl: n.useMl,
    areaM2: Math.max(0, ...line.layers.filter((l) => isOpen(line, l)).map((l) => layerAreaM2(line, l))),
    breakdown: breakdownOf(n),
    factors: factorsOf(line, n),
    shortChance: shortChanceOf(line, n, base),
    shelfMl: base.shelfMl,
    packs: base.packs,
    ingredients,
    cost: ingredients.reduce((a, g) => a + g.cost, 0),
    trip: tripOf(job, product),
  };
}
