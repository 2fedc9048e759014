import { randomUUID } from 'node:crypto';
import * as z from 'zod';
import { bodyAs, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { QUANTITIES, UNITS_OF } from '@/formats/weather/columns';
import { readWeatherFile } from '@/formats/weather/file';
import { isZone } from '@/model/zone';
import { keepFile } from '@/usecases/weather';

/** A year of half hours with many columns. */
const MOST_BYTES = 6 * 1024 * 1024;
const column = z.number().int().min(0).max(400);
const of = z.strictObject(
  Object.fromEntries(
    QUANTITIES.map((q) => [
      q,
      z.strictObject({ column, unit: z.enum(Object.keys(UNITS_OF[q]) as [string, ...string[]]) }).optional(),
    ]),
  ),
);
const sentSchema = z.strictObject({
  lat: z.number().min(-90).max(90),
  lon: z.number().min(-180).max(180),
  tz: z.string().min(1).max(60).refine(isZone),
  name: z.string().min(1).max(120),
  text: z.string(),
  mapping: z.strictObject({ time: z.array(column).min(1).max(2), isDayFirst: z.boolean(), of }).optional(),
});

/** A weather file: a table is asked about first, what is confirmed or needs no asking is kept. */
export const POST = handled(async (request: Request) => {
  const body = await bodyAs(request, sentSchema, {
    most: MOST_BYTES,
    say: 'This is not a weather file with its place.',
  });
  if (!body.ok) return body.answer;
  const { lat, lon, tz, name, text, mapping } = body.value;
  const { weather, clock } = workshop();
  const nowMs = clock.nowMs();
  const read = readWeatherFile(text, { tz, nowMs }, mapping);
  if (!read.ok) return refused(422, 'This file cannot be taken as it is.', read.faults);
  if (read.value.kind === 'asked') return Response.json(read.value);
  const keeping = { nowMs, freshId: randomUUID() };
  const kept = keepFile(weather, { spot: { lat, lon, tz }, name, file: read.value.weather }, keeping);
  if (kept.kind === 'over')
    return refused(422, 'This file is no forecast for now.', [
      { path: '(the whole)', expected: kept.expected },
    ]);
  const { bridgedH, openFromMs } = read.value.weather;
  return Response.json({ kind: 'kept', id: kept.id, bridgedH, openFromMs });
});
