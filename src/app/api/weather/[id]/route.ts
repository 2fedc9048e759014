import { refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}
const gone = (): Response => refused(404, 'This forecast is not here any more.');

/** A forecast is taken out; the one before it counts again. */
export const DELETE = handled<Context>(async (_request, { params }) => {
  const { weather, clock } = workshop();
  return weather.remove((await params).id, clock.nowMs()) ? Response.json({}) : gone();
});

/** It is put back. */
export const POST = handled<Context>(async (_request, { params }) => {
  const { weather } = workshop();
  return weather.restore((await params).id) ? Response.json({}) : gone();
});
