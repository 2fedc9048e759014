/** Forecasts that were typed in or brought in, kept with when they were told. */
import { remember } from '@/core/records/remember';
import { toldSchema, type KeptWeather, type Told } from '@/model/weather';
import type { WeatherStore } from '@/usecases/ports';
import type { Db } from './db';
import { writing } from './write';

interface Row {
  readonly id: string;
  readonly lat: number;
  readonly lon: number;
  readonly tz: string;
  readonly issued_ms: number;
  readonly told: string;
}

/** What was told, by its text: every page asks, and a forecast is thousands of figures. */
const read = new Map<string, Told | null>();
const MOST_READ = 120;
function toldOf(text: string): Told | null {
  return remember(read, text, MOST_READ, () => toldSchema.safeParse(JSON.parse(text)).data ?? null);
}

/** One that a later version wrote in a way of its own is passed over. */
function keptOf({ issued_ms, told: text, ...row }: Row): KeptWeather[] {
  const told = toldOf(text);
  return told ? [{ ...row, issuedMs: issued_ms, told }] : [];
}

export function weatherStore(db: Db): WeatherStore {
  const near = db.prepare<[number, number, number, number, number], Row>(
    `SELECT id, lat, lon, tz, issued_ms, told FROM weather
     WHERE deleted_ms IS NULL AND abs(lat - ?) <= ?
       AND min(abs(lon - ?), 360 - abs(lon - ?)) <= ?
     ORDER BY issued_ms DESC, rowid DESC LIMIT 60`,
  );
  const put = db.prepare(
    `INSERT INTO weather (id, lat, lon, tz, issued_ms, told) VALUES (?, ?, ?, ?, ?, ?)
     ON CONFLICT (id) DO UPDATE SET issued_ms = excluded.issued_ms, told = excluded.told`,
  );
  const mark = db.prepare('UPDATE weather SET deleted_ms = ? WHERE id = ?');
  return {
    near: ({ lat, lon }, withinDeg) =>
      near
        .all(lat, withinDeg, lon, lon, withinDeg / Math.max(Math.cos((lat * Math.PI) / 180), 0.05))
        .flatMap(keptOf),
    keep: writing(db, (kept: KeptWeather) => {
      const { id, lat, lon, tz, issuedMs, told } = kept;
      put.run(id, lat, lon, tz, issuedMs, JSON.stringify(told));
    }),
    remove: writing(db, (id: string, nowMs: number) => mark.run(nowMs, id).changes > 0),
    restore: writing(db, (id: string) => mark.run(null, id).changes > 0),
  };
}
