/** The photographs of a record, step by step, in words. */
import { isoOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import { MOMENTS, type Moment } from '@/model/photo';
import type { Format } from '@/words/format';

export interface Pictured {
  readonly id: string;
  readonly partId: string;
  readonly moment: Moment;
  readonly createdMs: number;
  readonly note: string;
  readonly step: string;
}

/** Before first, after last; each moment in the order it was taken. */
export function photoRows(
  { parts, place }: Pick<Job, 'parts' | 'place'>,
  photos: readonly Pictured[],
  f: Format,
): { readonly id: string; readonly said: string }[] {
  const order = (p: Pictured): number => MOMENTS.indexOf(p.moment);
  return photos
    .toSorted((a, b) => order(a) - order(b) || a.createdMs - b.createdMs)
    .map(({ id, partId, moment, createdMs, note, step }) => {
      const name = parts.find((p) => p.id === partId)?.name ?? partId;
      const when = f.dayTime(isoOf(createdMs, place.tz));
      const said = `${name}, ${step === '' ? moment : step}, ${when}`;
      return { id, said: note === '' ? said : `${said}: ${note}` };
    });
}
