/** Rows of jobs and their steps, decoded by the job parser, never cast. */
import { remember } from '@/core/records/remember';
import { parseJob } from '@/formats/job-file';
import type { Job } from '@/model/job';
import type { StoredJob } from '@/usecases/ports';

export interface JobRow {
  readonly id: string;
  readonly version: number;
  readonly doc: string;
  readonly created_ms: number;
  readonly updated_ms: number;
  readonly deleted_ms: number | null;
  readonly undo: string | null;
  readonly redo: string | null;
}
export interface StepRow {
  readonly seq: number;
  readonly what: string;
  readonly doc: string;
  readonly at_ms: number;
}

export class BrokenRow extends Error {
  readonly code = 'PELLUCID_BROKEN_ROW';
  constructor(
    readonly id: string,
    detail: string,
  ) {
    super(`Job ${id} in the database cannot be read: ${detail}`);
  }
}

/** Documents read of late: the same text is the same job, and a page asks for the same ones again and again. */
const read = new Map<string, { readonly doc: string; readonly job: Job }>();
const MOST_READ = 200;

/** @throws BrokenRow when the document is no job */
export function jobOf(id: string, doc: string): Job {
  if (read.get(id)?.doc !== doc) read.delete(id);
  return remember(read, id, MOST_READ, () => ({ doc, job: parsedOf(id, doc) })).job;
}

/** What is written now is read next; it came through the parser at the wall. */
export function rememberJob(id: string, doc: string, job: Job): void {
  read.delete(id);
  remember(read, id, MOST_READ, () => ({ doc, job }));
}

function parsedOf(id: string, doc: string): Job {
  const parsed = parseJob(JSON.parse(doc));
  if (parsed.ok) return parsed.value;
  throw new BrokenRow(id, parsed.faults.map((f) => `${f.path}: expected ${f.expected}`).join('; '));
}

export function storedOf(row: JobRow): StoredJob {
  return {
    id: row.id,
    version: row.version,
    job: jobOf(row.id, row.doc),
    createdMs: row.created_ms,
    updatedMs: row.updated_ms,
    steps: { undo: row.undo, redo: row.redo },
  };
}
