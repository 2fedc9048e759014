import { randomUUID } from 'node:crypto';
import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { parseJob } from '@/formats/job-file';
import { newJob } from '@/usecases/new-job';

/** A new job; with a job.json in the body, that job. */
export const POST = handled(async (request: Request) => {
  const { store, clock } = workshop();
  const id = randomUUID().slice(0, 8);
  if (request.headers.get('content-type') === null) newJob(store, id, clock.nowMs());
  else {
    const body = await bodyOf(request);
    if (!body.ok) return body.answer;
    const parsed = parseJob(body.value);
    if (!parsed.ok)
      return refused(422, 'This is no job that Pellucid can read. Nothing was brought in.', parsed.faults);
    store.insert(id, parsed.value, clock.nowMs());
  }
  return Response.json({ id }, { status: 201 });
});
