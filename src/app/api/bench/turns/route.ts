import * as z from 'zod';
import { bodyAs, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import type { StoredJob } from '@/usecases/ports';
import { askedTogether, type Together } from '@/usecases/together';
import { keepTurns, MOST_IN_TURN } from '@/usecases/turns';

const order = z.strictObject({ ids: z.array(z.string().min(1).max(80)).max(MOST_IN_TURN) });

async function worked(jobs: readonly StoredJob[], seeks: boolean, signal: AbortSignal): Promise<Together> {
  const { besideTurns, planning, clock } = workshop();
  const asked = await askedTogether(jobs, planning, clock.nowMs());
  return besideTurns.run('together', { jobs: asked, seeks }, signal);
}

/** What the order that is kept comes to. */
export const GET = handled(async (request: Request) => {
  const { store } = workshop();
  return Response.json(await worked(store.inTurn(MOST_IN_TURN), false, request.signal));
});

/** Seeks the order of the jobs at work that gives up least, and keeps it. */
export const POST = handled(async (request: Request) => {
  const { store, clock, together } = workshop();
  const { rows, total } = store.atWork({ skip: 0, most: MOST_IN_TURN });
  if (total > MOST_IN_TURN)
    return refused(
      409,
      `At most ${MOST_IN_TURN} jobs are planned together, and ${total} are at work. Close some, or take them off the bench.`,
    );
  const jobs = [...rows].sort((a, b) => a.createdMs - b.createdMs);
  const found = await worked(jobs, true, request.signal);
  const ids = found.rows.map((r) => r.id);
  together(() => keepTurns(store, ids, clock.nowMs()));
  return Response.json(found);
});

/** The order as the owner sets it; none means that each is planned for itself. */
export const PUT = handled(async (request: Request) => {
  const sent = await bodyAs(request, order, { say: 'Send the ids of the jobs in the order of their turns.' });
  if (!sent.ok) return sent.answer;
  const { store, clock, together } = workshop();
  const ids = [...new Set(sent.value.ids)];
  if (ids.some((id) => store.load(id) === null))
    return refused(
      409,
      'One of these jobs is not on the bench any more. Load the page anew; nothing was changed.',
    );
  together(() => keepTurns(store, ids, clock.nowMs()));
  return Response.json({ ids });
});
