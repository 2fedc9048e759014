/**
 * Wants of several jobs pooled into things to have in hand: each ingredient of each product, a coloured one
 * by its colour.
 */
import { productIn } from '@/core/seams/seam';
import { tintKey } from '@/core/coating/tint';
import { isLaterDue } from '@/core/material/buying';
import { diesActivated, ingredientsOf, type Ingredient } from '@/core/material/ingredients';
import { pooledNeed } from '@/core/material/pooled';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import type { Want } from './wants';

export interface Thing {
  readonly id: string;
  readonly ingredientId: string;
  /** By name, of a coloured product. */
  readonly colour: string | null;
  readonly product: Product;
  readonly part: Ingredient['part'];
  /** Needs that share no pack with one another, ml: a can that is activated for one job is dead for the next. */
  needsMl: number[];
  readonly jobs: Set<string>;
  readonly packs: Ingredient['packs'];
  /** Wanted by no job before its second trip. */
  canWait: boolean;
}

/** All lines of one product in one colour, each with the job it is of. */
interface Pool {
  readonly product: Product;
  readonly colour: string | null;
  readonly lines: { readonly material: Material; readonly want: Want }[];
}

const tinted = (id: string, colour: string | null): string => (colour ? `${id}#${tintKey(colour)}` : id);

function poolsOf(wants: readonly Want[]): Pool[] {
  const pools = new Map<string, Pool>();
  for (const want of wants)
    for (const material of want.materials) {
      const colour = material.colour?.name ?? null;
      const key = tinted(material.productId, colour);
      const pool = pools.get(key) ?? {
        product: productIn(want.products, material.productId),
        colour,
        lines: [],
      };
      pool.lines.push({ material, want });
      pools.set(key, pool);
    }
  return [...pools.values()];
}

/** Not before the second trip of its job. */
const waitsFor = ({ material, want }: Pool['lines'][number]): boolean =>
  material.trip === 'later' && !isLaterDue(want.job, want.materials);

const sumOf = (list: readonly number[]): number => list.reduce((a, x) => a + x, 0);

/** Needs that can share a pack are one; what another job's can gives to one that has its own is not bought. */
function needsApart(product: Product, lines: Pool['lines']): number[] {
  if (!diesActivated(product))
    return [pooledNeed(lines.map((l) => l.material)).needMl].filter((ml) => ml > 0);
  const given = ({ want }: Pool['lines'][number]): number =>
    sumOf(want.shared.filter((s) => s.productId === product.id).map((s) => s.inHandMl));
  return lines.map((l) => pooledNeed([l.material]).needMl - given(l)).filter((ml) => ml > 0);
}

/** By id. Hardener and reducer have no colour: they are shared by all that take them. */
export function thingsOf(wants: readonly Want[]): Thing[] {
  const things = new Map<string, Thing>();
  for (const { product, colour, lines } of poolsOf(wants)) {
    const needs = needsApart(product, lines);
    if (needs.length === 0) continue;
    const waits = lines.every(waitsFor);
    const prices: Record<string, number> = {};
    for (const { want } of lines) Object.assign(prices, want.job.prices);
    const open = lines.filter((l) => !l.material.begun);
    const jobs = open.map((l) => l.want.stored.id);
    for (const ingredient of ingredientsOf(product, prices)) {
      const tint = ingredient.part === 'base' ? colour : null;
      const id = tinted(ingredient.id, tint);
      const { part, packs } = ingredient;
      const fresh: Thing = {
        id,
        ingredientId: ingredient.id,
        colour: tint,
        product,
        part,
        needsMl: [],
        jobs: new Set(),
        packs,
        canWait: true,
      };
      const thing = things.get(id) ?? fresh;
      const rinseMl = part === 'reducer' ? sumOf(open.map((l) => l.material.rinseMl)) : 0;
      const mine = needs.map((ml, i) => ml * ingredient.share + (i === 0 ? rinseMl : 0));
      thing.needsMl = diesActivated(product)
        ? [...thing.needsMl, ...mine]
        : [sumOf([...thing.needsMl, ...mine])];
      thing.canWait &&= waits;
      for (const job of jobs) thing.jobs.add(job);
      things.set(id, thing);
    }
  }
  return [...things.values()].sort((a, b) => a.id.localeCompare(b.id));
}
