import * as z from 'zod';
import { bodyOf, refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { newId } from '@/app/api/new-id';
import { workshop } from '@/app/wiring';
import { parseJob } from '@/formats/job-file';
import { askedIn } from '@/formats/logbook-query';
import { logbookCsv, logbookJson } from '@/formats/logbook-file';
import { recordsTable } from '@/formats/logbook-table';
import type { Job } from '@/model/job';
import { logbook } from '@/usecases/logbook';

type Row = ReturnType<typeof logbook>['rows'][number];
const CSV = 'text/csv; charset=utf-8';
/** As what it goes out: jobs, a line a job and paint, or every figure on a line of its own. */
const FILES = {
  json: { name: 'logbook.json', type: 'application/json', write: logbookJson },
  csv: { name: 'logbook.csv', type: CSV, write: logbookCsv },
  table: {
    name: 'logbook-all.csv',
    type: CSV,
    write: (rows: readonly Row[]): string => recordsTable(rows.map((r) => r.job)),
  },
} as const;

/** All records, or those that words are found in, as a file. */
export const GET = handled(async (request: Request) => {
  const query = new URL(request.url).searchParams;
  const as = query.get('as') ?? 'json';
  const file = FILES[as as keyof typeof FILES];
  if (!file) return refused(400, 'Say as=json, as=csv or as=table.');
  const { store, clock } = workshop();
  const { rows } = logbook(store, askedIn(query), clock.nowMs());
  return new Response(file.write(rows), {
    headers: { 'content-type': file.type, 'content-disposition': `attachment; filename="${file.name}"` },
  });
});

const MOST_JOBS = 400;
const MOST_BYTES = 16 * 1024 * 1024;
const fileSchema = z.object({ pellucid: z.literal('logbook'), jobs: z.array(z.unknown()).max(MOST_JOBS) });

/** The same job is the same text, whatever order its fields were written in. */
function canonical(job: Job): string {
  const parsed = parseJob(JSON.parse(JSON.stringify(job)));
  return JSON.stringify(parsed.ok ? parsed.value : job);
}

/** Records out of such a file; those that are here already stay as they are. */
export const POST = handled(async (request: Request) => {
  const body = await bodyOf(request, MOST_BYTES);
  if (!body.ok) return body.answer;
  const file = fileSchema.safeParse(body.value);
  if (!file.success) return refused(422, 'This is no logbook that Pellucid wrote. Nothing was brought in.');
  const jobs: Job[] = [];
  for (const [i, raw] of file.data.jobs.entries()) {
    const parsed = parseJob(raw);
    if (!parsed.ok)
      return refused(422, `Record ${i + 1} cannot be read. Nothing was brought in.`, parsed.faults);
    if (parsed.value.log?.closedAt === undefined)
      return refused(422, `Record ${i + 1}, ${parsed.value.name}, is not closed. Nothing was brought in.`);
    jobs.push(parsed.value);
  }
  const { store, clock, together } = workshop();
  const brought = together(() => {
    const here = new Set(store.list().map((s) => canonical(s.job)));
    const fresh = jobs.filter((job) => !here.has(canonical(job)));
    for (const job of fresh) store.insert(newId(), job, clock.nowMs());
    return fresh.length;
  });
  return Response.json({ brought, same: jobs.length - brought });
});
