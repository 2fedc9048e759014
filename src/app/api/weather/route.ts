import * as z from 'zod';
import { refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { toldFor } from '@/usecases/weather';

const askedSchema = z.object({
  lat: z.coerce.number().min(-90).max(90),
  lon: z.coerce.number().min(-180).max(180),
});

/** What was told for a place, newest first. */
export const GET = handled(async (request: Request) => {
  const asked = askedSchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!asked.success) return refused(400, 'Say where: lat from -90 to 90 and lon from -180 to 180.');
  return Response.json(toldFor(workshop().weather, asked.data));
});
