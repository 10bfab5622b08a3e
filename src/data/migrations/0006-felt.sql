-- How a piece of work went for a child, and the rung it was on: the evidence for a rung up or down.
ALTER TABLE mark ADD COLUMN felt TEXT CHECK (felt IN ('easy', 'right', 'hard'));
ALTER TABLE mark ADD COLUMN rung INTEGER CHECK (rung BETWEEN 1 AND 5);
