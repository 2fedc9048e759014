/** Flatting and polishing: how it is wished, and what it comes to. */
import * as z from 'zod';

export const PEELS = ['none', 'light', 'medium', 'heavy'] as const;
/** Orange peel as it stands. */
export type Peel = (typeof PEELS)[number];
export const FINISH_TOOLS = ['hand', 'machine'] as const;
export type FinishTool = (typeof FINISH_TOOLS)[number];

export const finishSchema = z.strictObject({
  peel: z.enum(PEELS).describe('orange peel that is to go'),
  tool: z.enum(FINISH_TOOLS),
});
export type FinishWish = z.infer<typeof finishSchema>;

const iso = z.string();
export const finishTaskSchema = z.strictObject({
  id: z.string(),
  kind: z.enum(['flat', 'compound', 'polish']),
  gritP: z.number().int().nullable(),
  passes: z.number().int(),
  partIds: z.array(z.string()),
  areaM2: z.number(),
  minutes: z.number(),
  sheets: z.number().int().describe('of its paper'),
  startsAt: iso.nullable().describe('in free hours, once the film takes it; null past them'),
  endsAt: iso.nullable(),
});
export type FinishTask = z.infer<typeof finishTaskSchema>;
