-- How a book that leads a unit is read: aloud to everyone, alone by those named, or by the parent before the lesson.
ALTER TABLE pull ADD COLUMN read TEXT NOT NULL DEFAULT 'aloud' CHECK (read IN ('aloud', 'alone', 'beforehand'));

-- What can be undone and done again speaks of the same columns.
UPDATE change SET before = json_set(before, '$.read', 'aloud') WHERE table_name = 'pull' AND before IS NOT NULL;
UPDATE change SET after = json_set(after, '$.read', 'aloud') WHERE table_name = 'pull' AND after IS NOT NULL;
