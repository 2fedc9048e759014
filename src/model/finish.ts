/** Flatting and polishing: how it is wished, and what it comes to. */
import * as z from 'zod';
import { idSchema as id } from './id';

export const PEELS = ['none', 'light', 'medium', 'heavy'] as const;
/** Orange peel as it stands. */
export type Peel = (typeof PEELS)[number];
export const FINISH_TOOLS = ['hand', 'machine'] as const;
export type FinishTool = (typeof FINISH_TOOLS)[number];
export const FINISH_SCOPES = ['all', 'places'] as const;

/** What stands out of a film or ends in it, and is dressed by itself. */
export const FOUNDS = ['run', 'nib', 'insect', 'fade-edge', 'flow-coat'] as const;
export type FoundKind = (typeof FOUNDS)[number];
export const RUN_HEIGHTS = ['low', 'middle', 'high'] as const;
/** Over the film: under 30, to 100, and more, µm. */
export type RunHeight = (typeof RUN_HEIGHTS)[number];

export const foundSchema = z.strictObject({
  id,
  kind: z.enum(FOUNDS),
  partId: id,
  height: z.enum(RUN_HEIGHTS).optional().describe('of a run'),
  count: z.number().int().min(1).max(500).optional().describe('of nibs; left out: one'),
  isDeep: z.boolean().optional().describe('of an insect: legs and body went through the film'),
});
export type Found = z.infer<typeof foundSchema>;

const wishSchema = z.strictObject({
  peel: z.enum(PEELS).describe('orange peel that is to go'),
  tool: z.enum(FINISH_TOOLS),
  scope: z.enum(FINISH_SCOPES).optional().describe('places: what was found alone; left out: all of it'),
});
export type FinishWish = z.infer<typeof wishSchema>;
export const finishSchema = z.strictObject({
  ...wishSchema.shape,
  own: z
    .array(z.strictObject({ ...wishSchema.shape, partId: id }))
    .max(40)
    .optional()
    .describe('parts that are finished otherwise'),
  found: z.array(foundSchema).max(40).optional(),
});
export type Finish = z.infer<typeof finishSchema>;

/** What is in the hand, or on the machine. */
export const FINISH_PADS = [
  'block',
  'small-block',
  'strip',
  'stick',
  'blade',
  'soft-pad',
  'foam-pad',
  'cutting-pad',
  'polishing-pad',
  'cloth',
  'tape',
] as const;
export type FinishPad = (typeof FINISH_PADS)[number];
export const FINISH_KINDS = ['tape', 'frame', 'level', 'flat', 'compound', 'polish', 'edges'] as const;

const iso = z.string();
export const finishTaskSchema = z.strictObject({
  id: z.string(),
  kind: z.enum(FINISH_KINDS),
  gritP: z.number().int().nullable(),
  pad: z.enum(FINISH_PADS),
  passes: z.number().int(),
  partIds: z.array(z.string()),
  found: z.enum(FOUNDS).nullable().describe('what is dressed; null: the whole face'),
  areaM2: z.number(),
  minutes: z.number(),
  sheets: z.number().int().describe('of its paper'),
  startsAt: iso.nullable().describe('in free hours, once the film takes it; null past them'),
  endsAt: iso.nullable(),
});
export type FinishTask = z.infer<typeof finishTaskSchema>;
