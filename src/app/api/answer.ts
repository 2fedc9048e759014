/** Shared by the route handlers: read a body of limited size, answer with faults a form can show. */
import 'server-only';
import type { Fault } from '@/formats/faults';
import { parseJson } from '@/formats/job-file';
import type { SaveResult } from '@/usecases/ports';

/** A job with many parts is under 40 kB; a quarter megabyte leaves room. */
const MOST_BYTES = 256 * 1024;

export const refused = (status: number, error: string, faults: readonly Fault[] = []): Response => Response.json({ error, faults }, { status });
export const noSuchJob = (): Response => refused(404, 'This job is not here any more. It may have been deleted in another tab; go back to the bench.');

/** The body as JSON, or the answer that refuses it. */
export async function bodyOf(request: Request): Promise<{ ok: true; value: unknown } | { ok: false; answer: Response }> {
  if (!(request.headers.get('content-type') ?? '').startsWith('application/json')) return { ok: false, answer: refused(415, 'Send JSON.') };
  const bytes = await request.arrayBuffer();
  if (bytes.byteLength > MOST_BYTES) return { ok: false, answer: refused(413, 'This job is too large to save (over 256 kB). Take parts or products out.') };
  const parsed = parseJson(new TextDecoder().decode(bytes));
  return parsed.ok ? parsed : { ok: false, answer: refused(400, 'The text sent is not JSON.', parsed.faults) };
}

/** What a save or a step back came to; a stale one brings the job as it is now, so that the page can merge. */
export function answerSaved(r: SaveResult): Response {
  switch (r.kind) {
    case 'missing': return noSuchJob();
    case 'nothing': return refused(409, 'There is nothing to take back.');
    case 'stale': return Response.json({ error: 'This job was changed in another tab.', faults: [], version: r.version, job: r.job }, { status: 409 });
    case 'saved': return Response.json({ version: r.version, job: r.job, steps: r.steps });
  }
}
