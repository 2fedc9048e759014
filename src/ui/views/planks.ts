/** The shelf as it is drawn: what stands on which plank, in what kind of pack, how full. */
import type { Product } from '@/model/product';
import type { StockItem } from '@/model/stock';
import type { ShelfRow, ShelfView } from '@/usecases/shelf';
import { COAT_TINT, TINT } from '../tokens/tints';
import { paintOf, type Paint } from './ink';
import { fullness, productOf } from './shelf';

export type Container = 'aerosol' | 'tin' | 'bottle' | 'jerrycan';

/** From this size on a thinner or a cleaner comes in a can with a handle, ml. */
const JERRYCAN_ML = 500;

/** @param product undefined for what belongs to none */
export function containerOf({ part, sizeMl }: StockItem, product: Product | undefined): Container {
  if (part === 'base') return product?.carrier === 'aerosol' ? 'aerosol' : 'tin';
  if (part === 'hardener') return 'bottle';
  if (part === 'other') return 'tin';
  return sizeMl >= JERRYCAN_ML ? 'jerrycan' : 'bottle';
}

/** What is in it, as it looks through the side. */
function paintIn({ item, hex }: ShelfRow, product: Product | undefined): Paint {
  if (item.part === 'base' && product) return paintOf(product, hex ?? TINT.unknown);
  if (item.part === 'hardener') return { fill: COAT_TINT.promoter, texture: 'x-clear', alpha: 1 };
  return { fill: item.part === 'cleaner' ? TINT.cleaning : TINT.lost, texture: 'x-clear', alpha: 1 };
}

export interface DrawnPack {
  readonly row: ShelfRow;
  readonly container: Container;
  readonly paint: Paint;
  /** 0…1 */
  readonly full: number;
  /** Height against a full can of 400 ml: packs are drawn by their volume, 0.6…1.25. */
  readonly size: number;
  /** What an activated can has left of its prudent time, 0…1; null for all others. */
  readonly life: number | null;
}
export interface Plank {
  readonly id: 'cans' | 'mixed' | 'liquids';
  readonly words: string;
  readonly packs: readonly DrawnPack[];
}

const CAN_ML = 400;
const sizeOf = (ml: number): number => Math.min(1.25, Math.max(0.6, Math.cbrt(ml / CAN_ML)));

function lifeOf({ item, expiry }: ShelfRow, nowMs: number): number | null {
  if (item.activatedAt === undefined || !expiry.until) return null;
  const from = Date.parse(item.activatedAt);
  const until = Date.parse(`${expiry.until}Z`);
  return until > from ? Math.min(1, Math.max(0, (until - nowMs) / (until - from))) : 0;
}

const PLANKS = {
  cans: 'cans: spray at 20 °C, shake two minutes after the ball is loose',
  mixed: 'tins and hardeners: shut tight, dry; an opened hardener keeps for weeks',
  liquids: 'thinners and cleaners: shut, away from any flame',
} as const;

function plankOf(container: Container, { part }: StockItem): Plank['id'] {
  if (container === 'aerosol') return 'cans';
  return part === 'reducer' || part === 'cleaner' ? 'liquids' : 'mixed';
}

/** Planks with something on them, in the order of the rows. */
export function planksOf(view: ShelfView, nowMs: number): Plank[] {
  const drawn = view.rows.map((row): DrawnPack => {
    const product = productOf(view, row.item);
    return {
      row,
      container: containerOf(row.item, product),
      paint: paintIn(row, product),
      full: fullness(row.item),
      size: sizeOf(row.item.sizeMl),
      life: lifeOf(row, nowMs),
    };
  });
  return (Object.keys(PLANKS) as Plank['id'][])
    .map((id) => ({
      id,
      words: PLANKS[id],
      packs: drawn.filter((p) => plankOf(p.container, p.row.item) === id),
    }))
    .filter((plank) => plank.packs.length > 0);
}
