/** Preparation as tasks: one after another, each with what is checked before going on. */
import type { Notice } from '@/model/marks';
import type { TaskKind } from '@/model/plan';
import type { PrepStep } from '../work/draft';
import { minutesLater, notice, put, type Sheet } from './sheet';

/** Rungs that others follow: what is checked is checked after the last. */
const BEFORE_LAST: ReadonlySet<string> = new Set([
  'rung-strip',
  'rung-bright',
  'rung-guide',
  'rung-first',
  'rung-next',
]);

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
  shop: { checks: ['check-bought'], cautions: [] },
  tape: { checks: ['check-tape-edge'], cautions: [] },
};

/** What asks for other things than its kind. */
const BY_CODE: Readonly<Record<string, PrepCard>> = {
  vacuum: { checks: [], cautions: [] },
  'dent-key': { checks: [], cautions: ['sanding-dust'] },
  'dent-key-metal': { checks: [], cautions: ['sanding-dust'] },
  'dent-key-plastic': { checks: [], cautions: ['sanding-dust'] },
  'dent-key-epoxy': { checks: [], cautions: ['sanding-dust'] },
  wash: { checks: ['check-water-sheets'], cautions: [] },
  'rust-convert': { checks: [], cautions: ['etch-acid'] },
  'rust-rinse': { checks: [], cautions: ['etch-acid'] },
  'rust-dry': { checks: ['check-dry-now'], cautions: [] },
  'tack-and-card': { checks: ['check-test-card'], cautions: [] },
  'blow-only': { checks: ['check-test-card'], cautions: [] },
};

/** What is checked after a preparation task, and what is careful at it. */
export function prepCard({ kind, detail }: Pick<PrepStep, 'kind' | 'detail'>): {
  checks: Notice[];
  cautions: string[];
} {
  const card = BY_CODE[detail.code] ?? PREP_CARDS[kind] ?? NOTHING;
  return {
    checks: BEFORE_LAST.has(detail.code) ? [] : card.checks.map((c) => notice(c)),
    cautions: [...card.cautions],
  };
}

/** @returns when the painter is free again, ms */
export function writePreparation(sheet: Sheet): number {
  let atMs = sheet.startMs;
  for (const step of sheet.draft.prep) {
    const { id, kind, minutes, detail, partIds } = step;
    const endMs = minutesLater(atMs, minutes);
    put(sheet, { id, kind, handsOn: true, detail, partIds: [...partIds], ...prepCard(step) }, atMs, endMs);
    atMs = endMs;
  }
  return atMs;
}
