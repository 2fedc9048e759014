/** A place as it is sent in, refused field by field. */
import * as z from 'zod';
import { bodyOf, refusedFields } from '@/app/api/answer';
import { faultsOf } from '@/formats/faults';
import { placeSchema, type Place } from '@/model/place';
import { isZone } from '@/model/zone';

const bodySchema = z.strictObject({ place: placeSchema });

export async function placeOf(
  request: Request,
): Promise<{ ok: true; value: Place } | { ok: false; answer: Response }> {
  const sent = await bodyOf(request, 16_384);
  if (!sent.ok) return sent;
  const parsed = bodySchema.safeParse(sent.value);
  if (!parsed.success)
    return { ok: false, answer: refusedFields(faultsOf(parsed.error, sent.value), 'place') };
  const { place } = parsed.data;
  if (isZone(place.tz)) return { ok: true, value: place };
  const fault = { path: 'tz', expected: 'a time zone like Europe/London' };
  return { ok: false, answer: refusedFields([fault]) };
}
