import { refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';
import { DEFAULT_PLACE } from '@/usecases/new-job';
import { scaleOf } from '@/usecases/readings';

/** Whether a scale is joined. */
export const GET = handled(async () => Response.json({ name: scaleOf(workshop().sensors)?.name ?? null }));

/** What it shows now, g. */
export const POST = handled(async () => {
  const { sensors, clock } = workshop();
  const scale = scaleOf(sensors);
  if (!scale) return refused(409, 'No scale is joined. Type in what yours shows.');
  const { massG } = await scale.read(DEFAULT_PLACE, clock.nowMs()).catch(() => ({ massG: undefined }));
  return massG === undefined
    ? refused(503, 'The scale does not answer. Type in what it shows.')
    : Response.json({ massG });
});
