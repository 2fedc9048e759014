import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { tickSchema } from '@/model/shopping';

export const POST = handled(async (request: Request) => {
  const sent = await bodyOf(request, 4096);
  if (!sent.ok) return sent.answer;
  const t = tickSchema.safeParse(sent.value);
  if (!t.success) return refused(400, 'Say which line, and whether it is ticked.');
  const { ticks, clock } = workshop();
  ticks.set(t.data.key, t.data.on, clock.nowMs());
  return Response.json({ ticked: ticks.list() });
});

/** All ticks away, for the next shopping. */
export const DELETE = handled(async () => {
  workshop().ticks.clear();
  return Response.json({ ticked: [] });
});
