/** What many played worlds come to: costs with their standard errors, starts spoiled, and whether odds came true. */
import type { Played, Stated } from './play';

export interface Row {
  readonly worlds: number;
  /** Mean and its standard error, money. */
  readonly cost: number;
  readonly costSe: number;
  /** Of the starts, 0…1. */
  readonly spoiled: number;
  readonly undone: number;
  readonly days: number;
  readonly starts: number;
  /** Cans for nothing. */
  readonly wasted: number;
}

export const mean = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0) / Math.max(1, xs.length);

/** Standard error of a mean. */
export function seOf(xs: readonly number[]): number {
  const m = mean(xs);
  return Math.sqrt(mean(xs.map((x) => (x - m) ** 2)) / Math.max(1, xs.length));
}

export function rowOf(played: readonly Played[]): Row {
  const starts = played.reduce((a, p) => a + p.starts, 0);
  const spoiled = played.reduce((a, p) => a + p.spoiled, 0);
  const costs = played.map((p) => p.cost);
  return {
    worlds: played.length,
    cost: mean(costs),
    costSe: seOf(costs),
    spoiled: starts > 0 ? spoiled / starts : 0,
    undone: mean(played.map((p) => (p.isDone ? 0 : 1))),
    days: mean(played.map((p) => p.days)),
    starts: starts / Math.max(1, played.length),
    wasted: mean(played.map((p) => p.wasted)),
  };
}

export interface Band {
  /** Lower edge, 0…0.9. */
  readonly from: number;
  readonly cases: number;
  readonly stated: number;
  readonly came: number;
}

/** Bands of ten points that hold any case. */
export function bandsOf(stated: readonly Stated[]): Band[] {
  return Array.from({ length: 10 }, (_, i) => {
    const mine = stated.filter((s) => Math.min(9, Math.floor(s.chance * 10)) === i);
    return {
      from: i / 10,
      cases: mine.length,
      stated: mean(mine.map((s) => s.chance)),
      came: mean(mine.map((s) => (s.came ? 1 : 0))),
    };
  }).filter((b) => b.cases > 0);
}

/** Mean difference of two policies on the same worlds, and its standard error, money. */
export function pairedDifference(
  a: readonly Played[],
  b: readonly Played[],
): { readonly mean: number; readonly se: number } {
  const gaps = a.map((x, i) => x.cost - b[i]!.cost);
  return { mean: mean(gaps), se: seOf(gaps) };
}
