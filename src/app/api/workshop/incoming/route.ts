import * as z from 'zod';
import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

const wish = z.strictObject({ bytes: z.number().int().min(0) });

/** Says that a copy of so many bytes will come; it is sent piece by piece under the token in the answer. */
export const POST = handled(async (request: Request) => {
  const body = await bodyOf(request, 1024);
  if (!body.ok) return body.answer;
  const sent = wish.safeParse(body.value);
  if (!sent.success) return refused(400, 'Say how many bytes will come.');
  return Response.json({ token: workshop().copies.incoming.begin(sent.data.bytes) }, { status: 201 });
});
