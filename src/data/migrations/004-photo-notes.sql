-- A note to each photograph.
ALTER TABLE photos ADD COLUMN note TEXT NOT NULL DEFAULT '';
