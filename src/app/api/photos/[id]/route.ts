import { refused } from '@/app/api/answer';
import { workshop } from '@/app/wiring';

interface Context { params: Promise<{ id: string }> }
const gone = (): Response => refused(404, 'This photograph is not here any more.');

export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const picture = workshop().photos.read((await params).id);
  return picture ? new Response(new Uint8Array(picture), { headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=86400, immutable' } }) : gone();
}

export async function DELETE(_request: Request, { params }: Context): Promise<Response> {
  const { photos, clock } = workshop();
  return photos.remove((await params).id, clock.nowMs()) ? Response.json({ removed: true }) : gone();
}
