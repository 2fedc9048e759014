import { bodyAs } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { newId } from '@/app/api/new-id';
import { workshop } from '@/app/wiring';
import { boughtSchema } from '@/model/bought';
import { newMendOfBought } from '@/usecases/new-job';

/** A job for mending something that was bought: everything is on it already. */
export const POST = handled(async (request: Request) => {
  const sent = await bodyAs(request, boughtSchema, {
    most: 4096,
    say: 'Say what it is called, its size and what lies on top.',
  });
  if (!sent.ok) return sent.answer;
  const { store, clock } = workshop();
  const id = newId();
  newMendOfBought(store, id, sent.value, clock.nowMs());
  return Response.json({ id }, { status: 201 });
});
