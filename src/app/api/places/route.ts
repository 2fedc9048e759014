import { randomUUID } from 'node:crypto';
import { handled } from '@/app/api/handled';
import { placeOf } from '@/app/api/places/place-body';
import { workshop } from '@/app/wiring';
import { placeRows } from '@/usecases/places';

/** The places of the workshop, and which jobs use them. */
export const GET = handled(async () => {
  const { places, store } = workshop();
  return Response.json({ rows: placeRows(places, store) });
});

/** A new one. */
export const POST = handled(async (request: Request) => {
  const sent = await placeOf(request);
  if (!sent.ok) return sent.answer;
  const { places, clock } = workshop();
  const id = randomUUID().slice(0, 8);
  places.add(id, sent.value, clock.nowMs());
  return Response.json({ id }, { status: 201 });
});
