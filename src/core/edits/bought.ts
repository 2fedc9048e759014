/** Work that was bought and shows a fault: what is known of its film, as a job on which everything is on already. */
import type { Bought } from '@/model/bought';
import type { Job } from '@/model/job';
import { everyCoat } from '../time/coats-on';
import { DAY, HOUR, isoOf } from '../time/instant';

/** So many days at least. */
const AGE_DAYS: Readonly<Record<Bought['age'], number>> = { weeks: 14, months: 90, years: 730 };

type Layers = NonNullable<Job['system']>['layers'];

/** As many coats as sheets of such paint ask for, since nobody measured it. It is mended with the same kind. */
const LAYERS: Readonly<Record<Bought['top'], Layers>> = {
  'two-part-clear': [
    { role: 'base', productId: 'orrin-base', coats: 3 },
    { role: 'clear', productId: 'halden-2k-gloss', coats: 2 },
  ],
  'one-part-clear': [
    { role: 'base', productId: 'orrin-base', coats: 3 },
    { role: 'clear', productId: 'halden-1k-gloss', coats: 4 },
  ],
  'two-part-colour': [{ role: 'colour', productId: 'skerry-single', coats: 2 }],
  'one-part-colour': [{ role: 'colour', productId: 'skerry-enamel', coats: 2 }],
};

/** @param job a new one, for its place, kit and hours */
export function boughtJob(job: Job, bought: Bought, nowMs: number): Job {
  const { name, top, age, lengthMm, widthMm, substrate } = bought;
  const layers = LAYERS[top];
  // An hour apart: which lies on top is known by when it was sprayed.
  const all = everyCoat(layers.map(({ role, coats }) => ({ id: role, coats })));
  const lastMs = nowMs - AGE_DAYS[age] * DAY;
  const coats = all.map((c, k) => ({
    ...c,
    endedAt: isoOf(lastMs - (all.length - 1 - k) * HOUR, job.place.tz),
  }));
  const part = { ...job.parts[0]!, name: name.slice(0, 80), lengthMm, widthMm, substrate };
  return {
    ...job,
    name,
    parts: [{ ...part, sides: 1, condition: 'sound-paint' }],
    system: { layers },
    state: { coats, activations: [] },
  };
}
