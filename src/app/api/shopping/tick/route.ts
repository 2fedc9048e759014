import { bodyOf, refused } from '@/app/api/answer';
import { workshop } from '@/app/wiring';
import { tickSchema } from '@/model/shopping';

export async function POST(request: Request): Promise<Response> {
  const sent = await bodyOf(request, 4096);
  if (!sent.ok) return sent.answer;
  const t = tickSchema.safeParse(sent.value);
  if (!t.success) return refused(400, 'Say which line, and whether it is ticked.');
  const { ticks, clock } = workshop();
  ticks.set(t.data.key, t.data.on, clock.nowMs());
  return Response.json({ ticked: ticks.list() });
}

/** All ticks away, for the next shopping. */
export async function DELETE(): Promise<Response> {
  workshop().ticks.clear();
  return Response.json({ ticked: [] });
}
