import * as z from 'zod';
import { bodyOf, noSuchJob, refused } from '@/app/api/answer';
import { workshop } from '@/app/workshop';
import { msOf } from '@/core/time/instant';
import { TASK_KINDS } from '@/model/plan';
import { withoutTick, withTick } from '@/usecases/record-task';

const tick = z.strictObject({
  version: z.number().int().min(1),
  done: z.boolean(),
  task: z.strictObject({ id: z.string().max(120), kind: z.enum(TASK_KINDS), layerId: z.string().max(60).nullable(), coat: z.number().int().min(1).max(8).nullable() }),
  productId: z.string().max(60).nullable(),
  cans: z.number().int().min(0).max(20),
  at: z.string().max(40).optional(),
});

/** Ticks a task of the run sheet off with its actual time, or takes the tick back. */
export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const body = await bodyOf(request);
  if (!body.ok) return body.answer;
  const sent = tick.safeParse(body.value);
  if (!sent.success) return refused(400, 'This tick cannot be read. Reload the page and tick again.');
  const { store, clock } = workshop();
  const id = (await params).id;
  const stored = store.load(id);
  if (!stored) return noSuchJob();
  const { task, productId, cans, at, done } = sent.data;
  let atMs = clock.nowMs();
  if (at !== undefined) { try { atMs = msOf(at, stored.job.place.tz); } catch { return refused(422, 'Give a time like 10:35.'); } }
  if (atMs > clock.nowMs() + 60_000) return refused(422, 'That time is still to come. Give the time it was done.');
  const job = done ? withTick(stored.job, { task, atMs, productId, cans }) : withoutTick(stored.job, task.id, task.kind === 'activate' ? productId : null);
  const r = store.update(id, sent.data.version, job, clock.nowMs());
  if (r.kind === 'missing') return noSuchJob();
  if (r.kind === 'stale') return refused(409, 'This job was changed in another tab. Reload, then tick again.');
  return Response.json({ version: r.version });
}
