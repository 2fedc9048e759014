import { noSuchJob } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

export const POST = handled(async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
  return workshop().store.restore((await params).id) ? Response.json({ restored: true }) : noSuchJob();
});
