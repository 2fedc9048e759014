import { randomUUID } from 'node:crypto';
import { bodyOf, refusedFields } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { parseDays } from '@/formats/days';
import { keepDays } from '@/usecases/weather';

const MOST_BYTES = 64 * 1024;

/** A forecast that was typed in. */
export const PUT = handled(async (request: Request) => {
  const body = await bodyOf(request, MOST_BYTES);
  if (!body.ok) return body.answer;
  const parsed = parseDays(body.value);
  if (!parsed.ok) return refusedFields(parsed.faults);
  const { weather, clock } = workshop();
  const kept = keepDays(weather, parsed.value, { nowMs: clock.nowMs(), freshId: randomUUID() });
  return Response.json({ id: kept.id, issuedMs: kept.issuedMs });
});
