/** One basket for several jobs: what is in hand, then the shelf, then the cheapest packs. */
import { sameTint } from '@/core/coating/tint';
import type { Consumable } from '@/core/material/consumables';
import { cheapestPerMl, priceKey } from '@/core/material/ingredients';
import type { Basket, Purchase } from '@/core/material/purchase';
import { leftoverShare, orderOfUse } from '@/core/material/shelf';
import type { ShoppingLine, ShoppingList } from '@/model/shopping';
import type { StockItem } from '@/model/stock';
import { FromShelf } from './from-shelf';
import { thingsOf, type Thing } from './things';
import type { Want } from './wants';

export type Solve = (p: Purchase) => Basket;
export interface Shop {
  readonly solve: Solve;
  readonly nowMs: number;
}
export interface Bought {
  readonly lines: readonly ShoppingLine[];
  readonly paint: number;
  readonly prep: number;
  readonly worth: number;
  readonly shelf: ShoppingList['shelf'];
}

/** A leftover is worth a little less than new, or more would be bought for its worth. */
const LEFTOVER = 0.98;
/** One of each serves all jobs. */
const SHARED: ReadonlySet<string> = new Set(['cartridges', 'goggles', 'suit']);

/** What jobs say is in hand without naming the shelf, ml. */
function inHandMl(wants: readonly Want[], thing: Thing): number {
  const set = wants.flatMap((w) => w.job.shelf ?? []);
  const fits = set.filter(
    (s) =>
      s.stockId === undefined &&
      s.productId === thing.ingredientId &&
      (s.colour === undefined || thing.colour === null || sameTint(s.colour, thing.colour)),
  );
  return fits.reduce((a, s) => a + s.remainingMl, 0);
}

/** A need that no other shares a pack with. */
interface Lot {
  readonly id: string;
  readonly thing: Thing;
  readonly ml: number;
}

/** What is missing of each thing after hand and shelf, ml; what dies opened for each job by itself. */
function lotsOf(wants: readonly Want[], things: readonly Thing[], shelf: FromShelf): Lot[] {
  return things.flatMap((thing) => {
    const sameColour = (item: StockItem): boolean =>
      thing.colour === null || (item.colour !== undefined && sameTint(item.colour, thing.colour));
    let hand = inHandMl(wants, thing);
    return thing.needsMl.map((needMl, i): Lot => {
      const rest = Math.max(0, needMl - hand);
      hand = Math.max(0, hand - needMl);
      return { id: `${thing.id}~${i}`, thing, ml: shelf.take(thing.ingredientId, rest, sameColour) };
    });
  });
}

function paintLine(thing: Thing, pack: Thing['packs'][number], count: number): ShoppingLine {
  return {
    key: priceKey(thing.id, pack.sizeMl),
    priceKey: priceKey(thing.ingredientId, pack.sizeMl),
    colour: thing.colour,
    group: thing.part === 'base' ? 'paint' : 'mix',
    productId: thing.product.id,
    part: thing.part,
    name: thing.product.name,
    params: {},
    count,
    packSize: pack.sizeMl,
    unit: 'ml',
    price: pack.price,
    cost: count * pack.price,
    jobs: [...thing.jobs],
    have: false,
    canWait: thing.canWait,
  };
}

function buyPaint(lots: readonly Lot[], solve: Solve): { basket: Basket; lines: ShoppingLine[] } {
  const onOffer = lots.flatMap((lot) =>
    lot.thing.packs.map((pack) => ({ lot, pack, id: priceKey(lot.id, pack.sizeMl) })),
  );
  const worth = (t: Thing): number => leftoverShare(t.product, t.part) * LEFTOVER * cheapestPerMl(t);
  const basket = solve({
    offers: onOffer.map(({ lot, pack, id }) => ({
      id,
      price: pack.price,
      contents: { [lot.id]: pack.sizeMl },
    })),
    needs: Object.fromEntries(lots.map((lot) => [lot.id, lot.ml])),
    leftoverWorth: Object.fromEntries(lots.map((lot) => [lot.id, worth(lot.thing)])),
  });
  const things = [...new Set(lots.map((lot) => lot.thing))];
  const countOf = (thing: Thing, pack: Thing['packs'][number]): number =>
    onOffer
      .filter((o) => o.lot.thing === thing && o.pack === pack)
      .reduce((a, o) => a + (basket.counts[o.id] ?? 0), 0);
  const lines = things.flatMap((t) => t.packs.map((pack) => paintLine(t, pack, countOf(t, pack))));
  return { basket, lines: lines.filter((l) => l.count > 0) };
}

interface UsedUp {
  readonly c: Consumable;
  need: number;
  readonly jobs: string[];
  have: boolean;
}

function usedUpBy(wants: readonly Want[]): UsedUp[] {
  const byId = new Map<string, UsedUp>();
  for (const w of wants)
    for (const consumable of w.consumables) {
      const sum = byId.get(consumable.id) ?? { c: consumable, need: 0, jobs: [], have: false };
      if (!SHARED.has(consumable.id) || sum.need === 0) sum.need += consumable.need;
      sum.jobs.push(w.stored.id);
      sum.have ||= consumable.have;
      byId.set(consumable.id, sum);
    }
  return [...byId.values()];
}

function prepLine({ c: consumable, need, jobs, have }: UsedUp, shelf: FromShelf): ShoppingLine {
  const missing = consumable.unit === 'ml' && !have ? shelf.take(consumable.id, need) : need;
  const count = Math.ceil(missing / consumable.packSize - 1e-9);
  return {
    key: consumable.id,
    priceKey: consumable.id,
    colour: null,
    group: consumable.group,
    productId: null,
    part: null,
    name: null,
    params: consumable.params,
    count,
    packSize: consumable.packSize,
    unit: consumable.unit,
    price: consumable.price,
    cost: have ? 0 : count * consumable.price,
    jobs,
    have,
    canWait: false,
  };
}

export function buy(wants: readonly Want[], stock: readonly StockItem[], { solve, nowMs }: Shop): Bought {
  const products = new Map(wants.flatMap((w) => [...w.products]));
  const shelf = new FromShelf(orderOfUse(stock, (id) => products.get(id) ?? null, nowMs));
  const { basket, lines } = buyPaint(lotsOf(wants, thingsOf(wants), shelf), solve);
  const prep = usedUpBy(wants).map((u) => prepLine(u, shelf));
  return {
    lines: [...lines, ...prep.filter((l) => l.count > 0)],
    paint: basket.cost,
    prep: prep.reduce((a, l) => a + l.cost, 0),
    worth: basket.leftoverWorth,
    shelf: shelf.taken,
  };
}
