-- What was measured in a place, or in the place of one job alone: ms and SI figures, NULL for what was not measured.
CREATE TABLE readings (
  id TEXT PRIMARY KEY,
  spot_of TEXT NOT NULL,
  spot_id TEXT NOT NULL,
  at_ms INTEGER NOT NULL,
  source TEXT NOT NULL,
  air_c REAL CHECK (air_c BETWEEN -40 AND 60),
  rh_pct REAL CHECK (rh_pct BETWEEN 0 AND 100),
  panel_c REAL CHECK (panel_c BETWEEN -40 AND 95),
  wind_ms REAL CHECK (wind_ms BETWEEN 0 AND 40),
  deleted_ms INTEGER
) STRICT;
CREATE INDEX readings_of ON readings (spot_of, spot_id, at_ms);
