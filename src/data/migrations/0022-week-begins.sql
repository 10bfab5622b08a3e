-- With which weekday the weeks of a year begin where every day is a school day; where not, the weekdays say it.
ALTER TABLE school_year ADD COLUMN week_begins INTEGER CHECK (week_begins BETWEEN 1 AND 7);

-- What can be undone and done again speaks of the same columns.
UPDATE change SET before = json_set(before, '$.week_begins', NULL) WHERE table_name = 'school_year' AND before IS NOT NULL;
UPDATE change SET after = json_set(after, '$.week_begins', NULL) WHERE table_name = 'school_year' AND after IS NOT NULL;
