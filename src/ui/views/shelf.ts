/** The shelf in rows, its worries in words, and an item of it as a form. */
import { COLOURED } from '@/core/coating/tint';
import { ingredientId } from '@/core/material/ingredients';
import { isoOf, MINUTE } from '@/core/time/instant';
import type { Product } from '@/model/product';
import type { StockDraft, StockItem, StockMove } from '@/model/stock';
import type { ShelfRow, ShelfView } from '@/usecases/shelf';
import { durationOf, type Format } from '@/words/format';

type State = ShelfRow['expiry']['state'];
const STATE_WORDS: Readonly<Record<State, string>> = {
  expired: 'past its time',
  dying: 'activated, good',
  spent: 'activated, hidden returns only; dead',
  soon: 'use up',
  good: 'good',
  empty: 'empty',
};
const UNTIL_WORDS: Readonly<Record<State, string>> = {
  expired: 'since',
  dying: 'until',
  spent: 'dead',
  soon: 'by',
  good: 'until',
  empty: 'until',
};
const MOVE_NAMES: Readonly<Record<StockMove['kind'], string>> = {
  added: 'put on the shelf',
  weighed: 'weighed',
  estimated: 'estimated',
  used: 'used',
  edited: 'changed',
  removed: 'taken off',
  restored: 'put back',
};

type Days = Pick<Format, 'day'>;
/** “Sat 16 May 2026” of a date or a time. */
const dayYear = (iso: string, f: Days): string => `${f.day(`${iso.slice(0, 10)}T00:00`)} ${iso.slice(0, 4)}`;

/** “good until Sat 16 May 2026”; “activated, dying for 3 h 20 min”. */
export function expirySaid({ expiry }: ShelfRow, f: Days, nowMs: number): string {
  const { state, until, why } = expiry;
  if (!until) return `${STATE_WORDS[state]}, no date known`;
  const left = Date.parse(`${until}Z`) - nowMs;
  // What is activated counts in hours.
  if (why === 'activated' && left > 0)
    return `${STATE_WORDS[state]} ${state === 'spent' ? 'in' : 'for'} ${durationOf(Math.floor(left / MINUTE))}`;
  return `${STATE_WORDS[state]} ${UNTIL_WORDS[state]} ${dayYear(until, f)}`;
}

const isWorry = ({ expiry }: ShelfRow): boolean => expiry.state !== 'good' && expiry.state !== 'empty';

/** What to do about one that is past its time, dying or to be used up; null for what is good. */
export function advice(row: ShelfRow): string | null {
  const { item, expiry, wantedBy } = row;
  if (!isWorry(row)) return wantedBy.length > 0 ? `Wanted by ${namesOf(wantedBy)}.` : null;
  if (expiry.state === 'expired' && item.part === 'hardener')
    return 'Cloudy, skinned or swollen: to the hazardous waste.';
  if (expiry.state === 'expired') return 'A test card decides; never on the part first.';
  if (expiry.state === 'spent') return 'A hidden return after a test card at most; never on what is seen.';
  if (expiry.state === 'dying') return 'For today’s coats only; it is counted for no other day.';
  if (wantedBy.length === 0) return 'No open job wants it.';
  return `${namesOf(wantedBy)} could use it up.`;
}

const namesOf = (jobs: ShelfRow['wantedBy']): string => jobs.map((x) => x.name).join(', ');

/** Things that are past their time, dying or to be used up. */
export const worryCount = (view: ShelfView): number => view.rows.filter(isWorry).length;

/** True when more is set aside than is in it; half a millilitre is rounding. */
export const isOverpromised = ({ item, setAside }: ShelfRow): boolean =>
  setAside.reduce((a, s) => a + s.ml, 0) > item.remainingMl + 0.5;

/** How full a pack is, 0…1. */
export const fullness = ({ remainingMl, sizeMl }: StockItem): number => Math.min(1, remainingMl / sizeMl);

/** “340 ml of 400 ml, opened Sat 16 May 2026; dented”. The amount itself is set in bold, so it is left out. */
export function restSaid({ openedOn, note }: StockItem, f: Days): string {
  const opened = openedOn ? `, opened ${dayYear(openedOn, f)}` : '';
  return `${opened}${note ? `; ${note}` : ''}`;
}

export interface MoveRow {
  readonly seq: number;
  readonly when: string;
  readonly name: string;
  readonly what: string;
  readonly beforeMl: number;
  readonly afterMl: number;
}
const MOST_MOVES = 30;
/** Every change, the newest first. */
export function moveRows(view: ShelfView, tz: string, f: Pick<Format, 'day' | 'time'>): readonly MoveRow[] {
  const nameOf = (id: string): string =>
    view.rows.find((r) => r.item.id === id)?.item.name ?? 'one that is off the shelf';
  return view.moves.slice(0, MOST_MOVES).map((stockMove) => {
    const at = isoOf(stockMove.atMs, tz);
    return {
      seq: stockMove.seq,
      when: `${f.day(at)} ${at.slice(0, 4)}, ${f.time(at)}`,
      name: nameOf(stockMove.itemId),
      what: `${MOVE_NAMES[stockMove.kind]}${stockMove.note ? `: ${stockMove.note}` : ''}`,
      beforeMl: stockMove.beforeMl,
      afterMl: stockMove.afterMl,
    };
  });
}

export const PART_NAMES: Readonly<Record<StockDraft['part'], string>> = {
  base: 'paint',
  hardener: 'hardener',
  reducer: 'reducer',
  cleaner: 'cleaner',
  other: 'something else',
};
const PAINT_PARTS = ['base', 'hardener', 'reducer'] as const;
/** A bottle of hardener or reducer, ml; from memory. */
const BOTTLE_ML = 500;

/** An item to start from: a full pack of the first product, bought today. */
export function freshItem(view: ShelfView, today: string): StockDraft {
  const p = view.products[0]!;
  const { sizeMl } = p.packs[0]!;
  return { productId: p.id, part: 'base', name: p.name, sizeMl, remainingMl: sizeMl, boughtOn: today };
}

export function draftOf({ id: _id, ...draft }: StockItem): StockDraft {
  return draft;
}

/** The product a draft belongs to, itself or by one of its parts. */
export const productOf = (view: ShelfView, draft: StockDraft): Product | undefined =>
  view.products.find((p) => PAINT_PARTS.some((part) => ingredientId(p, part) === draft.productId));

/** A draft made the paint, hardener or reducer of a product. */
export function asPartOf(draft: StockDraft, product: Product, part: StockDraft['part']): StockDraft {
  const sizeMl = part === 'base' ? product.packs[0]!.sizeMl : BOTTLE_ML;
  const isIngredient = part === 'hardener' || part === 'reducer';
  return {
    ...draft,
    productId: isIngredient ? ingredientId(product, part) : product.id,
    part,
    name: part === 'base' ? product.name : `${product.name} ${PART_NAMES[part]}`,
    sizeMl,
    remainingMl: Math.min(draft.remainingMl, sizeMl),
  };
}

const MAY_BE_EMPTY = ['openedOn', 'boughtOn', 'expiresOn', 'batch', 'note', 'colour'] as const;
/** A draft with some of it changed; what was emptied is left out. */
export function patchDraft(draft: StockDraft, patch: Partial<StockDraft>): StockDraft {
  const next = { ...draft, ...patch };
  for (const key of MAY_BE_EMPTY) if (next[key] === '') delete next[key];
  return next;
}

export const takesColour = (product: Product | undefined, part: StockDraft['part']): boolean =>
  product !== undefined && COLOURED.has(product.kind) && part === 'base';
export const canBeActivated = (product: Product | undefined, part: StockDraft['part']): boolean =>
  product?.potLifeMin !== undefined && part === 'base';

export interface Weight {
  readonly grossG: number;
  readonly tareG: number;
  readonly gPerMl: number;
}
/** What a weighing makes, ml; null while the weights cannot be. */
export const weighedMl = ({ grossG, tareG, gPerMl }: Weight): number | null =>
  grossG >= tareG && gPerMl > 0 ? (grossG - tareG) / gPerMl : null;

export const activatedAtMs = (draft: StockDraft, atMs: number): StockDraft => ({
  ...draft,
  activatedAt: new Date(atMs).toISOString(),
});

/** How what is left is known. */
export type HowKnown = 'feel' | 'weight';
/** What is sent to be kept: a weight says what remains; a guess of an item that is here is marked as one. */
export function bodyOf(draft: StockDraft, item: StockItem | null, weight: Weight | null): object {
  if (weight) return { item: { ...draft, remainingMl: Math.min(draft.sizeMl, draft.remainingMl) }, weight };
  const guessed = item !== null && draft.remainingMl !== item.remainingMl;
  return { item: draft, ...(guessed ? { kind: 'estimated' } : {}) };
}
