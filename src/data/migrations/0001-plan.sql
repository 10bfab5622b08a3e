-- The plan. One row of `family` and `school_year` at most: a store holds one household.

CREATE TABLE family (
  id           TEXT PRIMARY KEY CHECK (id = 'family'),
  name         TEXT NOT NULL,
  lead_minutes INTEGER NOT NULL
) STRICT;

CREATE TABLE school_year (
  id               TEXT PRIMARY KEY CHECK (id = 'year'),
  starts           TEXT NOT NULL,
  ends             TEXT NOT NULL,
  weekdays         TEXT NOT NULL CHECK (json_valid(weekdays)),
  weeks_on         INTEGER NOT NULL,
  weeks_off        INTEGER NOT NULL,
  day_starts       INTEGER NOT NULL,
  midday_starts    INTEGER NOT NULL,
  afternoon_starts INTEGER NOT NULL,
  day_ends         INTEGER NOT NULL
) STRICT;

CREATE TABLE day_off (
  id       TEXT PRIMARY KEY,
  position INTEGER NOT NULL,
  first    TEXT NOT NULL,
  last     TEXT NOT NULL,
  label    TEXT NOT NULL
) STRICT;

CREATE TABLE child (
  id          TEXT PRIMARY KEY,
  position    INTEGER NOT NULL,
  name        TEXT NOT NULL,
  birth_month TEXT NOT NULL,
  hatch       TEXT NOT NULL,
  minutes     INTEGER NOT NULL
) STRICT;

CREATE TABLE child_rung (
  child_id TEXT NOT NULL REFERENCES child (id),
  skill    TEXT NOT NULL,
  rung     INTEGER NOT NULL CHECK (rung BETWEEN 1 AND 5),
  PRIMARY KEY (child_id, skill)
) STRICT;

CREATE TABLE unit (
  id               TEXT PRIMARY KEY,
  position         INTEGER NOT NULL,
  title            TEXT NOT NULL,
  starts           TEXT NOT NULL,
  wished_end       TEXT,
  lessons_per_week INTEGER,
  big_ideas        TEXT NOT NULL CHECK (json_valid(big_ideas)),
  passage          TEXT NOT NULL,
  start_kinds      TEXT NOT NULL CHECK (json_valid(start_kinds))
) STRICT;

CREATE TABLE unit_child (
  unit_id  TEXT NOT NULL REFERENCES unit (id),
  child_id TEXT NOT NULL REFERENCES child (id),
  position INTEGER NOT NULL,
  PRIMARY KEY (unit_id, child_id)
) STRICT;

CREATE TABLE lesson (
  id         TEXT PRIMARY KEY,
  unit_id    TEXT NOT NULL REFERENCES unit (id),
  position   INTEGER NOT NULL,
  title      TEXT NOT NULL,
  first_page INTEGER,
  last_page  INTEGER,
  topics     TEXT NOT NULL CHECK (json_valid(topics)),
  passage    TEXT NOT NULL
) STRICT;
CREATE INDEX lesson_unit ON lesson (unit_id);

-- Rungs up or down for one child in one lesson.
CREATE TABLE lesson_rung (
  lesson_id TEXT NOT NULL REFERENCES lesson (id),
  child_id  TEXT NOT NULL REFERENCES child (id),
  moved_by  INTEGER NOT NULL,
  PRIMARY KEY (lesson_id, child_id)
) STRICT;

CREATE TABLE part (
  id               TEXT PRIMARY KEY,
  lesson_id        TEXT NOT NULL REFERENCES lesson (id),
  position         INTEGER NOT NULL,
  kind             TEXT NOT NULL,
  title            TEXT NOT NULL,
  minutes          INTEGER,
  lead             TEXT NOT NULL,
  window           TEXT,
  everyone         INTEGER NOT NULL CHECK (everyone IN (0, 1)),
  fixed_date       TEXT,
  wait_after_hours INTEGER NOT NULL,
  wait_label       TEXT NOT NULL
) STRICT;
CREATE INDEX part_lesson ON part (lesson_id);

-- Who takes part, when it is not everyone in the unit.
CREATE TABLE part_child (
  part_id  TEXT NOT NULL REFERENCES part (id),
  child_id TEXT NOT NULL REFERENCES child (id),
  position INTEGER NOT NULL,
  PRIMARY KEY (part_id, child_id)
) STRICT;

CREATE TABLE book (
  id       TEXT PRIMARY KEY,
  position INTEGER NOT NULL,
  title    TEXT NOT NULL,
  authors  TEXT NOT NULL,
  label    TEXT NOT NULL,
  form     TEXT NOT NULL,
  pages    INTEGER,
  place    TEXT NOT NULL
) STRICT;

-- A book pulled for a unit, in a role.
CREATE TABLE pull (
  id       TEXT PRIMARY KEY,
  position INTEGER NOT NULL,
  unit_id  TEXT NOT NULL REFERENCES unit (id),
  book_id  TEXT NOT NULL REFERENCES book (id),
  role     TEXT NOT NULL,
  child_id TEXT REFERENCES child (id)
) STRICT;

-- Pages of a pulled book on a lesson.
CREATE TABLE book_use (
  id         TEXT PRIMARY KEY,
  position   INTEGER NOT NULL,
  pull_id    TEXT NOT NULL REFERENCES pull (id),
  lesson_id  TEXT NOT NULL REFERENCES lesson (id),
  first_page INTEGER,
  last_page  INTEGER
) STRICT;

CREATE TABLE assignment (
  part_id        TEXT NOT NULL REFERENCES part (id),
  child_id       TEXT NOT NULL REFERENCES child (id),
  rung           INTEGER NOT NULL CHECK (rung BETWEEN 1 AND 5),
  wording        TEXT NOT NULL,
  minutes        INTEGER NOT NULL,
  parent_minutes INTEGER NOT NULL,
  note           TEXT NOT NULL,
  by_hand        INTEGER NOT NULL CHECK (by_hand IN (0, 1)),
  PRIMARY KEY (part_id, child_id)
) STRICT;

CREATE TABLE sitting (
  id      TEXT PRIMARY KEY,
  part_id TEXT NOT NULL REFERENCES part (id),
  date    TEXT NOT NULL,
  window  TEXT NOT NULL,
  state   TEXT NOT NULL CHECK (state IN ('pencil', 'ink')),
  reason  TEXT NOT NULL CHECK (json_valid(reason))
) STRICT;
CREATE INDEX sitting_date ON sitting (date);

CREATE TABLE mark (
  id       TEXT PRIMARY KEY,
  part_id  TEXT NOT NULL REFERENCES part (id),
  child_id TEXT REFERENCES child (id),
  date     TEXT NOT NULL,
  outcome  TEXT NOT NULL CHECK (outcome IN ('done', 'missed')),
  note     TEXT NOT NULL
) STRICT;

-- Every write is a revision; its changes hold each row before and after it.
CREATE TABLE revision (
  number INTEGER PRIMARY KEY,
  label  TEXT NOT NULL,
  at     TEXT NOT NULL,
  -- done: can be undone; undone: can be redone; settled: neither.
  state  TEXT NOT NULL CHECK (state IN ('done', 'undone', 'settled'))
) STRICT;

CREATE TABLE change (
  revision   INTEGER NOT NULL REFERENCES revision (number),
  seq        INTEGER NOT NULL,
  table_name TEXT NOT NULL,
  before     TEXT CHECK (before IS NULL OR json_valid(before)),
  after      TEXT CHECK (after IS NULL OR json_valid(after)),
  PRIMARY KEY (revision, seq)
) STRICT;
