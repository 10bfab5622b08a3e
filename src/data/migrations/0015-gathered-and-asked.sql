-- More can have happened: a supply was used or bought, pages were printed, a kit was packed, small parts were counted out and
-- back; a prompt was asked and how it went, an objective was met and how far.
CREATE TABLE entry_now (
  id             TEXT PRIMARY KEY,
  position       INTEGER NOT NULL,
  at             TEXT NOT NULL,
  date           TEXT NOT NULL,
  kind           TEXT NOT NULL CHECK (
    kind IN (
      'done', 'missed', 'read', 'prepared', 'used', 'bought', 'printed', 'packed', 'counted', 'asked', 'checked', 'attended',
      'loved', 'noted', 'otherwise', 'longer', 'kept', 'help', 'early', 'withdrawn'
    )
  ),
  child_id       TEXT,
  adult_id       TEXT,
  part_id        TEXT,
  lesson_id      TEXT,
  objective_id   TEXT,
  prompt_id      TEXT,
  preparation_id TEXT,
  book_id        TEXT,
  about          TEXT NOT NULL CHECK (json_valid(about)),
  minutes        INTEGER,
  pages          INTEGER,
  letters        INTEGER,
  amount         REAL,
  unit           TEXT NOT NULL DEFAULT '',
  felt           TEXT CHECK (felt IN ('easy', 'right', 'hard')),
  grade          INTEGER CHECK (grade BETWEEN 1 AND 4),
  note           TEXT NOT NULL,
  file           TEXT,
  withdraws      TEXT
) STRICT;

INSERT INTO entry_now
SELECT
  id, position, at, date, kind, child_id, adult_id, part_id, NULL, NULL, prompt_id, preparation_id, book_id, about, minutes,
  pages, letters, NULL, '', felt, NULL, note, file, withdraws
FROM entry;

DROP TABLE entry;
ALTER TABLE entry_now RENAME TO entry;

-- From when on what is used and bought is counted: the moment at which the amount was said.
ALTER TABLE thing_in_house ADD COLUMN since TEXT;

-- Where the kit of a lesson stands, and what small parts in it are counted.
ALTER TABLE lesson ADD COLUMN kit_place TEXT NOT NULL DEFAULT '';
ALTER TABLE lesson ADD COLUMN kit_counts TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(kit_counts));

-- What comes back by itself takes supplies too; and what another adult leads the parent may lead as well.
ALTER TABLE rule ADD COLUMN supplies TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(supplies));
ALTER TABLE rule ADD COLUMN or_parent INTEGER NOT NULL DEFAULT 0 CHECK (or_parent IN (0, 1));
ALTER TABLE part ADD COLUMN or_parent INTEGER NOT NULL DEFAULT 0 CHECK (or_parent IN (0, 1));

-- Minutes a day for what is said again, how surely it is to be remembered, and how an hour counts that serves several subjects.
ALTER TABLE family ADD COLUMN recall TEXT NOT NULL DEFAULT '{"minutes":8,"retention":90}' CHECK (json_valid(recall));
ALTER TABLE family ADD COLUMN hours TEXT NOT NULL DEFAULT 'in full' CHECK (hours IN ('in full', 'shared'));

-- Whether kits are numbered through each unit or through the year.
ALTER TABLE family ADD COLUMN kit_numbers TEXT NOT NULL DEFAULT 'unit' CHECK (kit_numbers IN ('unit', 'year'));
