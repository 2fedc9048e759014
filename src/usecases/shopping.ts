/** What to buy for several jobs together: pooled needs, the shelf first, the cheapest packs. */
import { systemFor } from '@/core/coating/system';
import type { Consumable } from '@/core/material/consumables';
import { ingredientsOf, priceKey } from '@/core/material/ingredients';
import { pooledNeed } from '@/core/material/pooled';
import type { Basket, Purchase } from '@/core/material/purchase';
import { jobConsumables } from '@/core/material/session-pours';
import { leftoverShare, orderOfUse } from '@/core/material/shelf';
import { materialsOf } from '@/core/material/materials';
import { sameTint, tintKey } from '@/core/coating/tint';
import { withZones } from '@/core/surface/zones';
import type { Job } from '@/model/job';
import type { Material } from '@/model/plan';
import type { Product } from '@/model/product';
import type { ShoppingLine, ShoppingList } from '@/model/shopping';
import type { StockItem } from '@/model/stock';
import type { JobStore, StockStore, StoredJob } from './ports';

export type Solve = (p: Purchase) => Basket;
export type Shopping =
  | { readonly kind: 'list'; readonly list: ShoppingList }
  | { readonly kind: 'currencies'; readonly currencies: readonly string[] };

interface Want {
  readonly stored: StoredJob;
  readonly job: Job;
  readonly products: ReadonlyMap<string, Product>;
  readonly materials: readonly Material[];
  readonly consumables: readonly Consumable[];
}

function wantOf(stored: StoredJob): Want {
  const s = systemFor(stored.job);
  const { shelf: _set, ...job } = withZones(stored.job);
  // What was set aside for one job is on the workshop's shelf like the rest; it is taken from there.
  return {
    stored,
    job: stored.job,
    products: s.products,
    materials: materialsOf(job, s),
    consumables: jobConsumables(job, s),
  };
}

/** Jobs that still have something to buy. */
export function jobsToShopFor(store: JobStore): StoredJob[] {
  return store.list().filter((s) => s.job.log?.closedAt === undefined);
}

interface Thing {
  readonly id: string;
  readonly ingredientId: string;
  /** by name, of a coloured product */ readonly colour: string | null;
  readonly product: Product;
  readonly part: 'base' | 'hardener' | 'reducer';
  needMl: number;
  readonly jobs: Set<string>;
  readonly packs: ReturnType<typeof ingredientsOf>[number]['packs'];
}

function thingsOf(wants: readonly Want[]): Map<string, Thing> {
  const things = new Map<string, Thing>();
  const byProduct = new Map<
    string,
    { colour: string | null; product: Product; lines: Material[]; jobs: Want[] }
  >();
  for (const w of wants)
    for (const m of w.materials) {
      const key = `${m.productId}${m.colour ? `#${tintKey(m.colour.name)}` : ''}`;
      const known = byProduct.get(key) ?? {
        colour: m.colour?.name ?? null,
        product: w.products.get(m.productId)!,
        lines: [],
        jobs: [],
      };
      known.lines.push(m);
      known.jobs.push(w);
      byProduct.set(key, known);
    }
  for (const { product, colour, lines, jobs } of byProduct.values()) {
    const { needMl } = pooledNeed(lines);
    if (needMl <= 0) continue;
    const prices = Object.assign({}, ...jobs.map((w) => w.job.prices ?? {})) as Record<string, number>;
    for (const g of ingredientsOf(product, prices)) {
      // Hardener and reducer have no colour: they are shared by all that take them.
      const tint = g.part === 'base' ? colour : null;
      const id = `${g.id}${tint ? `#${tintKey(tint)}` : ''}`;
      const t: Thing = things.get(id) ?? {
        id,
        ingredientId: g.id,
        colour: tint,
        product,
        part: g.part,
        needMl: 0,
        jobs: new Set<string>(),
        packs: g.packs,
      };
      t.needMl += needMl * g.share;
      jobs.forEach((w, i) => {
        if (!lines[i]!.begun) t.jobs.add(w.stored.id);
      });
      things.set(id, t);
    }
  }
  return things;
}

interface Bought {
  readonly lines: readonly ShoppingLine[];
  readonly paint: number;
  readonly prep: number;
  readonly worth: number;
  readonly shelf: ShoppingList['shelf'];
}

function buy(wants: readonly Want[], stock: readonly StockItem[], solve: Solve, nowMs: number): Bought {
  const things = [...thingsOf(wants).values()].sort((a, b) => a.id.localeCompare(b.id));
  const products = new Map(wants.flatMap((w) => [...w.products]));
  const ready = orderOfUse(stock, (id) => products.get(id) ?? null, nowMs);
  const shelf: { itemId: string; name: string; ml: number; ingredientId: string }[] = [];
  const needs: Record<string, number> = {};
  for (const t of things) {
    // What a job says is in hand is not on the shelf, and not bought either.
    const inHand = wants
      .flatMap((w) => w.job.shelf ?? [])
      .filter(
        (s) =>
          s.stockId === undefined &&
          s.productId === t.ingredientId &&
          (s.colour === undefined || t.colour === null || sameTint(s.colour, t.colour)),
      )
      .reduce((a, s) => a + s.remainingMl, 0);
    let left = Math.max(0, t.needMl - inHand);
    for (const item of ready.filter(
      (x) =>
        x.productId === t.ingredientId &&
        (t.colour === null || (x.colour !== undefined && sameTint(x.colour, t.colour))),
    )) {
      const ml = Math.min(left, item.remainingMl);
      if (ml > 0.5) {
        left -= ml;
        shelf.push({ itemId: item.id, name: item.name, ml, ingredientId: t.ingredientId });
      }
    }
    needs[t.id] = left;
  }
  const offers = things.flatMap((t) =>
    t.packs.map((k) => ({
      id: priceKey(t.id, k.sizeMl),
      price: k.price,
      contents: { [t.id]: k.sizeMl },
      thing: t,
      sizeMl: k.sizeMl,
    })),
  );
  const worth = Object.fromEntries(
    things.map((t) => [
      t.id,
      leftoverShare(t.product, t.part) * 0.98 * Math.min(...t.packs.map((k) => k.price / k.sizeMl)),
    ]),
  );
  const basket = solve({
    offers: offers.map(({ id, price, contents }) => ({ id, price, contents })),
    needs,
    leftoverWorth: worth,
  });
  const paintLines = offers.flatMap((o): ShoppingLine[] => {
    const count = basket.counts[o.id] ?? 0;
    return count === 0
      ? []
      : [
          {
            key: o.id,
            priceKey: priceKey(o.thing.ingredientId, o.sizeMl),
            colour: o.thing.colour,
            group: o.thing.part === 'base' ? 'paint' : 'mix',
            productId: o.thing.product.id,
            part: o.thing.part,
            name: o.thing.product.name,
            params: {},
            count,
            packSize: o.sizeMl,
            unit: 'ml',
            price: o.price,
            cost: count * o.price,
            jobs: [...o.thing.jobs],
            have: false,
          },
        ];
  });
  const byId = new Map<string, { c: Consumable; need: number; jobs: string[]; have: boolean }>();
  /** Takes from the shelf what is there of a thing, item by item. */
  const take = (id: string, need: number): number => {
    let left = need;
    for (const item of ready.filter((x) => x.productId === id)) {
      const ml = Math.min(left, item.remainingMl);
      if (ml > 0.5) {
        left -= ml;
        shelf.push({ itemId: item.id, name: item.name, ml, ingredientId: id });
      }
    }
    return need - left;
  };
  for (const w of wants)
    for (const c of w.consumables) {
      const k = byId.get(c.id) ?? { c, need: 0, jobs: [], have: false };
      byId.set(c.id, {
        c,
        need:
          k.need +
          (c.id === 'cartridges' || c.id === 'goggles' || c.id === 'suit'
            ? k.need === 0
              ? c.need
              : 0
            : c.need),
        jobs: [...k.jobs, w.stored.id],
        have: k.have || c.have,
      });
    }
  const prepLines = [...byId.values()].map(({ c, need, jobs, have }): ShoppingLine => {
    const got = c.unit === 'ml' && !have ? take(c.id, need) : 0;
    const count = Math.ceil((need - got) / c.packSize - 1e-9);
    return {
      key: c.id,
      priceKey: c.id,
      colour: null,
      group: c.group,
      productId: null,
      part: null,
      name: null,
      params: c.params,
      count,
      packSize: c.packSize,
      unit: c.unit,
      price: c.price,
      cost: have ? 0 : count * c.price,
      jobs,
      have,
    };
  });
  return {
    lines: [...paintLines, ...prepLines.filter((l) => l.count > 0)],
    paint: basket.cost,
    prep: prepLines.reduce((a, l) => a + l.cost, 0),
    worth: basket.leftoverWorth,
    shelf,
  };
}

/** The list for the jobs of these ids; those gone or closed are left out. Prices in more than one currency are refused. */
export function shoppingFor(
  store: JobStore,
  stock: StockStore,
  ids: readonly string[] | null,
  solve: Solve,
  nowMs: number,
): Shopping {
  const wants = jobsToShopFor(store)
    .filter((s) => ids === null || ids.includes(s.id))
    .map(wantOf);
  const currencies = [...new Set(wants.map((w) => w.job.budget.currency))];
  if (currencies.length > 1) return { kind: 'currencies', currencies };
  const together = buy(wants, stock.list(), solve, nowMs);
  // One by one the first job gets the shelf, the next what it left.
  let left = stock.list();
  let apart = 0;
  for (const w of wants) {
    const alone = buy([w], left, solve, nowMs);
    apart += alone.paint;
    left = left.map((item) => ({
      ...item,
      remainingMl: Math.max(
        0,
        item.remainingMl - alone.shelf.filter((s) => s.itemId === item.id).reduce((a, s) => a + s.ml, 0),
      ),
    }));
  }
  const taxPct = Math.max(0, ...wants.map((w) => w.job.budget.taxPct ?? 0));
  const tax = ((together.paint + together.prep) * taxPct) / 100;
  return {
    kind: 'list',
    list: {
      currency: currencies[0] ?? 'GBP',
      taxPct,
      lines: together.lines,
      paint: together.paint,
      prep: together.prep,
      tax,
      total: together.paint + together.prep + tax,
      apart,
      leftoverWorth: together.worth,
      shelf: together.shelf,
    },
  };
}

/** Sets a price in every job it is bought for. */
export function setPrice(
  store: JobStore,
  jobs: readonly string[],
  key: string,
  price: number,
  nowMs: number,
): number {
  let done = 0;
  for (const id of jobs)
    for (let tries = 0; tries < 4; tries++) {
      const s = store.load(id);
      if (!s) break;
      const r = store.update(id, s.version, { ...s.job, prices: { ...s.job.prices, [key]: price } }, nowMs);
      if (r.kind === 'saved') {
        done++;
        break;
      }
    }
  return done;
}
