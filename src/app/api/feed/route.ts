import * as z from 'zod';
import { bodyAs, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { addressFault } from '@/data/feed-fetch';

const sentSchema = z.strictObject({ address: z.string().max(500).nullable() });

export const GET = handled(async () => {
  const { feed } = workshop();
  return Response.json({ address: feed.address, last: feed.last });
});

/** Sets the address, or with null takes it off, and asks it at once. */
export const PUT = handled(async (request: Request) => {
  const body = await bodyAs(request, sentSchema, {
    most: 4096,
    say: 'Send the address of the feed, or null for none.',
  });
  if (!body.ok) return body.answer;
  const { feed } = workshop();
  const address = body.value.address?.trim() || null;
  const fault = address === null ? null : addressFault(address.replaceAll(/\{(?:lat|lon)\}/g, '0'));
  if (fault !== null)
    return refused(422, fault, [{ path: 'address', expected: 'http:// or https:// and a machine near' }]);
  feed.set(address);
  return Response.json({ address, last: await feed.take() });
});

/** Asks it now. */
export const POST = handled(async () => {
  const { feed } = workshop();
  const last = await feed.take();
  return last ? Response.json({ address: feed.address, last }) : refused(409, 'No feed is set.');
});
