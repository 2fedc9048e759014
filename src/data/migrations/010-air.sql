-- The air at a job's parts as it came, one row an hour: what dates rest on once it is over. °C, K, %, m/s.
CREATE TABLE air_came (
  job_id TEXT NOT NULL REFERENCES jobs (id) ON DELETE CASCADE,
  hour_ms INTEGER NOT NULL,
  panel_c REAL NOT NULL CHECK (panel_c BETWEEN -60 AND 120),
  gap_k REAL NOT NULL CHECK (gap_k BETWEEN -60 AND 90),
  rh_pct REAL NOT NULL CHECK (rh_pct BETWEEN 0 AND 100),
  wind_ms REAL NOT NULL CHECK (wind_ms BETWEEN 0 AND 60),
  cure_c REAL NOT NULL CHECK (cure_c BETWEEN -60 AND 120),
  PRIMARY KEY (job_id, hour_ms)
) STRICT;
