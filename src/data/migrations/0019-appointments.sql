-- The family's other appointments: times at which somebody is not there for school.
CREATE TABLE appointment (
  id        TEXT PRIMARY KEY,
  position  INTEGER NOT NULL,
  title     TEXT NOT NULL,
  child_ids TEXT NOT NULL CHECK (json_valid(child_ids)),
  adult_ids TEXT NOT NULL CHECK (json_valid(adult_ids)),
  parent    INTEGER NOT NULL CHECK (parent IN (0, 1)),
  dates     TEXT NOT NULL CHECK (json_valid(dates)),
  starts    INTEGER NOT NULL,
  ends      INTEGER NOT NULL CHECK (starts < ends),
  read_from TEXT CHECK (read_from IS NULL OR json_valid(read_from))
) STRICT;
