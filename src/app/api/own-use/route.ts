import { workshop } from '@/app/wiring';
import { ownUse } from '@/usecases/own-use';

/** What the logs of closed jobs say of the painter's use; null before the first. */
export async function GET(): Promise<Response> {
  return Response.json({ habit: ownUse(workshop().store) });
}
