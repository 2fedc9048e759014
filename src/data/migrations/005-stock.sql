-- The shelf: packs that are here, and every change to them.
CREATE TABLE stock (
  id TEXT PRIMARY KEY,
  doc TEXT NOT NULL CHECK (json_valid(doc)),
  remaining_ml REAL NOT NULL CHECK (remaining_ml >= 0),
  created_ms INTEGER NOT NULL,
  deleted_ms INTEGER
) STRICT;
CREATE TABLE stock_moves (
  seq INTEGER PRIMARY KEY AUTOINCREMENT,
  stock_id TEXT NOT NULL REFERENCES stock(id),
  at_ms INTEGER NOT NULL,
  kind TEXT NOT NULL,
  before_ml REAL NOT NULL CHECK (before_ml >= 0),
  after_ml REAL NOT NULL CHECK (after_ml >= 0),
  note TEXT NOT NULL DEFAULT ''
) STRICT;
CREATE INDEX stock_moves_of ON stock_moves (stock_id, seq);
-- Lines of the shopping list that are ticked off.
CREATE TABLE shopping_ticks (key TEXT PRIMARY KEY, at_ms INTEGER NOT NULL) STRICT;
