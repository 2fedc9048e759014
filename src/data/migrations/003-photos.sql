-- Photographs of parts, before and after; the pictures themselves lie beside the database as files named by id.
CREATE TABLE photos (
  id TEXT PRIMARY KEY,
  job_id TEXT NOT NULL REFERENCES jobs (id) ON DELETE CASCADE,
  part_id TEXT NOT NULL,
  moment TEXT NOT NULL CHECK (moment IN ('before', 'after')),
  bytes INTEGER NOT NULL CHECK (bytes > 0),
  created_ms INTEGER NOT NULL,
  deleted_ms INTEGER
) STRICT;
CREATE INDEX photos_by_job ON photos (job_id, created_ms);
