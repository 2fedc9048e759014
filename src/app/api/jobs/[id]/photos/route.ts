import { randomUUID } from 'node:crypto';
import { bytesOf, noSuchJob, refused, typeOf } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { MOST_PHOTOS } from '@/data/photo-store';
import { pictureOnly } from '@/formats/jpeg';
import { MOST_PHOTO_STEP } from '@/model/limits';
import { MOMENTS } from '@/model/photo';

interface Context {
  params: Promise<{ id: string }>;
}
/** The page sends at most 1600 px a side; three megabytes leave room. */
const MOST_BYTES = 3 * 1024 * 1024;

export const GET = handled(async (_request: Request, { params }: Context) => {
  const id = (await params).id;
  const { store, photos } = workshop();
  return store.load(id) ? Response.json(photos.list(id)) : noSuchJob();
});

/** Keeps a photograph of a part; of what is sent only the picture data is kept. */
export const POST = handled(async (request: Request, { params }: Context) => {
  const id = (await params).id;
  const { store, photos, clock } = workshop();
  const query = new URL(request.url).searchParams;
  const stored = store.load(id);
  if (!stored) return noSuchJob();
  const partId = query.get('part') ?? '';
  const moment = MOMENTS.find((m) => m === query.get('moment'));
  const step = query.get('step') ?? '';
  if (!stored.job.parts.some((p) => p.id === partId))
    return refused(400, 'Say which part of this job it shows.');
  if (!moment) return refused(400, 'Say before, during or after.');
  if (step.length > MOST_PHOTO_STEP) return refused(400, `A step has at most ${MOST_PHOTO_STEP} letters.`);
  if (typeOf(request) !== 'image/jpeg') return refused(415, 'Send a JPEG picture.');
  const sent = await bytesOf(request, MOST_BYTES);
  if (!sent.ok) return sent.answer;
  const picture = pictureOnly(sent.value);
  if (!picture.ok) return refused(422, picture.fault);
  const photoId = randomUUID();
  const kept = photos.add(id, { id: photoId, partId, moment, step }, picture.bytes, clock.nowMs());
  return kept === 'kept'
    ? Response.json({ id: photoId }, { status: 201 })
    : refused(409, `A job keeps ${MOST_PHOTOS} photographs. Take one out first.`);
});
