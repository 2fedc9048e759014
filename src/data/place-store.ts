/** The places of the workshop, kept as they were described. */
import { placeSchema, type Place } from '@/model/place';
import type { KeptPlace, PlaceStore } from '@/usecases/ports';
import type { Db } from './db';
import { writing } from './write';

interface Row {
  readonly id: string;
  readonly doc: string;
}

/** One that a later version wrote in a way of its own is passed over. */
function keptOf({ id, doc }: Row): KeptPlace[] {
  const place = placeSchema.safeParse(JSON.parse(doc)).data;
  return place ? [{ id, place }] : [];
}

export function placeStore(db: Db): PlaceStore {
  const all = db.prepare<[], Row>(
    'SELECT id, doc FROM places WHERE deleted_ms IS NULL ORDER BY created_ms, id',
  );
  const insert = db.prepare('INSERT INTO places (id, doc, created_ms) VALUES (?, ?, ?)');
  const write = db.prepare('UPDATE places SET doc = ? WHERE id = ? AND deleted_ms IS NULL');
  const mark = db.prepare('UPDATE places SET deleted_ms = ? WHERE id = ?');
  return {
    list: () => all.all().flatMap(keptOf),
    add: writing(db, (id: string, place: Place, nowMs: number): void => {
      insert.run(id, JSON.stringify(place), nowMs);
    }),
    change: writing(db, (id: string, place: Place) => write.run(JSON.stringify(place), id).changes > 0),
    remove: writing(db, (id: string, nowMs: number) => mark.run(nowMs, id).changes > 0),
    restore: writing(db, (id: string) => mark.run(null, id).changes > 0),
  };
}
