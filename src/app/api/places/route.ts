import { handled } from '@/app/api/handled';
import { newId } from '@/app/api/new-id';
import { placeOf } from '@/app/api/places/place-body';
import { workshop } from '@/app/wiring';
import { asUsual } from '@/core/sheltering';
import { placesWithOwn } from '@/usecases/places';

/** The places of the workshop, for a job to choose from. */
export const GET = handled(async () => {
  const { places, store } = workshop();
  return Response.json({ rows: placesWithOwn(places, store) });
});

/** A new one. */
export const POST = handled(async (request: Request) => {
  const sent = await placeOf(request);
  if (!sent.ok) return sent.answer;
  const { places, clock } = workshop();
  const id = newId();
  places.add(id, asUsual(sent.value), clock.nowMs());
  return Response.json({ id }, { status: 201 });
});
