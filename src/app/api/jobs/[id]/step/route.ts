import * as z from 'zod';
import { answerSaved, bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

const wish = z.strictObject({ version: z.number().int().min(1), side: z.enum(['undo', 'redo']) });

/** Takes the last edit of a job back, or does it again. */
export const POST = handled(async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const body = await bodyOf(request);
  if (!body.ok) return body.answer;
  const sent = wish.safeParse(body.value);
  if (!sent.success) return refused(400, 'Send the version you are at and "undo" or "redo".');
  const { store, clock } = workshop();
  return answerSaved(store.step((await params).id, sent.data.version, sent.data.side, clock.nowMs()));
});
