/** What follows the last coat: until it is dust-free, and the tape coming off. */
import { UNMASK_AFTER_MIN, UNMASK_MIN } from '../tasks/draft';
import { minutesLater, notice, put, type Sheet } from './sheet';

/** Writes both. @param dustFreeMs within the forecast @returns when the session is over, ms */
export function writeAfter(sheet: Sheet, dustFreeMs: number): number {
  const { draft, run } = sheet;
  const { product, layerId, partIds } = draft.steps.at(-1)!;
  const on = { layerId, partIds: [...partIds] };
  const lastMs = run.coats.at(-1)!.endMs;
  const params = { product: product.name, gapK: product.dewGapMinK, minC: product.tempMinC };
  const dry = {
    id: `${draft.id}.dry`,
    kind: 'dry' as const,
    handsOn: false,
    detail: notice('dry', params),
    ...on,
  };
  put(sheet, dry, lastMs, dustFreeMs);
  if (!draft.unmask) return dustFreeMs;
  const fromMs = minutesLater(lastMs, UNMASK_AFTER_MIN);
  const toMs = minutesLater(fromMs, UNMASK_MIN);
  const cautions = draft.steps.some((s) => s.product.isocyanate) ? ['isocyanate'] : [];
  const detail = notice('unmask', { minutes: UNMASK_AFTER_MIN });
  put(
    sheet,
    { id: `${draft.id}.unmask`, kind: 'unmask', handsOn: true, detail, cautions, ...on },
    fromMs,
    toMs,
  );
  return Math.max(dustFreeMs, toMs);
}
