/** The shelf in the database: an item and its change are written in one transaction, and nothing goes below zero. */
import { MOVE_KINDS, stockDraftSchema, type StockDraft, type StockItem, type StockMove } from '@/model/stock';
import type { MoveNote, StockStore } from '@/usecases/ports';
import type { Db } from './db';
import { writing } from './write';

interface Row {
  readonly id: string;
  readonly doc: string;
  readonly remaining_ml: number;
}
interface MoveRow {
  readonly seq: number;
  readonly stock_id: string;
  readonly at_ms: number;
  readonly kind: string;
  readonly before_ml: number;
  readonly after_ml: number;
  readonly note: string;
}

const COLUMNS = 'id, doc, remaining_ml';

function stockStatements(db: Db) {
  return {
    all: db.prepare<[], Row>(`SELECT ${COLUMNS} FROM stock WHERE deleted_ms IS NULL ORDER BY created_ms, id`),
    here: db.prepare<[string], Row>(`SELECT ${COLUMNS} FROM stock WHERE id = ? AND deleted_ms IS NULL`),
    gone: db.prepare<[string], Row>(`SELECT ${COLUMNS} FROM stock WHERE id = ? AND deleted_ms IS NOT NULL`),
    insert: db.prepare('INSERT INTO stock (id, doc, remaining_ml, created_ms) VALUES (?, ?, ?, ?)'),
    write: db.prepare('UPDATE stock SET doc = ?, remaining_ml = ? WHERE id = ?'),
    mark: db.prepare('UPDATE stock SET deleted_ms = ? WHERE id = ?'),
    move: db.prepare(
      'INSERT INTO stock_moves (stock_id, at_ms, kind, before_ml, after_ml, note) VALUES (?, ?, ?, ?, ?, ?)',
    ),
    moves: db.prepare<[number], MoveRow>('SELECT * FROM stock_moves ORDER BY seq DESC LIMIT ?'),
  };
}

/** What remains is a column of its own: it changes more often than the rest. */
const itemOf = (r: Row): StockItem => ({
  ...stockDraftSchema.parse(JSON.parse(r.doc)),
  remainingMl: r.remaining_ml,
  id: r.id,
});

/** A kind that a later version wrote is an edit to this one. */
const kindOf = (text: string): StockMove['kind'] => MOVE_KINDS.find((k) => k === text) ?? 'edited';

const moveOf = (moveRow: MoveRow): StockMove => ({
  seq: moveRow.seq,
  itemId: moveRow.stock_id,
  atMs: moveRow.at_ms,
  kind: kindOf(moveRow.kind),
  beforeMl: moveRow.before_ml,
  afterMl: moveRow.after_ml,
  note: moveRow.note,
});

export function stockStore(db: Db): StockStore {
  const sql = stockStatements(db);
  /** Writes an item and the change that led to it. */
  const put = (was: Row, draft: StockDraft, { kind, note }: MoveNote, nowMs: number): void => {
    sql.write.run(JSON.stringify(draft), draft.remainingMl, was.id);
    sql.move.run(was.id, nowMs, kind, was.remaining_ml, draft.remainingMl, note);
  };
  /** Off the shelf, or back on it; the move says how much was in it. */
  const setGone = writing(db, (id: string, off: boolean, nowMs: number): boolean => {
    const was = (off ? sql.here : sql.gone).get(id);
    if (!was) return false;
    sql.mark.run(off ? nowMs : null, id);
    sql.move.run(id, nowMs, off ? 'removed' : 'restored', was.remaining_ml, was.remaining_ml, '');
    return true;
  });
  return {
    list: () => sql.all.all().map(itemOf),
    load: (id) => {
      const row = sql.here.get(id);
      return row ? itemOf(row) : null;
    },
    add: writing(db, (id: string, draft: StockDraft, nowMs: number): void => {
      sql.insert.run(id, JSON.stringify(draft), draft.remainingMl, nowMs);
      sql.move.run(id, nowMs, 'added', 0, draft.remainingMl, '');
    }),
    change: writing(db, (id: string, draft: StockDraft, how: MoveNote, nowMs: number): boolean => {
      const was = sql.here.get(id);
      if (was) put(was, draft, how, nowMs);
      return was !== undefined;
    }),
    take: writing(db, (id: string, ml: number, note: string, nowMs: number) => {
      const was = sql.here.get(id);
      if (!was) return { kind: 'missing' as const };
      if (ml > was.remaining_ml + 1e-9) return { kind: 'too-little' as const, remainingMl: was.remaining_ml };
      const { id: _id, ...draft } = itemOf(was);
      const remainingMl = Math.max(0, was.remaining_ml - ml);
      put(was, { ...draft, remainingMl }, { kind: 'used', note }, nowMs);
      return { kind: 'taken' as const, remainingMl };
    }),
    remove: (id, nowMs) => setGone(id, true, nowMs),
    restore: (id, nowMs) => setGone(id, false, nowMs),
    moves: (most) => sql.moves.all(most).map(moveOf),
  };
}
