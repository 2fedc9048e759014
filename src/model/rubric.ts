/** How a job came out, in five marks; a tape test; looks at it later. */
import * as z from 'zod';
import { dateSchema as date } from './iso';

export const ASPECTS = ['gloss', 'peel', 'nibs', 'colour', 'hold'] as const;
export type Aspect = (typeof ASPECTS)[number];

const mark = z.number().int().min(0).max(4);

export const rubricSchema = z.strictObject({
  gloss: mark.optional(),
  peel: mark.optional(),
  nibs: mark.optional(),
  colour: mark.optional(),
  hold: mark.optional(),
});
export type Rubric = z.infer<typeof rubricSchema>;

export const tapeTestSchema = z.strictObject({
  on: date,
  class: z.number().int().min(0).max(5).describe('0 nothing comes off … 5 more than two thirds; ISO 2409'),
});
export type TapeTest = z.infer<typeof tapeTestSchema>;

export const lookSchema = z.strictObject({ on: date, mark, remark: z.string().max(300).optional() });
export type Look = z.infer<typeof lookSchema>;
