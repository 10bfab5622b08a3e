-- What is gathered before there is a lesson, what a part needs, and what comes back by itself.

ALTER TABLE family ADD COLUMN allergies TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(allergies));
ALTER TABLE family ADD COLUMN patterns  TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(patterns));

ALTER TABLE child ADD COLUMN mouths INTEGER NOT NULL DEFAULT 0 CHECK (mouths IN (0, 1));

ALTER TABLE school_year ADD COLUMN terms       TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(terms));
ALTER TABLE school_year ADD COLUMN short_days  TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(short_days));
ALTER TABLE school_year ADD COLUMN extra_days  TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(extra_days));
ALTER TABLE school_year ADD COLUMN target_days INTEGER;
ALTER TABLE school_year ADD COLUMN country     TEXT NOT NULL DEFAULT '';
ALTER TABLE school_year ADD COLUMN region      TEXT NOT NULL DEFAULT '';
ALTER TABLE day_off ADD COLUMN kind TEXT NOT NULL DEFAULT 'off';

ALTER TABLE unit ADD COLUMN waiting     INTEGER NOT NULL DEFAULT 0 CHECK (waiting IN (0, 1));
ALTER TABLE unit ADD COLUMN hoped_weeks INTEGER;
ALTER TABLE unit ADD COLUMN goals       TEXT NOT NULL DEFAULT '';
ALTER TABLE unit ADD COLUMN vocabulary  TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(vocabulary));
ALTER TABLE unit ADD COLUMN memory_work TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(memory_work));
ALTER TABLE unit ADD COLUMN taste       TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(taste));
ALTER TABLE unit ADD COLUMN money_limit INTEGER;
ALTER TABLE unit ADD COLUMN prep_limit  INTEGER;
ALTER TABLE unit ADD COLUMN shows       TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(shows));
ALTER TABLE unit ADD COLUMN season      TEXT;
ALTER TABLE unit ADD COLUMN wish        TEXT NOT NULL DEFAULT '';
ALTER TABLE unit ADD COLUMN deeper      INTEGER NOT NULL DEFAULT 0 CHECK (deeper IN (0, 1));
ALTER TABLE unit ADD COLUMN asked_by    TEXT REFERENCES child (id);

ALTER TABLE lesson ADD COLUMN objective     TEXT NOT NULL DEFAULT '';
ALTER TABLE lesson ADD COLUMN objective_ids TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(objective_ids));
ALTER TABLE lesson ADD COLUMN optional      INTEGER NOT NULL DEFAULT 0 CHECK (optional IN (0, 1));
ALTER TABLE lesson ADD COLUMN recall        TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(recall));

CREATE TABLE objective (
  id       TEXT PRIMARY KEY,
  unit_id  TEXT NOT NULL REFERENCES unit (id),
  position INTEGER NOT NULL,
  code     TEXT NOT NULL,
  wording  TEXT NOT NULL
) STRICT;

-- Asked along the way; open while there is no answer.
CREATE TABLE question (
  id       TEXT PRIMARY KEY,
  unit_id  TEXT NOT NULL REFERENCES unit (id),
  position INTEGER NOT NULL,
  child_id TEXT REFERENCES child (id),
  text     TEXT NOT NULL,
  asked    TEXT,
  answer   TEXT NOT NULL
) STRICT;

CREATE TABLE idea (
  id        TEXT PRIMARY KEY,
  unit_id   TEXT NOT NULL REFERENCES unit (id),
  position  INTEGER NOT NULL,
  text      TEXT NOT NULL,
  child_ids TEXT NOT NULL CHECK (json_valid(child_ids)),
  becomes   TEXT NOT NULL
) STRICT;

-- A part that comes back; without a unit it is the family's.
CREATE TABLE rule (
  id        TEXT PRIMARY KEY,
  unit_id   TEXT REFERENCES unit (id),
  position  INTEGER NOT NULL,
  title     TEXT NOT NULL,
  kind      TEXT NOT NULL,
  minutes   INTEGER NOT NULL,
  lead      TEXT NOT NULL,
  window    TEXT,
  child_ids TEXT CHECK (child_ids IS NULL OR json_valid(child_ids)),
  rhythm    TEXT NOT NULL CHECK (json_valid(rhythm)),
  piece     TEXT NOT NULL,
  amount    INTEGER,
  amount_of TEXT NOT NULL,
  assembly  TEXT CHECK (assembly IS NULL OR json_valid(assembly)),
  first     TEXT,
  last      TEXT
) STRICT;

-- An activity kept for another time.
CREATE TABLE outline (
  id               TEXT PRIMARY KEY,
  position         INTEGER NOT NULL,
  kind             TEXT NOT NULL,
  title            TEXT NOT NULL,
  minutes          INTEGER,
  lead             TEXT NOT NULL,
  window           TEXT,
  directions       TEXT NOT NULL,
  prediction       TEXT NOT NULL,
  outdoors         INTEGER NOT NULL CHECK (outdoors IN (0, 1)),
  indoors          TEXT NOT NULL,
  supplies         TEXT NOT NULL CHECK (json_valid(supplies)),
  preparations     TEXT NOT NULL CHECK (json_valid(preparations)),
  needs            TEXT NOT NULL CHECK (json_valid(needs)),
  wait_after_hours INTEGER NOT NULL,
  wait_label       TEXT NOT NULL,
  taste            TEXT
) STRICT;

-- A part may belong to a lesson, to a unit alone, or to the family.
CREATE TABLE part_of_any (
  id               TEXT PRIMARY KEY,
  lesson_id        TEXT REFERENCES lesson (id),
  unit_id          TEXT REFERENCES unit (id),
  rule_id          TEXT REFERENCES rule (id),
  position         INTEGER NOT NULL,
  kind             TEXT NOT NULL,
  title            TEXT NOT NULL,
  minutes          INTEGER,
  lead             TEXT NOT NULL,
  window           TEXT,
  directions       TEXT NOT NULL DEFAULT '',
  prediction       TEXT NOT NULL DEFAULT '',
  outdoors         INTEGER NOT NULL DEFAULT 0 CHECK (outdoors IN (0, 1)),
  indoors          TEXT NOT NULL DEFAULT '',
  supplies         TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(supplies)),
  preparations     TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(preparations)),
  needs            TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(needs)),
  everyone         INTEGER NOT NULL CHECK (everyone IN (0, 1)),
  optional         INTEGER NOT NULL DEFAULT 0 CHECK (optional IN (0, 1)),
  fixed_date       TEXT,
  weekday          INTEGER,
  earliest         TEXT,
  latest           TEXT,
  wait_after_hours INTEGER NOT NULL,
  wait_label       TEXT NOT NULL,
  seen             TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(seen))
) STRICT;
INSERT INTO part_of_any (id, lesson_id, position, kind, title, minutes, lead, window, everyone, fixed_date, wait_after_hours, wait_label)
  SELECT id, lesson_id, position, kind, title, minutes, lead, window, everyone, fixed_date, wait_after_hours, wait_label FROM part;
DROP TABLE part;
ALTER TABLE part_of_any RENAME TO part;
CREATE INDEX part_lesson ON part (lesson_id);
