/** Ticks of the shopping list. */
import type { Db } from './db';
import { writing } from './write';

export interface TickStore {
  list(): string[];
  set(key: string, on: boolean, nowMs: number): void;
  clear(): void;
}
export function tickStore(db: Db): TickStore {
  const all = db.prepare<[], { key: string }>('SELECT key FROM shopping_ticks ORDER BY key');
  const put = db.prepare(
    'INSERT INTO shopping_ticks (key, at_ms) VALUES (?, ?) ON CONFLICT (key) DO UPDATE SET at_ms = excluded.at_ms',
  );
  const drop = db.prepare('DELETE FROM shopping_ticks WHERE key = ?');
  const dropAll = db.prepare('DELETE FROM shopping_ticks');
  return {
    list: () => all.all().map((r) => r.key),
    set: writing(db, (key: string, on: boolean, nowMs: number) => {
      if (on) put.run(key, nowMs);
      else drop.run(key);
    }),
    clear: writing(db, () => {
      dropAll.run();
    }),
  };
}
