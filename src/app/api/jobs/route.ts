import { randomUUID } from 'node:crypto';
import { workshop } from '@/app/workshop';
import { newJob } from '@/usecases/new-job';

export async function POST(): Promise<Response> {
  const { store, clock } = workshop();
  const id = randomUUID().slice(0, 8);
  newJob(store, id, clock.nowMs());
  return Response.json({ id }, { status: 201 });
}
