/** What the owner decided against the rules or beside them: seams taken on, papers of his own. */
import * as z from 'zod';
import { isoSchema } from './iso';
import { GRITS_P } from './lists';

/**
 * A refused seam the owner takes on himself: what lies below (a surface or a product), what goes on it, when
 * it was decided.
 */
export const overrideSchema = z.strictObject({
  below: z.string().min(1).max(80),
  above: z.string().min(1).max(60),
  at: isoSchema,
  why: z.string().max(300).optional(),
});

/** Papers of one seam chosen by hand, in order; below and above as in a decision on record. */
export const ownLadderSchema = z.strictObject({
  below: z.string().min(1).max(80),
  above: z.string().min(1).max(60),
  grits: z
    .array(
      z
        .number()
        .int()
        .refine((p) => GRITS_P.some((g) => g === p), `a grit of the series: ${GRITS_P.join(', ')}`),
    )
    .min(1)
    .max(12),
});
