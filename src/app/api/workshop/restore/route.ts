import { randomUUID } from 'node:crypto';
import { bytesOf, MOST_BUNDLE_BYTES, refused } from '@/app/api/answer';
import { workshop } from '@/app/wiring';
import { withSentDb } from '@/data/get-db';
import { jobStore } from '@/data/job-store';
import { DatabaseTooNew } from '@/data/open';
import { bytesOfBase64, parseBundle, type BundledJob, type BundledPhoto } from '@/formats/bundle-file';
import { parseJson } from '@/formats/job-file';

const SQLITE = 'SQLite format 3\0';
const newId = (): string => randomUUID().slice(0, 8);

/** Brings a copy of the workshop back: a JSON bundle or an SQLite file, told apart by what is in it. */
export async function POST(request: Request): Promise<Response> {
  const how = new URL(request.url).searchParams.get('how');
  if (how !== 'add' && how !== 'replace') return refused(400, 'Say how: add or replace.');
  const sent = await bytesOf(request, MOST_BUNDLE_BYTES);
  if (!sent.ok) return sent.answer;
  if (sent.value.byteLength === 0)
    return refused(400, 'The file is empty. Choose a copy saved by this page.');
  let jobs: readonly BundledJob[];
  let pictures: readonly BundledPhoto[] = [];
  if (new TextDecoder('latin1').decode(sent.value.subarray(0, SQLITE.length)) === SQLITE) {
    try {
      jobs = withSentDb(sent.value, (db) => jobStore(db).everything());
    } catch (e) {
      return refused(
        422,
        e instanceof DatabaseTooNew
          ? e.message
          : 'This database was not saved by Pellucid, or is damaged. Nothing was changed; choose another copy.',
      );
    }
  } else {
    const json = parseJson(new TextDecoder().decode(sent.value));
    if (!json.ok)
      return refused(
        422,
        'This is neither a JSON bundle nor an SQLite copy of a workshop. Nothing was changed.',
        json.faults,
      );
    const parsed = parseBundle(json.value);
    if (!parsed.ok)
      return refused(422, 'This bundle cannot be read. Nothing was changed.', parsed.faults.slice(0, 20));
    ({ jobs, photos: pictures } = parsed.value);
  }
  const { store, photos, clock } = workshop();
  const { ids, ...came } = store.bringIn([...jobs], how === 'replace', newId, clock.nowMs());
  let shown = 0;
  for (const { jpeg, ...p } of pictures) {
    const jobId = ids[p.jobId] ?? p.jobId;
    // A job that came in beside another brings its pictures along under names of their own.
    if (
      photos.bringIn({
        ...p,
        id: jobId === p.jobId ? p.id : randomUUID(),
        jobId,
        picture: bytesOfBase64(jpeg),
      })
    )
      shown++;
  }
  return Response.json({ ...came, photos: shown });
}
