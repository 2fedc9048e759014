import * as z from 'zod';
import { answerSaved, bodyAs } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

const wish = z.strictObject({ version: z.number().int().min(1), side: z.enum(['undo', 'redo']) });

/** Takes the last edit of a job back, or does it again. */
export const POST = handled(async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const sent = await bodyAs(request, wish, { say: 'Send the version you are at and "undo" or "redo".' });
  if (!sent.ok) return sent.answer;
  const { store, clock } = workshop();
  return answerSaved(store.step((await params).id, sent.value.version, sent.value.side, clock.nowMs()));
});
