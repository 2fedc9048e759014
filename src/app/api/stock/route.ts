import { handled } from '@/app/api/handled';
import { newId } from '@/app/api/new-id';
import { stockOf } from '@/app/api/stock/stock-body';
import { workshop } from '@/app/wiring';
import { shelfView } from '@/usecases/shelf';

export const GET = handled(async () => {
  const { store, stock, clock } = workshop();
  return Response.json(shelfView(store, stock, clock.nowMs()));
});

/** Puts an item on the shelf. */
export const POST = handled(async (request: Request) => {
  const sent = await stockOf(request);
  if (!sent.ok) return sent.answer;
  const { stock, clock } = workshop();
  const id = newId();
  stock.add(id, sent.value.item, clock.nowMs());
  return Response.json({ id }, { status: 201 });
});
