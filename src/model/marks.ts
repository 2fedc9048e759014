/**
 * Where a figure comes from. Every default that a user can meet carries one of these marks,
 * and the sheet on the tin wins over all of them.
 */
import * as z from 'zod';

export const MARKS = ['P', 'CP', 'M', 'ID', 'sheet', 'borrowed', 'own'] as const;
/**
 * P published · CP common practice, no source · M from memory, editable · ID identity · sheet the product's
 * own · borrowed from a product like it · own the user's.
 */
export const markSchema = z.enum(MARKS);
export type Mark = z.infer<typeof markSchema>;

/** A statement as a code with its numbers; the word room makes the sentence. */
export const noticeSchema = z.strictObject({
  code: z.string(),
  params: z.record(z.string(), z.union([z.string(), z.number()])),
});
export type Notice = z.infer<typeof noticeSchema>;
