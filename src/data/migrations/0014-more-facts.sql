-- More can have happened: something was loved, noted, done in its other form, kept as a file of the work; a child called for
-- help, or was done early. The file lies in a folder beside the store, under this name.
CREATE TABLE entry_now (
  id             TEXT PRIMARY KEY,
  position       INTEGER NOT NULL,
  at             TEXT NOT NULL,
  date           TEXT NOT NULL,
  kind           TEXT NOT NULL CHECK (
    kind IN (
      'done', 'missed', 'read', 'prepared', 'asked', 'attended', 'loved', 'noted', 'otherwise', 'kept', 'help', 'early',
      'withdrawn'
    )
  ),
  child_id       TEXT,
  adult_id       TEXT,
  part_id        TEXT,
  prompt_id      TEXT,
  preparation_id TEXT,
  book_id        TEXT,
  about          TEXT NOT NULL CHECK (json_valid(about)),
  minutes        INTEGER,
  pages          INTEGER,
  letters        INTEGER,
  felt           TEXT CHECK (felt IN ('easy', 'right', 'hard')),
  note           TEXT NOT NULL,
  file           TEXT,
  withdraws      TEXT
) STRICT;

INSERT INTO entry_now
SELECT
  id, position, at, date, kind, child_id, adult_id, part_id, prompt_id, preparation_id, book_id, about, minutes, pages,
  letters, felt, note, NULL, withdraws
FROM entry;

DROP TABLE entry;
ALTER TABLE entry_now RENAME TO entry;

-- How one gets in from another device: the passphrase of the household, scrambled; and each child's own code, by which
-- their list is seen and ticked and nothing else. These are of this store and go into no file that is written for others.
CREATE TABLE household_key (
  id     INTEGER PRIMARY KEY CHECK (id = 1),
  secret TEXT NOT NULL,
  names  TEXT NOT NULL CHECK (json_valid(names))
) STRICT;

CREATE TABLE child_code (
  child_id TEXT PRIMARY KEY REFERENCES child (id) ON DELETE CASCADE,
  code     TEXT NOT NULL UNIQUE
) STRICT;

-- Minutes there are to prepare, on a day with school and on one without, and the weekdays one shops on.
ALTER TABLE school_year ADD COLUMN prep_school_day INTEGER NOT NULL DEFAULT 30 CHECK (prep_school_day BETWEEN 0 AND 600);
ALTER TABLE school_year ADD COLUMN prep_free_day INTEGER NOT NULL DEFAULT 60 CHECK (prep_free_day BETWEEN 0 AND 600);
ALTER TABLE school_year ADD COLUMN shop_weekdays TEXT NOT NULL DEFAULT '[6]' CHECK (json_valid(shop_weekdays));
