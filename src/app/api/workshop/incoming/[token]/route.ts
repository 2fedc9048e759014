import * as z from 'zod';
import { bodyAs, bytesOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { MOST_PIECE_BYTES } from '@/data/copies/incoming';

interface Context {
  params: Promise<{ token: string }>;
}
const wish = z.strictObject({ how: z.enum(['add', 'replace']) });
const noSuchFile = (): Response => refused(404, 'This file is not here any more. Choose it again.');

/** A piece of the file, to follow what is here already; the answer says how much that is. */
export const PUT = handled(async (request: Request, { params }: Context) => {
  const at = Number(new URL(request.url).searchParams.get('at') ?? '');
  if (!Number.isSafeInteger(at) || at < 0) return refused(400, 'Say where in the file this piece begins.');
  const piece = await bytesOf(request, MOST_PIECE_BYTES);
  if (!piece.ok) return piece.answer;
  const size = workshop().copies.incoming.append((await params).token, at, piece.value);
  return size === null ? noSuchFile() : Response.json({ size });
});

/** What is in the file, and what is here that it would replace. Nothing is changed. */
export const GET = handled(async (_request: Request, { params }: Context) => {
  const looked = await workshop().copies.look((await params).token);
  return looked ? Response.json(looked) : noSuchFile();
});

/** Brings it in: beside what is here, or in its place. */
export const POST = handled(async (request: Request, { params }: Context) => {
  const sent = await bodyAs(request, wish, { most: 1024, say: 'Say how: add or replace.' });
  if (!sent.ok) return sent.answer;
  const { copies, clock } = workshop();
  const came = await copies.bringIn((await params).token, sent.value.how, clock.nowMs());
  return came ? Response.json(came) : noSuchFile();
});

export const DELETE = handled(async (_request: Request, { params }: Context) => {
  workshop().copies.drop((await params).token);
  return Response.json({ removed: true });
});
