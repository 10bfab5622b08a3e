-- Kinds of work of the family's own and its changes to those there are; moves, swaps and teaching part by part; how long work took.
CREATE TABLE work (
  id       TEXT PRIMARY KEY,
  position INTEGER NOT NULL,
  kind     TEXT NOT NULL,
  title    TEXT NOT NULL,
  skill    TEXT NOT NULL,
  versions TEXT NOT NULL CHECK (json_valid(versions))
) STRICT;
ALTER TABLE part ADD COLUMN work_id TEXT REFERENCES work (id);
ALTER TABLE part ADD COLUMN rung_moves TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(rung_moves));
ALTER TABLE part ADD COLUMN swaps TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(swaps));
ALTER TABLE part ADD COLUMN teaches TEXT;
ALTER TABLE mark ADD COLUMN minutes INTEGER CHECK (minutes >= 0);
ALTER TABLE mark ADD COLUMN letters INTEGER CHECK (letters >= 0);
