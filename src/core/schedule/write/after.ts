/** What follows the last coat: until it is dust-free. */
import { notice, put, type Sheet } from './sheet';

/** @param dustFreeMs within the forecast @returns when the session is over, ms */
export function writeAfter(sheet: Sheet, dustFreeMs: number): number {
  const { draft, run } = sheet;
  const { product, layerId, partIds } = draft.steps.at(-1)!;
  const on = { layerId, partIds: [...partIds] };
  const lastMs = run.coats.at(-1)!.endMs;
  const params = { product: product.name, gapK: product.dewGapMinK, minC: product.tempMinC };
  const detail = notice('dry', params);
  put(sheet, { id: `${draft.id}.dry`, kind: 'dry', handsOn: false, detail, ...on }, lastMs, dustFreeMs);
  return Math.max(dustFreeMs, run.handsOffMs);
}
