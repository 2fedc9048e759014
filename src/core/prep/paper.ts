/** Sheets of paper a job needs, by grit, over all its sanded seams. */
import type { Part } from '@/model/job';
import type { Seam } from '../seams/seam';
import { totalAreaM2 } from '../surface/area';
import { ladderOf } from './ladder';

export interface PaperNeed {
  readonly gritP: number;
  readonly wet: boolean;
  readonly areaM2: number;
  readonly sheets: number;
}

/** Whole sheets per grit, coarse first; one and the same grit used wet and dry is two papers. */
export function paperNeeds(parts: readonly Part[], seams: readonly Seam[]): PaperNeed[] {
  const by = new Map<string, { gritP: number; wet: boolean; areaM2: number; used: number }>();
  for (const s of seams) {
    const areaM2 = totalAreaM2(parts.filter((p) => s.partIds.includes(p.id)));
    for (const r of ladderOf(s)) {
      const key = `${r.gritP} ${r.wet}`;
      const was = by.get(key) ?? { gritP: r.gritP, wet: r.wet, areaM2: 0, used: 0 };
      by.set(key, { ...was, areaM2: was.areaM2 + areaM2, used: was.used + areaM2 / r.paperM2 });
    }
  }
  return [...by.values()]
    .sort((a, b) => a.gritP - b.gritP)
    .map(({ gritP, wet, areaM2, used }) => ({
      gritP,
      wet,
      areaM2,
      sheets: Math.max(1, Math.ceil(used - 1e-9)),
    }));
}

/** Film that blocking takes off a leveller before the next layer, µm: about a quarter, at most 20. From memory. */
export function sandAwayUm(filmUm: number): number {
  return Math.min(20, filmUm / 4);
}
