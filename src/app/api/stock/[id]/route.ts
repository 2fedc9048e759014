import * as z from 'zod';
import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { stockOf } from '@/app/api/stock/stock-body';
import { workshop } from '@/app/wiring';

interface Context {
  params: Promise<{ id: string }>;
}
const gone = (): Response => refused(404, 'This is not on the shelf any more.');
const takeSchema = z.strictObject({ takeMl: z.number().gt(0).max(20_000), note: z.string().max(200) });

export const PUT = handled(async (request: Request, { params }: Context) => {
  const sent = await stockOf(request);
  if (!sent.ok) return sent.answer;
  const { stock, clock } = workshop();
  const { item, weight, kind = weight ? 'weighed' : 'edited', note = '' } = sent.value;
  const kept = stock.change((await params).id, item, { kind, note }, clock.nowMs());
  return kept ? Response.json({ kept: true }) : gone();
});

/** Takes from it, or puts it back on the shelf. */
export const POST = handled(async (request: Request, { params }: Context) => {
  const { stock, clock } = workshop();
  const id = (await params).id;
  if (new URL(request.url).searchParams.get('do') === 'restore')
    return stock.restore(id, clock.nowMs()) ? Response.json({ restored: true }) : gone();
  const sent = await bodyOf(request, 4096);
  if (!sent.ok) return sent.answer;
  const parsed = takeSchema.safeParse(sent.value);
  if (!parsed.success)
    return refused(422, 'Say how much was taken, more than 0 ml.', [
      { path: 'takeMl', expected: 'more than 0 ml' },
    ]);
  const r = stock.take(id, parsed.data.takeMl, parsed.data.note, clock.nowMs());
  if (r.kind === 'missing') return gone();
  if (r.kind === 'taken') return Response.json(r);
  const left = `${Math.round(r.remainingMl)} ml`;
  return refused(409, `Only ${left} are in it. Weigh it, then take what is there.`, [
    { path: 'takeMl', expected: `at most ${left}` },
  ]);
});

export const DELETE = handled(async (_request: Request, { params }: Context) => {
  const { stock, clock } = workshop();
  return stock.remove((await params).id, clock.nowMs()) ? Response.json({ removed: true }) : gone();
});
