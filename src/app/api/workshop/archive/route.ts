import { Readable } from 'node:stream';
import { refused } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

/** The whole workshop as one archive: every table as lines of JSON, or the database; the photographs in both. */
export const GET = handled(async (request: Request) => {
  const as = new URL(request.url).searchParams.get('as');
  if (as !== 'tables' && as !== 'database') return refused(400, 'Say as tables or as database.');
  const { copies, clock } = workshop();
  const nowMs = clock.nowMs();
  const name = `pellucid-workshop-${new Date(nowMs).toISOString().slice(0, 10)}${as === 'database' ? '-database' : ''}.zip`;
  const archive = await copies.archive(as, nowMs);
  return new Response(Readable.toWeb(archive) as ReadableStream, {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
});
