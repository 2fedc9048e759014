import * as z from 'zod';
import { bodyAs, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { MOST_PHOTO_NOTE } from '@/model/limits';

interface Context {
  params: Promise<{ id: string }>;
}
const gone = (): Response => refused(404, 'This photograph is not here any more.');

export const GET = handled(async (_request: Request, { params }: Context) => {
  const picture = workshop().photos.read((await params).id);
  return picture
    ? new Response(new Uint8Array(picture), {
        headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=86400, immutable' },
      })
    : gone();
});

const noteSchema = z.strictObject({ note: z.string().max(MOST_PHOTO_NOTE) });

export const PATCH = handled(async (request: Request, { params }: Context) => {
  const sent = await bodyAs(request, noteSchema, {
    most: 4096,
    say: `A note has at most ${MOST_PHOTO_NOTE} letters.`,
  });
  if (!sent.ok) return sent.answer;
  return workshop().photos.note((await params).id, sent.value.note) ? Response.json({ kept: true }) : gone();
});

export const DELETE = handled(async (_request: Request, { params }: Context) => {
  const { photos, clock } = workshop();
  return photos.remove((await params).id, clock.nowMs()) ? Response.json({ removed: true }) : gone();
});
