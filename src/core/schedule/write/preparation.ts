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

const BY_KIND: Partial<Record<TaskKind, readonly string[]>> = {
  sand: ['check-no-shine', 'check-edges'],
  clean: ['check-dry-cloth'],
  mask: ['check-cover-all'],
  tack: ['check-can-warm', 'check-test-card'],
  shop: ['check-bought'],
  tape: ['check-tape-edge'],
};

/** What asks for other things than its kind. */
const BY_CODE: Readonly<Record<string, readonly string[]>> = {
  vacuum: [],
  'dent-key': [],
  'dent-key-metal': [],
  'dent-key-plastic': [],
  'dent-key-epoxy': [],
  wash: ['check-water-sheets'],
  'rust-convert': [],
  'rust-rinse': [],
  'rust-dry': ['check-dry-now'],
  'tack-and-card': ['check-test-card'],
  'blow-only': ['check-test-card'],
};

/** What is checked after a preparation task, before going on. */
export function checksAfter({ kind, detail }: Pick<PrepStep, 'kind' | 'detail'>): Notice[] {
  if (BEFORE_LAST.has(detail.code)) return [];
  return (BY_CODE[detail.code] ?? BY_KIND[kind] ?? []).map((code) => notice(code));
}

/** @returns when the painter is free again, ms */
export function writePreparation(sheet: Sheet): number {
  let atMs = sheet.startMs;
  for (const step of sheet.draft.prep) {
    const { id, kind, minutes, detail, partIds } = step;
    const endMs = minutesLater(atMs, minutes);
    const checks = checksAfter(step);
    put(sheet, { id, kind, handsOn: true, detail, partIds: [...partIds], checks }, atMs, endMs);
    atMs = endMs;
  }
  return atMs;
}
