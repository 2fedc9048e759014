import * as z from 'zod';
import { bodyAs, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

const wish = z.strictObject({ name: z.string().max(60) });

/** Goes back to a copy that the workshop kept of itself; what is here now is kept first. */
export const POST = handled(async (request: Request) => {
  const sent = await bodyAs(request, wish, { most: 1024, say: 'Say which copy.' });
  if (!sent.ok) return sent.answer;
  const { copies, clock } = workshop();
  const came = await copies.goBack(sent.value.name, clock.nowMs());
  return came ? Response.json(came) : refused(404, 'This copy is not here any more.');
});
