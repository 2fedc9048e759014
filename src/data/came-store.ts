/** The air at a job's parts as it came, one row an hour. */
import type { AirHour } from '@/model/came';
import type { CameStore } from '@/usecases/ports';
import type { Db } from './db';
import { writing } from './write';

interface Row {
  readonly hour_ms: number;
  readonly panel_c: number;
  readonly gap_k: number;
  readonly rh_pct: number;
  readonly wind_ms: number;
  readonly cure_c: number;
}

export function cameStore(db: Db): CameStore {
  const of = db.prepare<[string], Row>(
    `SELECT hour_ms, panel_c, gap_k, rh_pct, wind_ms, cure_c FROM air_came WHERE job_id = ? ORDER BY hour_ms`,
  );
  // A job that is gone meanwhile takes nothing.
  const put = db.prepare(
    `INSERT OR IGNORE INTO air_came (job_id, hour_ms, panel_c, gap_k, rh_pct, wind_ms, cure_c)
     SELECT ?, ?, ?, ?, ?, ?, ? WHERE EXISTS (SELECT 1 FROM jobs WHERE id = ?)`,
  );
  return {
    of: (jobId) =>
      of
        .all(jobId)
        .map((r) => ({
          ms: r.hour_ms,
          panelC: r.panel_c,
          gapK: r.gap_k,
          rhPct: r.rh_pct,
          windMs: r.wind_ms,
          cureC: r.cure_c,
        })),
    keep: writing(db, (jobId: string, hours: readonly AirHour[]) => {
      for (const h of hours) put.run(jobId, h.ms, h.panelC, h.gapK, h.rhPct, h.windMs, h.cureC, jobId);
    }),
  };
}
