/** The shopping list of one or several jobs. */
import * as z from 'zod';

export const SHOPPING_GROUPS = ['paint', 'paper', 'clean', 'mask', 'mix', 'protect'] as const;
export type ShoppingGroup = (typeof SHOPPING_GROUPS)[number];
export interface ShoppingLine {
  /** Also the key of its tick. */
  readonly key: string;
  readonly priceKey: string;
  readonly colour: string | null;
  readonly group: ShoppingGroup;
  /** A product or its ingredient; null for a consumable. */
  readonly productId: string | null;
  readonly part: 'base' | 'hardener' | 'reducer' | null;
  readonly name: string | null;
  readonly params: Readonly<Record<string, number>>;
  readonly count: number;
  readonly packSize: number;
  readonly unit: 'ml' | 'piece' | 'm' | 'm2' | 'pair';
  readonly price: number;
  readonly cost: number;
  readonly jobs: readonly string[];
  readonly have: boolean;
  /** Bought in stages: not before what lies below stands sanded. */
  readonly canWait: boolean;
}
export interface ShoppingList {
  readonly currency: string;
  readonly taxPct: number;
  readonly lines: readonly ShoppingLine[];
  readonly paint: number;
  readonly prep: number;
  readonly tax: number;
  readonly total: number;
  /** What the same jobs would cost bought one by one. */
  readonly apart: number;
  readonly leftoverWorth: number;
  readonly shelf: readonly {
    readonly itemId: string;
    readonly name: string;
    readonly ml: number;
    readonly ingredientId: string;
  }[];
}

export const tickSchema = z.strictObject({ key: z.string().min(1).max(140), on: z.boolean() });
export const priceSchema = z.strictObject({
  key: z.string().min(1).max(120),
  price: z.number().min(0, 'a price of 0 or more').max(100_000),
  jobs: z.array(z.string().max(60)).min(1).max(40),
});
