import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { priceSchema } from '@/model/shopping';
import { setPrice } from '@/usecases/shopping/set-price';

export const POST = handled(async (request: Request) => {
  const sent = await bodyOf(request, 8192);
  if (!sent.ok) return sent.answer;
  const parsed = priceSchema.safeParse(sent.value);
  if (!parsed.success)
    return refused(422, 'A price is 0 or more.', [{ path: 'price', expected: 'a price of 0 or more' }]);
  const { store, clock } = workshop();
  return Response.json({ jobs: setPrice(store, parsed.data.jobs, parsed.data, clock.nowMs()) });
});
