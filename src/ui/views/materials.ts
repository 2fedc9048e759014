/** What the materials stage says: names of lines, chances, the habit, what stands on the shelf of a thing. */
import { inAList } from './session-name';
import { packsSaid, packsToBuy } from './verdict';
import type { Habit } from '@/core/material/habit';
import { sameTint } from '@/core/coating/tint';
import type { WantedOf } from '@/core/edits/in-hand';
import { weighWorth } from '@/core/material/weigh-worth';
import type { System } from '@/core/seams/seam';
import type { Job } from '@/model/job';
import type { Material, Plan } from '@/model/plan';
import type { Product } from '@/model/product';
import type { ShelfRow } from '@/usecases/shelf';
import { counted, durationOf, type Format } from '@/words/format';
import { lineName } from '@/words/shopping';

export type ProductOf = (id: string) => Product;

/** 12.0 is said as 12. */
const one = (x: number): string => x.toFixed(1).replace(/\.0$/, '');
export const pctText = (share: number): string => `${one(share * 100)} %`;
export const chanceText = (c: number): string =>
  c < 0.005 ? 'under 1 %' : `${Math.max(1, Math.round(c * 100))} %`;

/** Millilitres as the sum shows them: a decimal below ten. */
export function smallVolume(ml: number, f: Format): string {
  if (f.units === 'us') return f.volume(ml);
  return `${ml < 10 ? one(ml) : Math.round(ml)} ml`;
}
/** A figure in a can or a cell, without its unit where that is millilitres. */
export const bareVolume = (ml: number, f: Format): string =>
  f.units === 'us' ? f.volume(ml).replace(' fl oz', '') : String(Math.round(ml));
export const cellVolume = (ml: number, f: Format): string =>
  f.units === 'us' ? f.volume(ml) : ml.toFixed(1);

export const lineKey = (m: Material): string => m.layerIds[0]!;

/** What is sprayed already is bought and used; it has no sum any more. */
export const openLines = (plan: Plan): Material[] => plan.materials.filter((m) => m.needMl > 0);

/** The product of a line, with its colour where there are several of it. */
export function materialName(m: Material, open: readonly Material[], productOf: ProductOf): string {
  const several = open.filter((x) => x.productId === m.productId).length > 1;
  const colour = several ? (m.colour?.name ?? null) : null;
  return lineName({ key: m.productId, name: productOf(m.productId).name, part: 'base', params: {}, colour });
}

/** The line that is looked at: the one picked, else the colour, else the first. */
export function shownLine(
  open: readonly Material[],
  picked: string | null,
  productOf: ProductOf,
): Material | undefined {
  const base = open.find((m) => productOf(m.productId).kind === 'basecoat');
  return open.find((m) => lineKey(m) === picked) ?? base ?? open[0];
}

export const hasSpare = (m: Material): boolean => m.breakdown.some((b) => b.cause === 'spare' && b.ml > 0);

const SUM_ASSUMPTIONS = new Set(['overrun-mm', 'transfer', 'heel', 'habit-sd', 'coat-sd', 'risk-of-short']);
type Assumption = Plan['assumptions'][number];
export const sumAssumptions = (plan: Plan): Assumption[] =>
  plan.assumptions.filter((a) => SUM_ASSUMPTIONS.has(a.what));

export function assumedFigure({ value, unit }: Assumption, f: Format): string {
  if (typeof value !== 'number') return `${value} ${unit}`;
  if (unit === '1') return pctText(value);
  return unit === 'mm' ? f.length(value) : `${value} ${unit}`;
}

function againstReckoned(factor: number): string {
  const off = Math.abs(factor - 1);
  if (off < 0.005) return 'what is reckoned';
  return `${Math.round(off * 100)} % ${factor > 1 ? 'more' : 'less'} than reckoned`;
}
/** What one's own logs say. */
export function habitText(h: Habit): string {
  const jobs = counted(h.jobs, 'closed job');
  return `${jobs}: you use ${againstReckoned(h.factor)}, sure to ± ${Math.round(h.sdFrac * 100)} %`;
}

/** Less than this off the margins is not worth a sentence, ml. */
const WORTH_ML = 5;

/** “Weigh one coat on the scale: the margins shrink from 187 to 120 ml.” */
export function weighSaid(job: Job, system: System, f: Format): string | null {
  const { marginMl, withOneMoreMl } = weighWorth(job, system);
  if (marginMl - withOneMoreMl < WORTH_ML) return null;
  return `Weigh one coat on the scale: the margins against running out shrink from ${f.volume(marginMl)} to ${f.volume(withOneMoreMl)} on a job like this.`;
}

const JOBS_NAMED = 3;
/** The jobs a figure was learned from: the last few by name. */
export function jobsNamed(names: readonly string[]): string {
  const rest = names.length - JOBS_NAMED;
  const shown = names.slice(0, JOBS_NAMED);
  return inAList(rest > 0 ? [...shown, counted(rest, 'other')] : shown);
}

/** Packs of one ingredient to buy, in words. */
export function packsText(m: Material, packs: Material['packs'], f: Format): string {
  if (m.begun) return 'begun, in hand';
  return packs.length === 0 ? 'none' : packs.map((k) => `${k.count} × ${f.volume(k.size)}`).join(' + ');
}

export interface IngredientLine {
  readonly id: string;
  readonly name: string;
  readonly wanted: WantedOf;
  readonly material: Material;
  readonly ingredient: Material['ingredients'][number];
  /** Minutes it lives once activated, of a base that dies. */
  readonly lifeMin: number | undefined;
}

/** Everything that paint is poured from, line by line. */
export function ingredientLines(plan: Plan, productOf: ProductOf): IngredientLine[] {
  return plan.materials.flatMap((material) => {
    const product = productOf(material.productId);
    return material.ingredients.map((ingredient): IngredientLine => {
      const isBase = ingredient.part === 'base';
      const colour = isBase ? (material.colour?.name ?? null) : null;
      return {
        id: `${material.productId} ${material.colour?.hex ?? ''} ${ingredient.id}`,
        name: lineName({ key: ingredient.id, name: product.name, part: ingredient.part, params: {}, colour }),
        wanted: { ingredientId: ingredient.id, colour: colour ?? undefined },
        material,
        ingredient,
        lifeMin: isBase ? product.potLifeMin : undefined,
      };
    });
  });
}

export interface StillToBuyText {
  readonly headline: string;
  readonly rest: string;
}

/** What is still to buy in one line, and what it comes to. */
export function stillToBuy(plan: Plan, f: Format): StillToBuyText {
  const { cost } = plan;
  const packs = packsSaid(packsToBuy(plan));
  const things = plan.consumables.filter((c) => !c.have).length;
  const parts = [...(packs === '' ? [] : [packs]), ...(things > 0 ? [counted(things, 'other thing')] : [])];
  if (parts.length === 0) return { headline: 'Nothing left to buy.', rest: '' };
  const total = f.money(cost.total, cost.currency);
  return {
    headline: `Still to buy: ${parts.join(', ')}.`,
    rest: `${total} of ${f.money(cost.budget, cost.currency)}; paint ${f.money(cost.paint, cost.currency)}`,
  };
}

/** What buying in two trips costs and keeps, whichever is chosen. */
export function stagesSaid(
  { buying, currency }: { readonly buying: Plan['buying']; readonly currency: string },
  f: Format,
): string {
  const later = f.money(buying.later, currency);
  const trip = durationOf(buying.tripMin);
  return buying.isStaged
    ? `Colour and clear, ${later}, are bought only once what lies below stands sanded. One more trip, ${trip}; nothing else is spent if the sanding fails.`
    : `Colour and clear, ${later}, could wait until what lies below stands sanded. That is one more trip, ${trip}.`;
}

/** What stands on the shelf of a thing, and what can be done with it. */
export type StockOffer =
  | { readonly kind: 'expired'; readonly id: string; readonly ml: number }
  | { readonly kind: 'aside'; readonly id: string; readonly name: string; readonly ml: number }
  | {
      readonly kind: 'free';
      readonly id: string;
      readonly name: string;
      readonly freeMl: number;
      readonly takeMl: number;
      readonly until: string | null;
    }
  | { readonly kind: 'taken'; readonly id: string };

/** Past its time, or activated: never offered. */
const PROMISES_NOTHING: ReadonlySet<ShelfRow['expiry']['state']> = new Set(['expired', 'dying', 'spent']);

function offerOf(row: ShelfRow, job: { id: string; job: Job }, needMl: number): StockOffer {
  const { id, name, remainingMl } = row.item;
  if (PROMISES_NOTHING.has(row.expiry.state)) return { kind: 'expired', id, ml: remainingMl };
  const here = (job.job.shelf ?? []).find((x) => x.stockId === id);
  if (here) return { kind: 'aside', id, name, ml: here.remainingMl };
  const others = row.setAside.filter((x) => x.jobId !== job.id).reduce((a, x) => a + x.ml, 0);
  const freeMl = Math.max(0, remainingMl - others);
  if (freeMl <= 0.5) return { kind: 'taken', id };
  const takeMl = Math.round(Math.min(freeMl, Math.max(1, needMl)) * 10) / 10;
  return { kind: 'free', id, name, freeMl, takeMl, until: row.expiry.until };
}

export function stockOffers(
  rows: readonly ShelfRow[],
  wanted: WantedOf,
  job: { id: string; job: Job },
  needMl: number,
): StockOffer[] {
  const { ingredientId, colour } = wanted;
  const fits = ({ item, expiry }: ShelfRow): boolean =>
    item.productId === ingredientId &&
    (colour === undefined || (item.colour !== undefined && sameTint(item.colour, colour))) &&
    expiry.state !== 'empty';
  return rows.filter(fits).map((r) => offerOf(r, job, needMl));
}

/** Good until, with its year. @param until a date, or an instant */
export const untilText = (until: string, f: Format): string =>
  `${f.day(`${until.slice(0, 10)}T00:00`)} ${until.slice(0, 4)}`;

/** True when something goes through a gun, so that there are cups to mix. */
export function needsMixing(plan: Plan, products: readonly Product[]): boolean {
  const carrier = new Map(products.map((p) => [p.id, p.carrier]));
  return plan.materials.some((m) => carrier.get(m.productId) === 'gun' && m.sprayMl > 0);
}
