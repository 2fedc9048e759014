-- Forecasts as they were told, for where and when: what plans rest on, and what the record compares.
CREATE TABLE weather (
  id TEXT PRIMARY KEY,
  lat REAL NOT NULL CHECK (lat BETWEEN -90 AND 90),
  lon REAL NOT NULL CHECK (lon BETWEEN -180 AND 180),
  tz TEXT NOT NULL,
  issued_ms INTEGER NOT NULL,
  told TEXT NOT NULL CHECK (json_valid(told)),
  deleted_ms INTEGER
) STRICT;
CREATE INDEX weather_of ON weather (issued_ms);
