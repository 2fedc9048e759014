/** What was used and how it came out, as it is written into a job. */
import * as z from 'zod';
import { besideSchema, MOST_BESIDE } from './beside';
import { traceSchema } from './came';
import { idSchema as id } from './id';
import { dateSchema as date, isoSchema } from './iso';
import { lookSchema, rubricSchema, tapeTestSchema } from './rubric';

const grams = z.number().min(0).max(50_000);
export const usedSchema = z.discriminatedUnion('by', [
  z.strictObject({
    by: z.literal('cans'),
    productId: z.string().min(1).max(60),
    cans: z.number().min(0).max(100).describe('packs emptied, fractions allowed'),
  }),
  z.strictObject({
    by: z.literal('weight'),
    productId: z.string().min(1).max(60),
    beforeG: grams,
    afterG: grams,
    gPerMl: z.number().min(0.3).max(3).optional().describe('left out means 0.78 for a can, 1 for a tin'),
  }),
]);
export type Used = z.infer<typeof usedSchema>;
/** Something in hand that a job counts on. */
export const asideSchema = z.strictObject({
  productId: z.string().min(1).max(80),
  remainingMl: z.number().min(0).max(20_000),
  colour: z.string().max(60).optional().describe("its colour by name; left out means the job's first"),
  stockId: z.string().max(60).optional().describe("the item of the workshop's shelf it was set aside from"),
  openedOn: date.optional(),
  boughtOn: date.optional(),
  expiresOn: date.optional().describe('as printed on the pack'),
  activatedAt: isoSchema.optional().describe('when its hardener was let in'),
  look: z
    .enum(['cloudy', 'skinned', 'swollen', 'lumpy'])
    .optional()
    .describe('what is wrong to see; left out means nothing is'),
  mislabelled: z.boolean().optional().describe("it is in a tin with another's label"),
});
export const logSchema = z.strictObject({
  closedAt: isoSchema.optional().describe('left out while the job is open'),
  used: z.array(usedSchema).max(60),
  outcomes: z
    .array(
      z.strictObject({
        layerId: id,
        mark: z.number().int().min(0).max(4).describe('0 to be done again … 4 as hoped'),
        remark: z.string().max(300).optional(),
      }),
    )
    .max(20),
  note: z.string().max(4000),
  rubric: rubricSchema.optional().describe('how the whole came out'),
  tape: tapeTestSchema.optional().describe('cross-cut and tape'),
  looks: z.array(lookSchema).max(24).optional().describe('looked at again, later'),
  unlearned: z
    .array(z.string().max(80))
    .max(60)
    .optional()
    .describe('figures of the painter that no longer rest on it'),
  taken: z.array(asideSchema).max(60).optional().describe('what was set aside and is booked off the shelf'),
  trace: traceSchema
    .optional()
    .describe('the air as it came, from before the first coat until a day after the last'),
  beside: z
    .array(besideSchema)
    .max(MOST_BESIDE)
    .optional()
    .describe('what was read where it was sprayed, beside what was told for it'),
  shelved: z
    .array(z.string().max(160))
    .max(60)
    .optional()
    .describe('left-overs that were put on the shelf, or thrown away'),
});
export type JobLog = z.infer<typeof logSchema>;
