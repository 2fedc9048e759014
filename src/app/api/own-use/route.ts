import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { closedJobs } from '@/usecases/learned-item';
import { ownUse } from '@/usecases/own-use';

/** What the logs of closed jobs say of the painter's use; null before the first. */
export const GET = handled(async () => {
  return Response.json(ownUse(closedJobs(workshop().store)));
});
