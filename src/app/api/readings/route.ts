import { randomUUID } from 'node:crypto';
import * as z from 'zod';
import { bodyOf, refused, refusedFields } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { atSchema, NO_SPOT, OLDEST_DAYS, spotAsked } from '@/app/api/readings/reading-body';
import { workshop } from '@/app/wiring';
import { DAY, MINUTE } from '@/core/time/instant';
import { faultsOf } from '@/formats/faults';
import { measuredSchema, spotIdSchema } from '@/model/reading';
import { airSensors, type ReadingsView } from '@/usecases/readings';

const MOST_LISTED = 300;
const sentSchema = z.strictObject({
  spot: spotIdSchema,
  measured: measuredSchema,
  atMs: atSchema.optional(),
});

/** What was measured in a place, newest first, and what measures here by itself. */
export const GET = handled(async (request: Request) => {
  const spot = spotAsked(request);
  if (!spot) return refused(400, NO_SPOT);
  const { readings, sensors } = workshop();
  const view: ReadingsView = {
    list: readings.of(spot, 0, MOST_LISTED),
    sensors: airSensors(sensors).map((s) => s.name),
  };
  return Response.json(view);
});

/** A reading that was typed in. */
export const POST = handled(async (request: Request) => {
  const body = await bodyOf(request, 4096);
  if (!body.ok) return body.answer;
  const parsed = sentSchema.safeParse(body.value);
  if (!parsed.success) return refusedFields(faultsOf(parsed.error, body.value), 'measured');
  const { spot, measured, atMs } = parsed.data;
  const { readings, clock } = workshop();
  const nowMs = clock.nowMs();
  const ms = atMs ?? nowMs;
  if (ms > nowMs + MINUTE)
    return refusedFields([{ path: 'at', expected: 'a time that has come, not one in the future' }]);
  if (ms < nowMs - OLDEST_DAYS * DAY)
    return refusedFields([{ path: 'at', expected: 'a time within the last year' }]);
  if (Object.keys(measured).length === 0)
    return refused(422, 'Type at least one figure.', [{ path: 'airC', expected: 'at least one figure' }]);
  const id = randomUUID().slice(0, 12);
  readings.keep(spot, [{ id, ms, source: 'typed', ...measured }]);
  return Response.json({ id }, { status: 201 });
});
