-- Where the family lives, and the customs it has said itself; null where nobody has said.
ALTER TABLE family ADD COLUMN lives TEXT CHECK (lives IS NULL OR json_valid(lives));
