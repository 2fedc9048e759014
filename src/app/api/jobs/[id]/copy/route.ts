import { noSuchJob } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { newId } from '@/app/api/new-id';
import { workshop } from '@/app/wiring';
import { copyJob } from '@/usecases/copy-job';

/** The same job once more. */
export const POST = handled(async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const { store, clock } = workshop();
  const to = newId();
  const made = copyJob(store, { from: (await params).id, to }, clock.nowMs());
  return made ? Response.json({ id: to }, { status: 201 }) : noSuchJob();
});
