/** The workshop's shelf: packs that are here, and every change to them. */
import * as z from 'zod';

export const STOCK_PARTS = ['base', 'hardener', 'reducer', 'cleaner', 'other'] as const;
const date = z.iso.date('a date like 2026-05-16');

/** What is said of an item; a weight fills in what remains. */
export const stockDraftSchema = z.strictObject({
  productId: z.string().min(1).max(80).describe('a product, or one of its ingredients'),
  part: z.enum(STOCK_PARTS),
  name: z.string().min(1).max(80),
  colour: z.string().max(60).optional().describe('by name, of a coloured product'),
  batch: z.string().max(40).optional(),
  sizeMl: z.number().gt(0).max(20_000),
  remainingMl: z.number().min(0).max(20_000),
  openedOn: date.optional(),
  boughtOn: date.optional(),
  expiresOn: date.optional().describe('as printed on the pack'),
  activatedAt: z.iso.datetime({ offset: true }).optional(),
  note: z.string().max(200).optional(),
});
export type StockDraft = z.infer<typeof stockDraftSchema>;
export interface StockItem extends StockDraft {
  readonly id: string;
}

export const MOVE_KINDS = ['added', 'weighed', 'estimated', 'used', 'edited', 'removed', 'restored'] as const;
/** One change: what remained before and after. */
export interface StockMove {
  readonly seq: number;
  readonly itemId: string;
  readonly atMs: number;
  readonly kind: (typeof MOVE_KINDS)[number];
  readonly beforeMl: number;
  readonly afterMl: number;
  readonly note: string;
}

/** What single fields cannot show. */
export function stockFaults(stockDraft: StockDraft): { path: string; expected: string }[] {
  const faults: { path: string; expected: string }[] = [];
  if (stockDraft.remainingMl > stockDraft.sizeMl)
    faults.push({
      path: 'remainingMl',
      expected: `at most the pack, ${stockDraft.sizeMl} ml (got ${stockDraft.remainingMl})`,
    });
  if (
    stockDraft.boughtOn !== undefined &&
    stockDraft.openedOn !== undefined &&
    stockDraft.openedOn < stockDraft.boughtOn
  )
    faults.push({ path: 'openedOn', expected: `the day it was bought, ${stockDraft.boughtOn}, or later` });
  return faults;
}
