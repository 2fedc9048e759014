/** The plans that owners went on with, one a job, beside the workshop: a memory like the plans themselves. */
import { agreedSchema, type Agreed } from '@/model/agreed';
import type { AgreedShelf } from '@/usecases/ports';
import { openMemory } from './plan-shelf';

const MOST_AGREED = 1000;

export function agreedShelf(folder: string): AgreedShelf {
  const db = openMemory(folder);
  if (!db) return { get: () => null, keep: () => undefined };
  db.exec(
    `CREATE TABLE IF NOT EXISTS agreed (job_id TEXT PRIMARY KEY, doc TEXT NOT NULL, at INTEGER NOT NULL) STRICT`,
  );
  const one = db.prepare<[string], { doc: string }>('SELECT doc FROM agreed WHERE job_id = ?');
  const put = db.prepare(
    `INSERT INTO agreed (job_id, doc, at) VALUES (?, ?, (SELECT coalesce(max(at), 0) + 1 FROM agreed))
     ON CONFLICT (job_id) DO UPDATE SET doc = excluded.doc, at = excluded.at`,
  );
  const trim = db.prepare(`DELETE FROM agreed WHERE at <= (SELECT max(at) FROM agreed) - ${MOST_AGREED}`);
  return {
    get: (jobId) => {
      const row = one.get(jobId);
      const read = row ? agreedSchema.safeParse(JSON.parse(row.doc)) : null;
      return read?.success ? read.data : null;
    },
    keep: (jobId, agreed: Agreed) => {
      put.run(jobId, JSON.stringify(agreed));
      trim.run();
    },
  };
}
