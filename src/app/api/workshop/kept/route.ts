import * as z from 'zod';
import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

const wish = z.strictObject({ name: z.string().max(60) });

/** Goes back to a copy that the workshop kept of itself; what is here now is kept first. */
export const POST = handled(async (request: Request) => {
  const body = await bodyOf(request, 1024);
  if (!body.ok) return body.answer;
  const sent = wish.safeParse(body.value);
  if (!sent.success) return refused(400, 'Say which copy.');
  const { copies, clock } = workshop();
  const came = await copies.goBack(sent.data.name, clock.nowMs());
  return came ? Response.json(came) : refused(404, 'This copy is not here any more.');
});
