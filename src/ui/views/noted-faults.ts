/** What went wrong on a job, as rows. */
import type { NotedFault } from '@/core/edits/faults';
import type { Job } from '@/model/job';
import type { Format } from '@/words/format';
import { FAULT_WORDS } from '@/words/sentences/faults/faults';

export interface NotedRow {
  readonly key: string;
  readonly when: string;
  readonly what: string;
  readonly noted: NotedFault;
}

/** What went wrong, newest first. */
export const notedRows = ({ state }: Pick<Job, 'state'>, f: Format): NotedRow[] =>
  (state?.faults ?? [])
    .map((noted, i) => {
      const name = noted.code === 'other' ? 'None of these' : FAULT_WORDS[noted.code].name;
      const what = noted.note ? `${name}: ${noted.note}` : name;
      return { key: `${noted.at} ${i}`, when: f.dayTime(noted.at), what, noted };
    })
    .reverse();
