-- Whether a change gets along with any other: it only adds to what happened, so nobody who has not seen it is out of date.
ALTER TABLE revision ADD COLUMN commutes INTEGER NOT NULL DEFAULT 0 CHECK (commutes IN (0, 1));
