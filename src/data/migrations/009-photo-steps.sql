-- Photographs of a step while it is under way: which one it was. The check on moments is widened by building anew.
CREATE TABLE photos_anew (
  id TEXT PRIMARY KEY,
  job_id TEXT NOT NULL REFERENCES jobs (id) ON DELETE CASCADE,
  part_id TEXT NOT NULL,
  moment TEXT NOT NULL CHECK (moment IN ('before', 'during', 'after')),
  bytes INTEGER NOT NULL CHECK (bytes > 0),
  created_ms INTEGER NOT NULL,
  deleted_ms INTEGER,
  note TEXT NOT NULL DEFAULT '',
  step TEXT NOT NULL DEFAULT ''
) STRICT;
INSERT INTO photos_anew (id, job_id, part_id, moment, bytes, created_ms, deleted_ms, note)
SELECT id, job_id, part_id, moment, bytes, created_ms, deleted_ms, note FROM photos;
DROP TABLE photos;
ALTER TABLE photos_anew RENAME TO photos;
CREATE INDEX photos_by_job ON photos (job_id, created_ms);
