/** What the owner stakes and fears: how sure a start must be, what time and an unfinished job are worth. */
import * as z from 'zod';

export const riskSchema = z.strictObject({
  rushSafe: z.number().min(0).max(1).describe('0 rush … 1 safe'),
  runOut: z
    .number()
    .min(0.005)
    .max(0.5)
    .optional()
    .describe('highest chance of running out in mid-coat; left out means 0.05'),
  least: z
    .number()
    .min(0)
    .max(0.99)
    .optional()
    .describe('no start is proposed on a smaller chance, 0…1; left out means 0.8'),
  hourValue: z.number().min(0).max(1_000_000).optional(),
  unfinished: z
    .number()
    .min(0)
    .max(10_000_000)
    .optional()
    .describe(
      'what leaving it undone costs (the paint shop, a new part); left out means what is left to spray once more',
    ),
  delayPerDay: z.number().min(0).max(10_000).optional(),
  latePerDay: z
    .number()
    .min(0)
    .max(10_000)
    .optional()
    .describe('what a day past the deadline costs; left out means five times a day of waiting'),
});
