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

-- What a thing on the shelf is by its form: how long it runs, its pieces, who can play, where its small parts are.
ALTER TABLE book ADD COLUMN minutes INTEGER;
ALTER TABLE book ADD COLUMN pieces INTEGER;
ALTER TABLE book ADD COLUMN players TEXT CHECK (players IS NULL OR json_valid(players));
ALTER TABLE book ADD COLUMN parts_place TEXT NOT NULL DEFAULT '';

-- What can be undone and done again speaks of the same columns.
UPDATE change SET before = json_set(before, '$.minutes', NULL, '$.pieces', NULL, '$.players', NULL, '$.parts_place', '')
  WHERE table_name = 'book' AND before IS NOT NULL;
UPDATE change SET after = json_set(after, '$.minutes', NULL, '$.pieces', NULL, '$.players', NULL, '$.parts_place', '')
  WHERE table_name = 'book' AND after IS NOT NULL;

-- So many of something each time can be a range.
ALTER TABLE rule ADD COLUMN amount_to INTEGER;
UPDATE change SET before = json_set(before, '$.amount_to', NULL) WHERE table_name = 'rule' AND before IS NOT NULL;
UPDATE change SET after = json_set(after, '$.amount_to', NULL) WHERE table_name = 'rule' AND after IS NOT NULL;
