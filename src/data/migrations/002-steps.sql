-- What an edit replaced, so that it can be taken back after a reload or on another machine; newest last on each side.
CREATE TABLE job_steps (
  job_id TEXT NOT NULL REFERENCES jobs (id) ON DELETE CASCADE,
  side TEXT NOT NULL CHECK (side IN ('undo', 'redo')),
  seq INTEGER NOT NULL,
  what TEXT NOT NULL,
  doc TEXT NOT NULL CHECK (json_valid(doc)),
  at_ms INTEGER NOT NULL,
  PRIMARY KEY (job_id, side, seq)
) STRICT;
