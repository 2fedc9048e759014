/** What went wrong on a job, as rows. */
import type { NotedFault } from '@/core/edits/faults';
import type { Job } from '@/model/job';
import type { TakenMend } from '@/model/mend';
import type { Format } from '@/words/format';
import { FAULT_WORDS } from '@/words/sentences/faults/faults';
import { MEND_NAMES } from '@/words/sentences/faults/mends';
import { onParts, uncapital } from './session-name';

export interface NotedRow {
  readonly key: string;
  readonly when: string;
  readonly what: string;
  readonly noted: NotedFault;
}

/** “In the plan: level it and colour again, left door.” */
function mendSaid({ kind, partIds }: TakenMend, parts: Job['parts']): string {
  return `In the plan: ${uncapital(MEND_NAMES[kind])}${onParts({ parts }, partIds)}.`;
}

/** What a fault is called. */
export const faultName = (code: NotedFault['code']): string =>
  code === 'other' ? 'None of these' : FAULT_WORDS[code].name;

/** What went wrong, newest first. */
export const notedRows = ({ state, parts }: Pick<Job, 'state' | 'parts'>, f: Format): NotedRow[] =>
  (state?.faults ?? [])
    .map((noted, i) => {
      const name = faultName(noted.code);
      const said = noted.note ? `${name}: ${noted.note}` : name;
      const what = noted.mend ? `${said}. ${mendSaid(noted.mend, parts)}` : said;
      return { key: `${noted.at} ${i}`, when: f.dayTime(noted.at), what, noted };
    })
    .reverse();
