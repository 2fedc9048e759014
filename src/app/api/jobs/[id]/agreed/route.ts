import { bodyAs, noSuchJob } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { agreedSchema } from '@/model/agreed';

/** The plan that the owner goes on with. */
export const PUT = handled(async (request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const sent = await bodyAs(request, agreedSchema, { say: 'Send the plan as it was agreed to.' });
  if (!sent.ok) return sent.answer;
  const { store, planning } = workshop();
  const { id } = await params;
  if (!store.load(id)) return noSuchJob();
  planning.agreed.keep(id, sent.value);
  return Response.json({ kept: true });
});
