/** An item of the shelf as a form: what is filled in, judged by the schema it is kept by. */
import * as z from 'zod';
import { stockDraftSchema, stockFaults } from '@/model/stock';

const grams = z.number().min(0).max(50_000);

/** Only what is asked is judged: the weights of a weighing, or what is left by feel. */
export const itemFormSchema = z
  .object({
    item: stockDraftSchema,
    how: z.enum(['feel', 'weight']),
    weight: z.object({ grossG: grams, tareG: grams, gPerMl: z.number().min(0.3).max(3) }),
  })
  .superRefine(({ item, how, weight }, ctx) => {
    for (const { path, expected } of stockFaults(item))
      if (how === 'feel' || path !== 'remainingMl')
        ctx.addIssue({ code: 'custom', path: ['item', path], message: expected });
    if (how === 'weight' && weight.tareG > weight.grossG)
      ctx.addIssue({
        code: 'custom',
        path: ['weight', 'tareG'],
        message: `at most what the whole weighs, ${weight.grossG} g (got ${weight.tareG})`,
      });
  });
export type ItemFormValues = z.infer<typeof itemFormSchema>;
