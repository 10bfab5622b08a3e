-- Adults beside the parent, with the days and hours in which they are there.
CREATE TABLE adult (
  id TEXT PRIMARY KEY NOT NULL CHECK (length(id) BETWEEN 1 AND 64),
  position INTEGER NOT NULL CHECK (position >= 0),
  name TEXT NOT NULL,
  minutes INTEGER NOT NULL CHECK (minutes BETWEEN 0 AND 1440),
  weekdays TEXT NOT NULL CHECK (json_valid(weekdays)),
  starts INTEGER CHECK (starts BETWEEN 0 AND 1439),
  ends INTEGER CHECK (ends BETWEEN 0 AND 1439),
  CHECK (starts IS NULL OR ends IS NULL OR starts < ends)
) STRICT;

-- What is in the house and gets used up; without an amount there is always enough of it.
CREATE TABLE thing_in_house (
  id TEXT PRIMARY KEY NOT NULL CHECK (length(id) BETWEEN 1 AND 64),
  position INTEGER NOT NULL CHECK (position >= 0),
  name TEXT NOT NULL,
  amount REAL CHECK (amount > 0),
  unit TEXT NOT NULL
) STRICT;

ALTER TABLE family ADD COLUMN counts_for TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(counts_for));
ALTER TABLE school_year ADD COLUMN evening_starts INTEGER NOT NULL DEFAULT 1080 CHECK (evening_starts BETWEEN 0 AND 1439);
ALTER TABLE school_year ADD COLUMN evening_ends INTEGER NOT NULL DEFAULT 1200 CHECK (evening_ends BETWEEN 0 AND 1439);
ALTER TABLE unit ADD COLUMN subjects TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(subjects));
ALTER TABLE unit ADD COLUMN after TEXT REFERENCES unit (id) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE unit_child ADD COLUMN listens INTEGER NOT NULL DEFAULT 0 CHECK (listens IN (0, 1));
ALTER TABLE rule ADD COLUMN adult_id TEXT REFERENCES adult (id);
ALTER TABLE outline ADD COLUMN age_from INTEGER CHECK (age_from BETWEEN 0 AND 21);
ALTER TABLE outline ADD COLUMN age_to INTEGER CHECK (age_to BETWEEN 0 AND 21);
ALTER TABLE part ADD COLUMN age_from INTEGER CHECK (age_from BETWEEN 0 AND 21);
ALTER TABLE part ADD COLUMN age_to INTEGER CHECK (age_to BETWEEN 0 AND 21);
ALTER TABLE part ADD COLUMN adult_id TEXT REFERENCES adult (id);
ALTER TABLE part ADD COLUMN alternatives TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(alternatives));

-- A book may be the own reading of several children.
ALTER TABLE pull ADD COLUMN child_ids TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(child_ids));
UPDATE pull SET child_ids = json_array(child_id) WHERE child_id IS NOT NULL;
ALTER TABLE pull DROP COLUMN child_id;

-- Words, what is learnt by heart, prompts, supplies and preparations get an id of their own, which outlasts their wording.
UPDATE unit SET
  vocabulary = (SELECT json_group_array(json(json_set(value, '$.id', substr(unit.id, 1, 50) || '-w' || key))) FROM json_each(unit.vocabulary)),
  memory_work = (SELECT json_group_array(json_object('id', substr(unit.id, 1, 50) || '-m' || key, 'text', value)) FROM json_each(unit.memory_work));
UPDATE lesson SET
  recall = (SELECT json_group_array(json(json_set(value, '$.id', substr(lesson.id, 1, 50) || '-r' || key))) FROM json_each(lesson.recall));
UPDATE part SET
  supplies = (SELECT json_group_array(json(json_set(value, '$.id', substr(part.id, 1, 50) || '-s' || key))) FROM json_each(part.supplies)),
  preparations = (SELECT json_group_array(json(json_set(value, '$.id', substr(part.id, 1, 50) || '-p' || key))) FROM json_each(part.preparations));
UPDATE outline SET
  supplies = (SELECT json_group_array(json(json_set(value, '$.id', substr(outline.id, 1, 50) || '-s' || key))) FROM json_each(outline.supplies)),
  preparations = (SELECT json_group_array(json(json_set(value, '$.id', substr(outline.id, 1, 50) || '-p' || key))) FROM json_each(outline.preparations));

-- What can be undone and done again speaks of the same columns. Both sides of a change are brought up to date alike. A list
-- lies in a row as text, hence the || ''.
CREATE TEMP TABLE side AS
  SELECT revision, seq, table_name, 'before' AS which, before AS body FROM change WHERE before IS NOT NULL
  UNION ALL SELECT revision, seq, table_name, 'after', after FROM change WHERE after IS NOT NULL;
UPDATE side SET body = json_set(body, '$.counts_for', '{}') WHERE table_name = 'family';
UPDATE side SET body = json_set(body, '$.evening_starts', 1080, '$.evening_ends', 1200) WHERE table_name = 'school_year';
UPDATE side SET body = json_set(body, '$.listens', 0) WHERE table_name = 'unit_child';
UPDATE side SET body = json_set(body, '$.adult_id', NULL) WHERE table_name IN ('rule', 'part');
UPDATE side SET body = json_set(body, '$.alternatives', '[]') WHERE table_name = 'part';
UPDATE side SET body = json_set(body, '$.age_from', NULL, '$.age_to', NULL) WHERE table_name IN ('part', 'outline');
UPDATE side SET body = json_remove(json_set(body, '$.child_ids',
    CASE WHEN json_extract(body, '$.child_id') IS NULL THEN '[]' ELSE json_array(json_extract(body, '$.child_id')) || '' END), '$.child_id')
  WHERE table_name = 'pull';
UPDATE side SET body = json_set(body, '$.subjects', '[]', '$.after', NULL,
    '$.vocabulary', (SELECT json_group_array(json(json_set(value, '$.id', substr(json_extract(side.body, '$.id'), 1, 50) || '-w' || key))) FROM json_each(json_extract(side.body, '$.vocabulary'))) || '',
    '$.memory_work', (SELECT json_group_array(json_object('id', substr(json_extract(side.body, '$.id'), 1, 50) || '-m' || key, 'text', value)) FROM json_each(json_extract(side.body, '$.memory_work'))) || '')
  WHERE table_name = 'unit';
UPDATE side SET body = json_set(body,
    '$.recall', (SELECT json_group_array(json(json_set(value, '$.id', substr(json_extract(side.body, '$.id'), 1, 50) || '-r' || key))) FROM json_each(json_extract(side.body, '$.recall'))) || '')
  WHERE table_name = 'lesson';
UPDATE side SET body = json_set(body,
    '$.supplies', (SELECT json_group_array(json(json_set(value, '$.id', substr(json_extract(side.body, '$.id'), 1, 50) || '-s' || key))) FROM json_each(json_extract(side.body, '$.supplies'))) || '',
    '$.preparations', (SELECT json_group_array(json(json_set(value, '$.id', substr(json_extract(side.body, '$.id'), 1, 50) || '-p' || key))) FROM json_each(json_extract(side.body, '$.preparations'))) || '')
  WHERE table_name IN ('part', 'outline');
UPDATE change SET
  before = (SELECT body FROM side s WHERE s.revision = change.revision AND s.seq = change.seq AND s.which = 'before'),
  after = (SELECT body FROM side s WHERE s.revision = change.revision AND s.seq = change.seq AND s.which = 'after');
DROP TABLE side;
