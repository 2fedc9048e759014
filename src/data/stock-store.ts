/** The shelf in the database: an item and its change are written in one transaction, and nothing goes below zero. */
import { stockDraftSchema, type StockDraft, type StockItem, type StockMove } from '@/model/stock';
import type { StockStore } from '@/usecases/ports';
import type { Db } from './open';

interface Row {
  id: string;
  doc: string;
  remaining_ml: number;
}
interface MoveRow {
  seq: number;
  stock_id: string;
  at_ms: number;
  kind: string;
  before_ml: number;
  after_ml: number;
  note: string;
}

export function stockStore(db: Db): StockStore {
  const all = db.prepare<[], Row>(
    'SELECT id, doc, remaining_ml FROM stock WHERE deleted_ms IS NULL ORDER BY created_ms, id',
  );
  const one = db.prepare<[string], Row>(
    'SELECT id, doc, remaining_ml FROM stock WHERE id = ? AND deleted_ms IS NULL',
  );
  const gone = db.prepare<[string], Row>(
    'SELECT id, doc, remaining_ml FROM stock WHERE id = ? AND deleted_ms IS NOT NULL',
  );
  const insert = db.prepare('INSERT INTO stock (id, doc, remaining_ml, created_ms) VALUES (?, ?, ?, ?)');
  const write = db.prepare('UPDATE stock SET doc = ?, remaining_ml = ? WHERE id = ?');
  const mark = db.prepare('UPDATE stock SET deleted_ms = ? WHERE id = ?');
  const move = db.prepare(
    'INSERT INTO stock_moves (stock_id, at_ms, kind, before_ml, after_ml, note) VALUES (?, ?, ?, ?, ?, ?)',
  );
  const moves = db.prepare<[number], MoveRow>('SELECT * FROM stock_moves ORDER BY seq DESC LIMIT ?');
  const itemOf = (r: Row): StockItem => ({
    ...stockDraftSchema.parse(JSON.parse(r.doc)),
    remainingMl: r.remaining_ml,
    id: r.id,
  });
  const put = (id: string, draft: StockDraft): void => {
    write.run(JSON.stringify(draft), draft.remainingMl, id);
  };
  /** Off the shelf, or back on it; the move says how much was in it. */
  const setGone = db.transaction((id: string, off: boolean, nowMs: number): boolean => {
    const was = (off ? one : gone).get(id);
    if (!was) return false;
    mark.run(off ? nowMs : null, id);
    move.run(id, nowMs, off ? 'removed' : 'restored', was.remaining_ml, was.remaining_ml, '');
    return true;
  });
  return {
    list: () => all.all().map(itemOf),
    load: (id) => {
      const r = one.get(id);
      return r ? itemOf(r) : null;
    },
    add: db.transaction((id: string, draft: StockDraft, nowMs: number): void => {
      insert.run(id, JSON.stringify(draft), draft.remainingMl, nowMs);
      move.run(id, nowMs, 'added', 0, draft.remainingMl, '');
    }),
    change: db.transaction(
      (id: string, draft: StockDraft, kind: StockMove['kind'], note: string, nowMs: number): boolean => {
        const was = one.get(id);
        if (!was) return false;
        put(id, draft);
        move.run(id, nowMs, kind, was.remaining_ml, draft.remainingMl, note);
        return true;
      },
    ),
    take: db.transaction((id: string, ml: number, note: string, nowMs: number) => {
      const was = one.get(id);
      if (!was) return { kind: 'missing' as const };
      if (ml > was.remaining_ml + 1e-9) return { kind: 'too-little' as const, remainingMl: was.remaining_ml };
      const item = itemOf(was);
      const { id: _id, ...draft } = item;
      const remainingMl = Math.max(0, was.remaining_ml - ml);
      put(id, { ...draft, remainingMl });
      move.run(id, nowMs, 'used', was.remaining_ml, remainingMl, note);
      return { kind: 'taken' as const, remainingMl };
    }),
    remove: (id, nowMs) => setGone(id, true, nowMs),
    restore: (id, nowMs) => setGone(id, false, nowMs),
    moves: (most) =>
      moves
        .all(most)
        .map((m) => ({
          seq: m.seq,
          itemId: m.stock_id,
          atMs: m.at_ms,
          kind: m.kind as StockMove['kind'],
          beforeMl: m.before_ml,
          afterMl: m.after_ml,
          note: m.note,
        })),
  };
}
