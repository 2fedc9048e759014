import { randomUUID } from 'node:crypto';
import * as z from 'zod';
import { bodyAs, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { placeSchema } from '@/model/place';
import { spotIdSchema } from '@/model/reading';
import { airSensors, sensed } from '@/usecases/readings';

const sentSchema = z.strictObject({ spot: spotIdSchema, place: placeSchema });

/** All sensors read at once, and their figures kept. */
export const POST = handled(async (request: Request) => {
  const body = await bodyAs(request, sentSchema, { most: 16_384, say: 'Say in which place to read.' });
  if (!body.ok) return body.answer;
  const { spot, place } = body.value;
  const { readings, clock, ...joined } = workshop();
  const sensors = airSensors(joined.sensors);
  if (sensors.length === 0) return refused(409, 'No sensor is joined. Type in what yours shows.');
  const nowMs = clock.nowMs();
  const { measured, failed } = await sensed(sensors, place, nowMs);
  if (Object.keys(measured).length === 0)
    return refused(503, `No sensor answers (${failed.join(', ')}). Type in what they show.`);
  const id = randomUUID().slice(0, 12);
  readings.keep(spot, [{ id, ms: nowMs, source: 'sensor', ...measured }]);
  return Response.json({ id, measured, failed }, { status: 201 });
});
