-- What a child's version of a part leaves behind, and what it takes.
ALTER TABLE assignment ADD COLUMN produces TEXT NOT NULL DEFAULT '';
ALTER TABLE assignment ADD COLUMN supplies TEXT NOT NULL DEFAULT '';
