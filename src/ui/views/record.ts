/** What a record has of its own: what went wrong, and its photographs step by step, in words. */
import { wentWrong } from '@/core/went-wrong';
import { isoOf } from '@/core/time/instant';
import type { Job } from '@/model/job';
import { MOMENTS, type Photographed } from '@/model/photo';
import type { Format } from '@/words/format';
import { faultName, notedRows } from './noted-faults';
import { partName } from './part-name';

export interface WrongRow {
  readonly key: string;
  readonly when: string;
  readonly what: string;
}

/** As it was noted, newest first; then what was found at the lamp alone. */
export function wrongRows(job: Job, f: Format): WrongRow[] {
  const noted = new Set((job.state?.faults ?? []).map((x) => x.code));
  const found = wentWrong(job).filter((code) => !noted.has(code));
  return [
    ...notedRows(job, f),
    ...found.map((code) => ({ key: code, when: 'Before the finish', what: faultName(code) })),
  ];
}

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
