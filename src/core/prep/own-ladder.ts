/**
 * A ladder chosen by hand, judged and not replaced: where a step leaves the scratches of the one before, and how
 * its last paper stands to what the next layer hides. Common practice, "do not skip more than one grade".
 */
import type { Notice } from '@/model/marks';
import type { Seam } from '../seams/seam';
import { FEPA_UM } from './grit';
import { MAX_RATIO } from './ladder';

type Chosen = Pick<Seam, 'gritP' | 'ladder'>;
/** Two papers are of one fineness within this share of their grain. */
const SAME = 0.15;

const um = (gritP: number): number => FEPA_UM[gritP]!;
const notice = (code: string, params: Notice['params']): Notice => ({ code, params });

/** Steps that are too wide, or go back to coarser. */
function steps(grits: readonly number[]): Notice[] {
  return grits.slice(1).flatMap((to, i) => {
    const from = grits[i]!;
    const ratio = um(from) / um(to);
    if (ratio < 1) return [notice('ladder-goes-back', { from, to })];
    if (ratio <= MAX_RATIO * (1 + 1e-9)) return [];
    return [notice('ladder-jumps', { from, to, ratio: Math.round(ratio * 10) / 10, most: MAX_RATIO })];
  });
}

function ending(last: number, wanted: number): Notice[] {
  const share = um(last) / um(wanted);
  if (share > 1 + SAME) return [notice('ladder-ends-coarse', { last, wanted })];
  return share < 1 / MAX_RATIO - 1e-9 ? [notice('ladder-ends-fine', { last, wanted })] : [];
}

/** Empty for a ladder that an old painter would have chosen himself, and where none was chosen. */
export function judgeLadder({ ladder, gritP }: Chosen): Notice[] {
  const last = ladder?.at(-1);
  if (!ladder || last === undefined) return [];
  return [...steps(ladder), ...ending(last, gritP ?? last)];
}
