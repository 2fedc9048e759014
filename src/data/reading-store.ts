/** What was measured, by place or job. */
import { READING_SOURCES, type KeptReading, type SpotId } from '@/model/reading';
import type { ReadingStore } from '@/usecases/ports';
import type { Db } from './db';
import { writing } from './write';

interface Row {
  readonly id: string;
  readonly at_ms: number;
  readonly source: string;
  readonly air_c: number | null;
  readonly rh_pct: number | null;
  readonly panel_c: number | null;
  readonly wind_ms: number | null;
}

const figure = <K extends string>(key: K, value: number | null): Partial<Record<K, number>> =>
  value === null ? {} : ({ [key]: value } as Record<K, number>);

const readingOf = (row: Row): KeptReading => ({
  id: row.id,
  ms: row.at_ms,
  // A source that a later version wrote is one that was typed in.
  source: READING_SOURCES.find((s) => s === row.source) ?? 'typed',
  ...figure('airC', row.air_c),
  ...figure('rhPct', row.rh_pct),
  ...figure('panelC', row.panel_c),
  ...figure('windMs', row.wind_ms),
});

export function readingStore(db: Db): ReadingStore {
  const of = db.prepare<[string, string, number, number], Row>(
    `SELECT id, at_ms, source, air_c, rh_pct, panel_c, wind_ms FROM readings
     WHERE spot_of = ? AND spot_id = ? AND at_ms >= ? AND deleted_ms IS NULL ORDER BY at_ms DESC LIMIT ?`,
  );
  const put = db.prepare(
    `INSERT OR IGNORE INTO readings (id, spot_of, spot_id, at_ms, source, air_c, rh_pct, panel_c, wind_ms)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
  );
  const mark = db.prepare('UPDATE readings SET deleted_ms = ? WHERE id = ?');
  return {
    of: (spot, sinceMs, most) => of.all(spot.of, spot.id, sinceMs, most).map(readingOf),
    keep: writing(db, (spot: SpotId, readings: readonly KeptReading[]) => {
      for (const r of readings)
        put.run(
          r.id,
          spot.of,
          spot.id,
          r.ms,
          r.source,
          r.airC ?? null,
          r.rhPct ?? null,
          r.panelC ?? null,
          r.windMs ?? null,
        );
    }),
    remove: writing(db, (id: string, nowMs: number) => mark.run(nowMs, id).changes > 0),
    restore: writing(db, (id: string) => mark.run(null, id).changes > 0),
  };
}
