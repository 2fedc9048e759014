import { noSuchJob } from '@/app/api/answer';
import { workshop } from '@/app/wiring';

export async function POST(
  _request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  return workshop().store.restore((await params).id) ? Response.json({ restored: true }) : noSuchJob();
}
