-- What is borrowed and what the card allows; what a child has read; the real count of a book's words; a rule that goes through steps.
CREATE TABLE loan (
  id       TEXT PRIMARY KEY,
  position INTEGER NOT NULL,
  book_id  TEXT NOT NULL REFERENCES book (id),
  ref      TEXT NOT NULL,
  asked    TEXT,
  expected TEXT,
  ready    TEXT,
  fetched  TEXT,
  due      TEXT,
  renewals INTEGER NOT NULL,
  refused  TEXT NOT NULL,
  back     TEXT
) STRICT;

CREATE TABLE reading (
  id       TEXT PRIMARY KEY,
  child_id TEXT NOT NULL REFERENCES child (id),
  book_id  TEXT REFERENCES book (id),
  date     TEXT NOT NULL,
  pages    INTEGER NOT NULL,
  minutes  INTEGER NOT NULL
) STRICT;

ALTER TABLE family ADD COLUMN card TEXT CHECK (card IS NULL OR json_valid(card));
ALTER TABLE book ADD COLUMN words INTEGER;
ALTER TABLE rule ADD COLUMN steps TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(steps));
