import * as z from 'zod';
import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

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

const noteSchema = z.strictObject({ note: z.string().max(300) });

export const PATCH = handled(async (request: Request, { params }: Context) => {
  const sent = await bodyOf(request, 4096);
  if (!sent.ok) return sent.answer;
  const note = noteSchema.safeParse(sent.value);
  if (!note.success) return refused(400, 'A note has at most 300 letters.');
  return workshop().photos.note((await params).id, note.data.note) ? Response.json({ kept: true }) : gone();
});

export const DELETE = handled(async (_request: Request, { params }: Context) => {
  const { photos, clock } = workshop();
  return photos.remove((await params).id, clock.nowMs()) ? Response.json({ removed: true }) : gone();
});
