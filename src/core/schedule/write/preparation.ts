/** Preparation as tasks: one after another, each with what is checked before going on. */
import type { Notice } from '@/model/marks';
import type { TaskKind } from '@/model/plan';
import { minutesLater, notice, put, type Sheet } from './sheet';

/** Rungs that others follow: what is checked is checked after the last. */
const BEFORE_LAST: ReadonlySet<string> = new Set(['rung-strip', 'rung-guide', 'rung-first', 'rung-next']);

interface PrepCard {
  readonly checks: readonly string[];
  readonly cautions: readonly string[];
}
const NOTHING: PrepCard = { checks: [], cautions: [] };
const PREP_CARDS: Partial<Record<TaskKind, PrepCard>> = {
  sand: { checks: ['check-no-shine', 'check-edges'], cautions: ['sanding-dust'] },
  fill: { checks: [], cautions: ['filler-peroxide'] },
  clean: { checks: ['check-dry-cloth'], cautions: ['solvent-vapour'] },
  mask: { checks: ['check-cover-all'], cautions: [] },
  tack: { checks: ['check-can-warm', 'check-test-card'], cautions: [] },
};

/** @returns when the painter is free again, ms */
export function writePreparation(sheet: Sheet): number {
  let atMs = sheet.startMs;
  for (const { id, kind, minutes, detail, partIds } of sheet.draft.prep) {
    const card = PREP_CARDS[kind] ?? NOTHING;
    const checks: Notice[] = BEFORE_LAST.has(detail.code) ? [] : card.checks.map((c) => notice(c));
    const endMs = minutesLater(atMs, minutes);
    const task = {
      id,
      kind,
      handsOn: true,
      detail,
      partIds: [...partIds],
      checks,
      cautions: [...card.cautions],
    };
    put(sheet, task, atMs, endMs);
    atMs = endMs;
  }
  return atMs;
}
