/** The logbook as a table for other programs, and as jobs that come in again as they went out. */
import Papa from 'papaparse';
import { wentWrong } from '@/core/went-wrong';
import type { Job } from '@/model/job';
import { ASPECTS } from '@/model/rubric';

/** A record as far as files need it. */
export interface RecordOut {
  readonly job: Job;
  readonly closedOn: string;
  readonly areaM2: number;
  readonly filmUm: number;
  readonly coats: number;
  readonly end: {
    readonly again: { readonly total: number };
    readonly leftWorth: number;
    readonly hands: { readonly plannedMin: number; readonly begunMin: number };
  };
  readonly used: readonly {
    readonly name: string;
    readonly usedMl: number;
    readonly expectedMl: number;
    readonly cost: number;
  }[];
}

const round2 = (x: number): number => Math.round(x * 100) / 100;

/** One line a job and paint; a job that logged nothing has one line without. */
export function logbookCsv(rows: readonly RecordOut[]): string {
  const lines = rows.flatMap((r) => {
    const { job } = r;
    const head = {
      job: job.name,
      closed: r.closedOn,
      area_m2: round2(r.areaM2),
      film_um: round2(r.filmUm),
      coats: r.coats,
      hands_planned_min: Math.round(r.end.hands.plannedMin),
      hands_clocked_min: Math.round(r.end.hands.begunMin),
      same_again: round2(r.end.again.total),
      left_worth: round2(r.end.leftWorth),
      ...Object.fromEntries(ASPECTS.map((a) => [a, job.log?.rubric?.[a] ?? ''])),
      faults: wentWrong(job).join(' '),
    };
    const used = r.used.length > 0 ? r.used : [null];
    return used.map((u) => ({
      ...head,
      paint: u?.name ?? '',
      used_ml: u ? round2(u.usedMl) : '',
      expected_ml: u ? round2(u.expectedMl) : '',
      cost: u ? round2(u.cost) : '',
      currency: job.budget.currency,
    }));
  });
  return Papa.unparse(lines, { newline: '\r\n', escapeFormulae: true });
}

interface LogbookFile {
  readonly pellucid: 'logbook';
  readonly version: 1;
  readonly jobs: readonly Job[];
}

export const logbookJson = (rows: readonly Pick<RecordOut, 'job'>[]): string =>
  JSON.stringify(
    { pellucid: 'logbook', version: 1, jobs: rows.map((r) => r.job) } satisfies LogbookFile,
    null,
    2,
  );
