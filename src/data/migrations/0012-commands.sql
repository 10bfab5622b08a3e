-- Who made each revision, and what it touched, in words apart by spaces; what only added to what happened is one of them.
ALTER TABLE revision ADD COLUMN actor TEXT NOT NULL DEFAULT 'parent' CHECK (actor IN ('parent', 'child'));
ALTER TABLE revision ADD COLUMN touches TEXT NOT NULL DEFAULT 'plan';
UPDATE revision SET touches = 'happened' WHERE commutes = 1;
ALTER TABLE revision DROP COLUMN commutes;

-- A unit that is done, or that was enough: since when. What is left of it stands on no day.
ALTER TABLE unit ADD COLUMN closed_on TEXT CHECK (closed_on IS NULL OR date(closed_on) IS closed_on);

-- A lesson that is left out this time; it stays in its unit, and can be taken in again.
ALTER TABLE lesson ADD COLUMN left_out INTEGER NOT NULL DEFAULT 0 CHECK (left_out IN (0, 1));
