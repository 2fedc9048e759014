/**
 * The shelf as it is shown: what is there, until when it is good, what it is set aside for, and who could use
 * it up.
 */
import { productIn } from '@/core/seams/seam';
import { CATALOGUE, productsOf } from '@/core/coating/catalogue';
import { openedPots } from '@/core/material/opened';
import { expiryOf, type Expiry } from '@/core/material/shelf';
import { sameTint, tintOf, type Tint } from '@/core/coating/tint';
import { ingredientsOf } from '@/core/material/ingredients';
import { systemFor } from '@/core/coating/system';
import { isoOf, MINUTE } from '@/core/time/instant';
import type { StockItem, StockMove } from '@/model/stock';
import type { Product } from '@/model/product';
import { jobsToShopFor } from './shopping/wants';
import type { JobStore, StockStore, StoredJob } from './ports';

export interface ShelfRow {
  readonly item: StockItem;
  readonly expiry: Expiry;
  /** its colour as the jobs that name it have it; null where none does */
  readonly hex: string | null;
  readonly setAside: readonly { readonly jobId: string; readonly name: string; readonly ml: number }[];
  /** open jobs that want it and have not set it aside */ readonly wantedBy: readonly {
    readonly jobId: string;
    readonly name: string;
  }[];
}
/** A can or cup that a job opened and that is not dead yet. */
export interface AliveCan {
  readonly jobId: string;
  readonly jobName: string;
  readonly productName: string;
  /** ISO in the place's zone. */
  readonly openedAt: string;
  readonly deadAt: string;
  readonly leftMin: number;
}

export interface ShelfView {
  readonly rows: readonly ShelfRow[];
  /** The one that dies first, first. */
  readonly alive: readonly AliveCan[];
  readonly moves: readonly StockMove[];
  readonly products: readonly Product[];
  readonly jobs: readonly { readonly id: string; readonly name: string }[];
}

/** Colours go by their names here; the jobs know what they look like. */
function hexOf({ colour }: StockItem, tints: readonly (Tint | null)[]): string | null {
  if (colour === undefined) return null;
  return tints.find((t) => t !== null && sameTint(colour, t.name))?.hex ?? null;
}

function aliveCans(
  jobs: readonly StoredJob[],
  products: ReadonlyMap<string, Product>,
  nowMs: number,
): AliveCan[] {
  const all = jobs.flatMap(({ id, job }) =>
    openedPots(job, products.values())
      .filter(({ atMs, endMs }) => atMs <= nowMs && nowMs < endMs)
      .map(({ product, atMs, endMs }): AliveCan => ({
        jobId: id,
        jobName: job.name,
        productName: product.name,
        openedAt: isoOf(atMs, job.place.tz),
        deadAt: isoOf(endMs, job.place.tz),
        leftMin: (endMs - nowMs) / MINUTE,
      })),
  );
  return all.sort((a, b) => a.leftMin - b.leftMin);
}

export function shelfView(store: JobStore, stock: StockStore, nowMs: number): ShelfView {
  const jobs = jobsToShopFor(store).rows;
  const products = new Map(
    jobs
      .reduce<Product[]>(
        (a, s) => [...a, ...(s.job.products ?? [])],
        [...productsOf(CATALOGUE, undefined).values()],
      )
      .map((p) => [p.id, p]),
  );
  const wants = jobs.map((stored) => {
    const sys = systemFor(stored.job);
    return {
      s: stored,
      used: sys.layers.flatMap((layer) => {
        const p = productIn(sys.products, layer.productId);
        return ingredientsOf(p).map((g) => ({
          id: g.id,
          tint: g.part === 'base' ? tintOf(stored.job, p, layer) : null,
        }));
      }),
    };
  });
  const tints = wants.flatMap((w) => w.used.map((u) => u.tint));
  const rows = stock.list().map((item): ShelfRow => ({
    item,
    expiry: expiryOf(item, products.get(item.productId) ?? null, nowMs),
    hex: hexOf(item, tints),
    setAside: jobs.flatMap((s) =>
      (s.job.shelf ?? [])
        .filter((x) => x.stockId === item.id && x.remainingMl > 0)
        .map((x) => ({ jobId: s.id, name: s.job.name, ml: x.remainingMl })),
    ),
    wantedBy: wants
      .filter(() => item.activatedAt === undefined)
      .filter(
        (w) =>
          w.used.some(
            (u) =>
              u.id === item.productId &&
              (u.tint === null || (item.colour !== undefined && sameTint(item.colour, u.tint.name))),
          ) && !(w.s.job.shelf ?? []).some((x) => x.stockId === item.id),
      )
      .map((w) => ({ jobId: w.s.id, name: w.s.job.name })),
  }));
  const rank = { expired: 0, spent: 0, dying: 1, soon: 2, good: 3, empty: 4 } as const;
  return {
    rows: rows.sort(
      (a, b) =>
        rank[a.expiry.state] - rank[b.expiry.state] ||
        (a.expiry.until ?? '9999').localeCompare(b.expiry.until ?? '9999'),
    ),
    alive: aliveCans(jobs, products, nowMs),
    moves: stock.moves(60),
    products: [...products.values()],
    jobs: jobs.map((s) => ({ id: s.id, name: s.job.name })),
  };
}
