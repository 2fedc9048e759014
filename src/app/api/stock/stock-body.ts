/** An item of the shelf as it is sent in, refused field by field. */
import * as z from 'zod';
import { bodyOf, refusedFields } from '@/app/api/answer';
import { remainingByWeight } from '@/core/material/shelf';
import { faultsOf } from '@/formats/faults';
import { MOVE_KINDS, stockDraftSchema, stockFaults, type StockDraft } from '@/model/stock';

const grams = z.number().min(0).max(50_000);
const bodySchema = z.strictObject({
  item: stockDraftSchema,
  weight: z.strictObject({ grossG: grams, tareG: grams, gPerMl: z.number().min(0.3).max(3) }).optional(),
  kind: z.enum(MOVE_KINDS).optional(),
  note: z.string().max(200).optional(),
});
export type StockBody = Omit<z.infer<typeof bodySchema>, 'item'> & { readonly item: StockDraft };

export async function stockOf(
  request: Request,
): Promise<{ ok: true; value: StockBody } | { ok: false; answer: Response }> {
  const sent = await bodyOf(request, 16_384);
  if (!sent.ok) return sent;
  const parsed = bodySchema.safeParse(sent.value);
  if (!parsed.success)
    return { ok: false, answer: refusedFields(faultsOf(parsed.error, sent.value), 'item') };
  let { item } = parsed.data;
  const w = parsed.data.weight;
  if (w) {
    if (w.tareG > w.grossG)
      return {
        ok: false,
        answer: refusedFields([
          { path: 'weight.tareG', expected: `at most what the whole weighs, ${w.grossG} g (got ${w.tareG})` },
        ]),
      };
    item = { ...item, remainingMl: Math.round(remainingByWeight(w.grossG, w.tareG, w.gPerMl) * 10) / 10 };
  }
  const faults = stockFaults(item).map((f) =>
    w && f.path === 'remainingMl'
      ? { path: 'weight.grossG', expected: `a weight that leaves ${f.expected}` }
      : f,
  );
  return faults.length > 0
    ? { ok: false, answer: refusedFields(faults) }
    : { ok: true, value: { ...parsed.data, item } };
}
