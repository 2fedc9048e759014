import { createHash } from 'node:crypto';
import * as z from 'zod';
import { bodyAs, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { OLDEST_DAYS } from '@/app/api/readings/reading-body';
import { workshop } from '@/app/wiring';
import { courseOf } from '@/core/air/course';
import { DAY, MINUTE } from '@/core/time/instant';
import { readSensorLog } from '@/formats/weather/log';
import { spotIdSchema, type KeptReading, type Reading, type SpotId } from '@/model/reading';
import { isZone } from '@/model/zone';

const MOST_BYTES = 6 * 1024 * 1024;
const sentSchema = z.strictObject({
  spot: spotIdSchema,
  tz: z.string().min(1).max(60).refine(isZone),
  text: z.string(),
});

/** The same line of the same log is the same reading, however often it is brought in. */
const idOf = ({ of, id }: SpotId, reading: Reading): string =>
  createHash('sha256')
    .update(JSON.stringify([of, id, reading]))
    .digest('hex')
    .slice(0, 16);

/** A sensor's log: its readings up to now are kept. */
export const POST = handled(async (request: Request) => {
  const body = await bodyAs(request, sentSchema, {
    most: MOST_BYTES,
    say: 'This is not a log with its place.',
  });
  if (!body.ok) return body.answer;
  const { spot, tz, text } = body.value;
  const log = readSensorLog(text, tz);
  if (!log.ok) return refused(422, 'This log cannot be taken as it is.', log.faults);
  const { readings, clock } = workshop();
  const nowMs = clock.nowMs();
  const known = log.value.readings.filter((r) => r.ms <= nowMs + MINUTE && r.ms > nowMs - OLDEST_DAYS * DAY);
  if (known.length === 0)
    return refused(422, 'This log holds nothing up to now.', [
      { path: '(the whole)', expected: 'lines with times of the last year, none in the future' },
    ]);
  readings.keep(
    spot,
    known.map((r): KeptReading => ({ ...r, id: idOf(spot, r), source: 'log' })),
  );
  return Response.json({ kept: known.length, taken: log.value.taken, course: courseOf(known, tz) });
});
