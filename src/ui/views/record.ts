/** The photographs of a record, step by step, in words. */
import { isoOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import { MOMENTS, type Photographed } from '@/model/photo';
import type { Format } from '@/words/format';
import { partName } from './part-name';

/** Before first, after last; each moment in the order it was taken. */
export function photoRows(
  { parts, place }: Pick<Job, 'parts' | 'place'>,
  photos: readonly Photographed[],
  f: Format,
): { readonly id: string; readonly said: string }[] {
  const order = (p: Photographed): number => MOMENTS.indexOf(p.moment);
  return photos
    .toSorted((a, b) => order(a) - order(b) || a.createdMs - b.createdMs)
    .map(({ id, partId, moment, createdMs, note, step }) => {
      const name = partName({ parts }, partId);
      const when = f.dayTime(isoOf(createdMs, place.tz));
      const said = `${name}, ${step === '' ? moment : step}, ${when}`;
      return { id, said: note === '' ? said : `${said}: ${note}` };
    });
}
