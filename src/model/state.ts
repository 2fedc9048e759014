/** How far a job is: coats, tasks, what was opened, what went wrong; each with its moment. */
import * as z from 'zod';
import { TASK_KINDS } from './task-kinds';
import { NOTED_FAULTS } from './fault';
import { idSchema as id } from './id';
import { isoSchema } from './iso';
import { takenMendSchema } from './mend';

const grams = z.number().min(0).max(50_000);

export const stateSchema = z.strictObject({
  coats: z
    .array(
      z.strictObject({
        layerId: id,
        coat: z.number().int().min(1).max(9),
        endedAt: isoSchema,
        partIds: z.array(id).min(1).max(40).optional().describe('left out means every part of the layer'),
      }),
    )
    .max(200),
  tasks: z
    .array(
      z.strictObject({
        taskId: z.string().max(120),
        endedAt: isoSchema,
        startedAt: isoSchema.optional().describe('where its begin was pressed'),
        planned: z
          .strictObject({ kind: z.enum(TASK_KINDS), minutes: z.number().min(0).max(6000) })
          .optional()
          .describe('beside a begin: what it was, and how long it was to take'),
        minutes: z
          .number()
          .min(1)
          .max(6000)
          .optional()
          .describe('done of it so far; left out means all of it'),
      }),
    )
    .max(200)
    .optional(),
  started: z
    .strictObject({ taskId: z.string().max(120), at: isoSchema })
    .optional()
    .describe('the task that hands are at now'),
  activations: z
    .array(
      z.strictObject({
        productId: z.string().min(1).max(60),
        at: isoSchema,
        cans: z.number().int().min(1).max(20),
        ml: z.number().gt(0).max(20_000).optional().describe('mixed, of a product that is mixed'),
        taskId: z.string().max(120).optional().describe('the task it was ticked as'),
      }),
    )
    .max(40),
  senses: z
    .array(
      z.strictObject({
        layerId: id,
        productId: z.string().min(1).max(60),
        at: isoSchema,
        felt: z.enum(['strings', 'dry']).describe('of the newest coat: it still pulls strings, or no more'),
        dose: z.number().min(0).max(20).describe('of its flash at that moment, over what its sheet asks for'),
      }),
    )
    .max(60)
    .optional()
    .describe('what a gloved finger felt at the masking'),
  weights: z
    .array(
      z.strictObject({
        layerId: id,
        coat: z.number().int().min(1).max(9),
        productId: z.string().min(1).max(60),
        partIds: z.array(id).min(1).max(40).optional().describe('left out means every part of the layer'),
        beforeG: grams.optional().describe('all cans or the cup of this coat, before it'),
        afterG: grams.optional().describe('the same ones after it'),
        at: isoSchema,
      }),
    )
    .max(200)
    .optional()
    .describe('on the kitchen scale, before and after a coat'),
  faults: z
    .array(
      z.strictObject({
        code: z.enum(NOTED_FAULTS),
        at: isoSchema,
        layerId: id.optional().describe('the layer that was on top'),
        note: z.string().min(1).max(300).optional(),
        mend: takenMendSchema.optional().describe('how it is mended, where that was taken into the plan'),
      }),
    )
    .max(60)
    .optional()
    .describe('what went wrong, as it was noted on the day'),
});
export type JobState = z.infer<typeof stateSchema>;
