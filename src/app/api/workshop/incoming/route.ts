import * as z from 'zod';
import { bodyAs } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

const wish = z.strictObject({ bytes: z.number().int().min(0) });

/** Says that a copy of so many bytes will come; it is sent piece by piece under the token in the answer. */
export const POST = handled(async (request: Request) => {
  const sent = await bodyAs(request, wish, { most: 1024, say: 'Say how many bytes will come.' });
  if (!sent.ok) return sent.answer;
  return Response.json({ token: workshop().copies.incoming.begin(sent.value.bytes) }, { status: 201 });
});
