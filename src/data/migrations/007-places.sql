-- Places of the workshop: jobs take theirs from here, each with a copy of its own.
CREATE TABLE places (
  id TEXT PRIMARY KEY,
  doc TEXT NOT NULL CHECK (json_valid(doc)),
  created_ms INTEGER NOT NULL,
  deleted_ms INTEGER
) STRICT;
