import * as z from 'zod';
import { answerSaved, bodyAs, noSuchJob, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { parseJob } from '@/formats/job-file';
import { viewJob } from '@/usecases/view-job';

interface Context {
  params: Promise<{ id: string }>;
}
const envelope = z.strictObject({ version: z.number().int().min(1), job: z.unknown() });

/** The job with its plan, for a page that is open already. */
export const GET = handled(async (request: Request, { params }: Context) => {
  const { store, planning, clock } = workshop();
  const view = await viewJob(store, planning, (await params).id, {
    nowMs: clock.nowMs(),
    signal: request.signal,
  });
  return view ? Response.json(view) : noSuchJob();
});

/** Saves a job when the version is the one the editor started from; 409 when another tab was quicker. */
export const PUT = handled(async (request: Request, { params }: Context) => {
  const sent = await bodyAs(request, envelope, { say: 'Send the version you started from and the job.' });
  if (!sent.ok) return sent.answer;
  const parsed = parseJob(sent.value.job);
  if (!parsed.ok) return refused(422, 'Some fields need mending.', parsed.faults);
  const { store, clock } = workshop();
  const r = store.update((await params).id, sent.value.version, parsed.value, clock.nowMs());
  return answerSaved(r);
});

export const DELETE = handled(async (_request: Request, { params }: Context) => {
  const { store, clock } = workshop();
  return store.remove((await params).id, clock.nowMs()) ? Response.json({ removed: true }) : noSuchJob();
});
