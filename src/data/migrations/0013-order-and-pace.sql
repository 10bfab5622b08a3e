-- A pace as a range: so many lessons a week, and up to so many where an end asks for it.
ALTER TABLE unit ADD COLUMN most_per_week INTEGER CHECK (most_per_week IS NULL OR most_per_week BETWEEN 1 AND 35);

-- Whether a lesson builds on those before it; one that does not may change places with others of its kind.
ALTER TABLE lesson ADD COLUMN builds_on INTEGER NOT NULL DEFAULT 1 CHECK (builds_on IN (0, 1));
