import { refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}
const gone = (): Response => refused(404, 'This reading is not here any more.');

/** A reading is taken out. */
export const DELETE = handled<Context>(async (_request, { params }) => {
  const { readings, clock } = workshop();
  return readings.remove((await params).id, clock.nowMs()) ? Response.json({}) : gone();
});

/** It is put back. */
export const POST = handled<Context>(async (_request, { params }) =>
  workshop().readings.restore((await params).id) ? Response.json({}) : gone(),
);
