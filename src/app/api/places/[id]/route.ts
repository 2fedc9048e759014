import { refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { placeOf } from '@/app/api/places/place-body';
import { workshop } from '@/app/wiring';
import { changePlace } from '@/usecases/places';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}
const gone = (): Response => refused(404, 'This place is not here any more.');

/** It is described anew; open jobs that take it from here have it so. */
export const PUT = handled<Context>(async (request, { params }) => {
  const sent = await placeOf(request);
  if (!sent.ok) return sent.answer;
  const { places, store, clock, together } = workshop();
  const id = (await params).id;
  const kept = { id, place: sent.value };
  const jobs = together(() => changePlace({ places, jobs: store }, kept, clock.nowMs()));
  return jobs === null ? gone() : Response.json({ jobs });
});

/** It is put back. */
export const POST = handled<Context>(async (_request, { params }) =>
  workshop().places.restore((await params).id) ? Response.json({}) : gone(),
);

/** Taken off the list; jobs keep it as they have it. */
export const DELETE = handled<Context>(async (_request, { params }) => {
  const { places, clock } = workshop();
  return places.remove((await params).id, clock.nowMs()) ? Response.json({}) : gone();
});
