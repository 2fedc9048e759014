import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { newId } from '@/app/api/new-id';
import { workshop } from '@/app/wiring';
import { setTurn } from '@/core/edits/turn';
import { DEMO_JOBS } from '@/demo/jobs';
import { parseJob } from '@/formats/job-file';
import type { Job } from '@/model/job';
import { begunAnew } from '@/usecases/copy-job';
import { namesOf } from '@/usecases/free-name';
import { newJob } from '@/usecases/new-job';

/** One of the invented jobs, begun anew; null where there is none of that id. */
function example(id: string, taken: ReadonlySet<string>): Job | null {
  const found = DEMO_JOBS.find((d) => d.id === id);
  return found ? begunAnew(found.job, taken) : null;
}

/** A new job; with an example's id, that one begun anew; with a job.json in the body, that job. */
export const POST = handled(async (request: Request) => {
  const { store, clock } = workshop();
  const id = newId();
  const asked = new URL(request.url).searchParams.get('example');
  if (asked !== null) {
    const job = example(asked, namesOf(store));
    if (!job) return refused(404, 'There is no such example.');
    store.insert(id, job, clock.nowMs());
  } else if (request.headers.get('content-type') === null) newJob(store, id, clock.nowMs());
  else {
    const body = await bodyOf(request);
    if (!body.ok) return body.answer;
    const parsed = parseJob(body.value);
    if (!parsed.ok)
      return refused(422, 'This is no job that Pellucid can read. Nothing was brought in.', parsed.faults);
    // A turn belongs to the bench it stood on.
    store.insert(id, setTurn(parsed.value, null), clock.nowMs());
  }
  return Response.json({ id }, { status: 201 });
});
