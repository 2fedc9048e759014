/**
 * One product for several jobs: the painter's habit is the same in all of them, the rest evens out, and one
 * spare serves all.
 */
import type { Material } from '@/model/plan';
import { HABIT_SD_FRAC, quantileFactor } from './spread';

export interface Pooled {
  readonly useMl: number;
  readonly needMl: number;
  readonly cv: number;
}

/** @param materials the same product's line in each job; those begun are left out. The strictest risk counts. */
export function pooledNeed(materials: readonly Material[]): Pooled {
  const open = materials.filter((m) => !m.begun && m.useMl > 0);
  const useMl = open.reduce((a, m) => a + m.useMl, 0);
  if (useMl === 0) return { useMl: 0, needMl: 0, cv: 0 };
  const habit = (m: Material): number => Math.min(HABIT_SD_FRAC, m.factors.cv);
  const common = open.reduce((a, m) => a + (m.useMl / useMl) * habit(m), 0);
  const own = open.reduce((a, m) => a + (m.useMl / useMl) ** 2 * (m.factors.cv ** 2 - habit(m) ** 2), 0);
  const cv = Math.sqrt(common ** 2 + own);
  const spare = Math.max(...open.map((m) => m.breakdown.find((b) => b.cause === 'spare')?.ml ?? 0));
  const risk = Math.min(...open.map((m) => m.factors.riskOfShort));
  return {
    useMl,
    needMl: (useMl * Math.max(1, quantileFactor(cv, risk))) / (1 - open[0]!.factors.heelFrac) + spare,
    cv,
  };
}
