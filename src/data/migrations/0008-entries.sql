-- What happened is written down once and for good: entries, with what they were about. What is done, missed or read follows
-- from them, so marks and readings are not kept beside them.
CREATE TABLE entry (
  id             TEXT PRIMARY KEY,
  position       INTEGER NOT NULL,
  at             TEXT NOT NULL,
  date           TEXT NOT NULL,
  kind           TEXT NOT NULL CHECK (kind IN ('done', 'missed', 'read', 'prepared', 'asked', 'attended', 'withdrawn')),
  -- What it was of may be gone, so none of these is held to.
  child_id       TEXT,
  adult_id       TEXT,
  part_id        TEXT,
  prompt_id      TEXT,
  preparation_id TEXT,
  book_id        TEXT,
  about          TEXT NOT NULL CHECK (json_valid(about)),
  minutes        INTEGER,
  pages          INTEGER,
  letters        INTEGER,
  felt           TEXT CHECK (felt IN ('easy', 'right', 'hard')),
  note           TEXT NOT NULL,
  withdraws      TEXT
) STRICT;

CREATE TEMP TABLE happened AS
SELECT
  m.id, m.date, m.outcome AS kind, m.child_id, m.part_id, NULL AS book_id,
  json_object(
    'child', coalesce((SELECT name FROM child c WHERE c.id = m.child_id), ''),
    'unit', coalesce(u.title, ''),
    'lesson', coalesce(l.title, ''),
    'title', p.title,
    'kind', p.kind,
    'subject', '',
    'rung', coalesce(
      m.rung,
      (SELECT a.rung FROM assignment a WHERE a.part_id = m.part_id AND a.child_id = m.child_id)
    )
  ) AS about,
  m.minutes, NULL AS pages, m.letters, m.felt, m.note
FROM mark m
JOIN part p ON p.id = m.part_id
LEFT JOIN lesson l ON l.id = p.lesson_id
LEFT JOIN unit u ON u.id = coalesce(l.unit_id, p.unit_id)
UNION ALL
SELECT
  r.id, r.date, 'read', r.child_id, NULL, r.book_id,
  json_object(
    'child', (SELECT name FROM child c WHERE c.id = r.child_id),
    'unit', '', 'lesson', '',
    'title', coalesce((SELECT title FROM book b WHERE b.id = r.book_id), ''),
    'kind', '', 'subject', '', 'rung', NULL
  ),
  r.minutes, r.pages, NULL, NULL, ''
FROM reading r;

INSERT INTO entry (id, position, at, date, kind, child_id, part_id, book_id, about, minutes, pages, letters, felt, note)
SELECT
  id, row_number() OVER (ORDER BY date, id) - 1, date || 'T00:00:00.000Z', date, kind, child_id, part_id, book_id, about,
  minutes, pages, letters, felt, note
FROM happened;
DROP TABLE happened;

-- What can be undone speaks of entries too. A change that altered or took away a mark cannot be put that way: it and what
-- came before it stay as they are.
UPDATE revision SET state = 'settled'
WHERE number <= (
  SELECT coalesce(max(revision), 0) FROM change WHERE table_name IN ('mark', 'reading') AND before IS NOT NULL
);
DELETE FROM change WHERE revision IN (SELECT number FROM revision WHERE state = 'settled');
UPDATE change SET
  table_name = 'entry',
  after = json_object(
    'id', json_extract(after, '$.id'),
    'position', coalesce((SELECT position FROM entry e WHERE e.id = json_extract(change.after, '$.id')), 0),
    'at', json_extract(after, '$.date') || 'T00:00:00.000Z',
    'date', json_extract(after, '$.date'),
    'kind', coalesce(json_extract(after, '$.outcome'), 'read'),
    'child_id', json_extract(after, '$.child_id'),
    'adult_id', NULL,
    'part_id', json_extract(after, '$.part_id'),
    'prompt_id', NULL,
    'preparation_id', NULL,
    'book_id', json_extract(after, '$.book_id'),
    'about', coalesce(
      (SELECT about FROM entry e WHERE e.id = json_extract(change.after, '$.id')),
      '{"child":"","unit":"","lesson":"","title":"","kind":"","subject":"","rung":null}'
    ),
    'minutes', json_extract(after, '$.minutes'),
    'pages', json_extract(after, '$.pages'),
    'letters', json_extract(after, '$.letters'),
    'felt', json_extract(after, '$.felt'),
    'note', coalesce(json_extract(after, '$.note'), ''),
    'withdraws', NULL
  )
WHERE table_name IN ('mark', 'reading');

DROP TABLE mark;
DROP TABLE reading;
