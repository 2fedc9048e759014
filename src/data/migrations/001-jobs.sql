-- Jobs as whole documents with a version; a deleted job stays until it is purged, so that undo works after a reload.
CREATE TABLE jobs (
  id TEXT PRIMARY KEY,
  version INTEGER NOT NULL CHECK (version >= 1),
  doc TEXT NOT NULL CHECK (json_valid(doc)),
  created_ms INTEGER NOT NULL,
  updated_ms INTEGER NOT NULL,
  deleted_ms INTEGER
) STRICT;
CREATE INDEX jobs_by_age ON jobs (deleted_ms, created_ms);
