/** Shared by the route handlers: read a body of limited size, answer with faults a form can show. */
import 'server-only';
import type { ZodType } from 'zod';
import { told, type Fault } from '@/formats/faults';
import { parseJson } from '@/formats/job-file';
import { MOST_JOB_BYTES } from '@/model/limits';
import type { SaveResult } from '@/usecases/ports';

export const refused = (status: number, error: string, faults: readonly Fault[] = []): Response =>
  Response.json({ error, faults: told(faults) }, { status });
export const noSuchJob = (): Response =>
  refused(
    404,
    'This job is not here any more. It may have been deleted in another tab; go back to the bench.',
  );

const LOOK = 'Look at the marked fields.';

/** Refused field by field, for a form to show. @param at what its fields lie under in what was sent, left out of their paths */
export const refusedFields = (faults: readonly Fault[], at = ''): Response =>
  refused(
    422,
    LOOK,
    faults.map((f) =>
      at !== '' && f.path.startsWith(`${at}.`) ? { ...f, path: f.path.slice(at.length + 1) } : f,
    ),
  );

type Body<T> = { ok: true; value: T } | { ok: false; answer: Response };

/** The bytes of a body, never more than `most`: a longer one is not even read to its end. */
export async function bytesOf(request: Request, most: number): Promise<Body<Uint8Array>> {
  const tooLarge = (): Body<Uint8Array> => ({
    ok: false,
    answer: refused(413, `This is too large (over ${Math.round(most / 1024)} kB).`),
  });
  if (Number(request.headers.get('content-length') ?? 0) > most) return tooLarge();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let next = await reader?.read(); next?.value; next = await reader?.read()) {
    size += next.value.byteLength;
    if (size > most) {
      await reader?.cancel();
      return tooLarge();
    }
    chunks.push(next.value);
  }
  const all = new Uint8Array(size);
  let at = 0;
  for (const c of chunks) {
    all.set(c, at);
    at += c.byteLength;
  }
  return { ok: true, value: all };
}

/** What a body is said to be, exactly; what is said beside it (a character set) aside. */
export const typeOf = (request: Request): string =>
  (request.headers.get('content-type') ?? '').split(';')[0]!.trim().toLowerCase();

/** The body as JSON, or the answer that refuses it. */
export async function bodyOf(request: Request, most: number = MOST_JOB_BYTES): Promise<Body<unknown>> {
  if (typeOf(request) !== 'application/json') return { ok: false, answer: refused(415, 'Send JSON.') };
  const bytes = await bytesOf(request, most);
  if (!bytes.ok) return bytes;
  const parsed = parseJson(new TextDecoder().decode(bytes.value));
  return parsed.ok
    ? parsed
    : { ok: false, answer: refused(400, 'The text sent is not JSON.', parsed.faults) };
}

/** The body as a schema has it, or the answer that refuses it with a sentence. */
export async function bodyAs<T>(
  request: Request,
  schema: ZodType<T>,
  { most, say }: { most?: number; say: string },
): Promise<Body<T>> {
  const body = await bodyOf(request, most);
  if (!body.ok) return body;
  const parsed = schema.safeParse(body.value);
  return parsed.success ? { ok: true, value: parsed.data } : { ok: false, answer: refused(400, say) };
}

/** A file to keep. The name is ASCII by construction. */
export function fileAnswer(body: string | Uint8Array, name: string, type: string): Response {
  return new Response(body as BodyInit, {
    headers: {
      'content-type': type,
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
}

/** What a save or a step back came to; a stale one brings the job as it is now, so that the page can merge. */
export function answerSaved(saveResult: SaveResult): Response {
  switch (saveResult.kind) {
    case 'missing':
      return noSuchJob();
    case 'nothing':
      return refused(409, 'There is nothing to take back.');
    case 'stale':
      return Response.json(
        {
          error: 'This job was changed in another tab.',
          faults: [],
          version: saveResult.version,
          job: saveResult.job,
        },
        { status: 409 },
      );
    case 'saved':
      return Response.json({ version: saveResult.version, job: saveResult.job, steps: saveResult.steps });
  }
}
