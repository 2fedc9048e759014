import { randomUUID } from 'node:crypto';
import { noSuchJob } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { copyJob } from '@/usecases/copy-job';

/** The same job once more. */
export const POST = handled(async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { store, clock } = workshop();
  const to = randomUUID().slice(0, 8);
  const made = copyJob(store, { from: (await params).id, to }, clock.nowMs());
  return made ? Response.json({ id: to }, { status: 201 }) : noSuchJob();
});
