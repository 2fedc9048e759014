import { fileAnswer, noSuchJob } from '@/app/api/answer';
import { handled } from '@/app/api/handled';
import { workshop } from '@/app/wiring';

/** One job as job.json: the file the command line reads and the bench brings in again. */
export const GET = handled(async (_request: Request, { params }: { params: Promise<{ id: string }> }) => {
  const stored = workshop().store.load((await params).id);
  if (!stored) return noSuchJob();
  const name =
    stored.job.name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 40) || 'job';
  return fileAnswer(`${JSON.stringify(stored.job, null, 2)}\n`, `${name}.job.json`, 'application/json');
});
