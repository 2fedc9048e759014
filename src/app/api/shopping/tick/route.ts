import { bodyAs } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { tickSchema } from '@/model/shopping';

export const POST = handled(async (request: Request) => {
  const sent = await bodyAs(request, tickSchema, {
    most: 4096,
    say: 'Say which line, and whether it is ticked.',
  });
  if (!sent.ok) return sent.answer;
  const { ticks, clock } = workshop();
  ticks.set(sent.value.key, sent.value.on, clock.nowMs());
  return Response.json({ ticked: ticks.list() });
});

/** All ticks away, for the next shopping. */
export const DELETE = handled(async () => {
  workshop().ticks.clear();
  return Response.json({ ticked: [] });
});
