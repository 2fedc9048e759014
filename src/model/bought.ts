/** Work that was bought and shows a fault, as its owner states it. */
import * as z from 'zod';
import { SUBSTRATES } from './lists';

/** What lies on top. By a rub with thinner: nothing comes off what is two-part, what is one-part softens. */
export const BOUGHT_TOPS = [
  'two-part-clear',
  'one-part-clear',
  'two-part-colour',
  'one-part-colour',
] as const;
export const BOUGHT_AGES = ['weeks', 'months', 'years'] as const;

export const boughtSchema = z.strictObject({
  name: z.string().trim().min(1).max(120),
  top: z.enum(BOUGHT_TOPS),
  age: z.enum(BOUGHT_AGES).describe('so old at least'),
  lengthMm: z.number().min(1).max(10_000),
  widthMm: z.number().min(1).max(10_000),
  substrate: z.enum(SUBSTRATES),
});
export type Bought = z.infer<typeof boughtSchema>;
