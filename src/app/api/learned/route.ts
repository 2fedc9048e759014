import * as z from 'zod';
import { bodyAs } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { learnedItems, unlearn } from '@/usecases/own-use';

/** What the logs of closed jobs taught. */
export const GET = handled(async () => Response.json(learnedItems(workshop().store)));

const bodySchema = z.strictObject({ item: z.string().min(1).max(80), isForgotten: z.boolean() });

/** One item is reset, or what was told of it counts again. */
export const POST = handled(async (request: Request) => {
  const sent = await bodyAs(request, bodySchema, { most: 1024, say: 'Say which figure is reset.' });
  if (!sent.ok) return sent.answer;
  const { store, clock } = workshop();
  const { item, isForgotten } = sent.value;
  return Response.json({ jobs: unlearn(store, item, isForgotten, clock.nowMs()) });
});
