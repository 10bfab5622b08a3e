-- More can have happened: something was judged for another time (keep, change, drop), a child gave their talk.
CREATE TABLE entry_now (
  id             TEXT PRIMARY KEY,
  position       INTEGER NOT NULL,
  at             TEXT NOT NULL,
  date           TEXT NOT NULL,
  kind           TEXT NOT NULL CHECK (
    kind IN (
      'done', 'missed', 'read', 'prepared', 'used', 'bought', 'printed', 'packed', 'counted', 'asked', 'checked', 'attended',
      'talked', 'loved', 'judged', 'noted', 'otherwise', 'longer', 'kept', 'help', 'early', 'withdrawn'
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

INSERT INTO entry_now SELECT * FROM entry;

DROP TABLE entry;
ALTER TABLE entry_now RENAME TO entry;

-- The unit that is taught again in this one, as it was called when it was closed; and its evening of talks.
ALTER TABLE unit ADD COLUMN repeats TEXT CHECK (repeats IS NULL OR json_valid(repeats));
ALTER TABLE unit ADD COLUMN talks TEXT CHECK (talks IS NULL OR json_valid(talks));

-- When a school day is kept, and how many of a hundred the family expects to keep.
ALTER TABLE family ADD COLUMN keeps TEXT NOT NULL DEFAULT '{"by":"anything","least":1}' CHECK (json_valid(keeps));
ALTER TABLE family ADD COLUMN days_expected INTEGER NOT NULL DEFAULT 90 CHECK (days_expected BETWEEN 10 AND 100);
