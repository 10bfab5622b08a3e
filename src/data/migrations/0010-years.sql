-- School years that are over, each as a whole Hausplan JSON document of its own: it is looked at, and never changed.
CREATE TABLE closed_year (
  id TEXT PRIMARY KEY NOT NULL CHECK (length(id) BETWEEN 1 AND 64),
  position INTEGER NOT NULL CHECK (position >= 0),
  starts TEXT NOT NULL,
  ends TEXT NOT NULL,
  closed_at TEXT NOT NULL,
  body TEXT NOT NULL CHECK (json_valid(body)),
  CHECK (starts <= ends)
) STRICT;

-- What was measured of a child in years that are closed.
ALTER TABLE child ADD COLUMN measured TEXT NOT NULL DEFAULT '{"reading":null,"hand":null}' CHECK (json_valid(measured));
UPDATE change SET before = json_set(before, '$.measured', '{"reading":null,"hand":null}') WHERE table_name = 'child' AND before IS NOT NULL;
UPDATE change SET after = json_set(after, '$.measured', '{"reading":null,"hand":null}') WHERE table_name = 'child' AND after IS NOT NULL;
