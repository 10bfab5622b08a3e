-- What the family knows of a book: its contents, whom it suits, whether it was looked through, where it came from and where it is.
ALTER TABLE book ADD COLUMN year         INTEGER;
ALTER TABLE book ADD COLUMN language     TEXT NOT NULL DEFAULT '';
ALTER TABLE book ADD COLUMN chapters     TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(chapters));
ALTER TABLE book ADD COLUMN topics       TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(topics));
ALTER TABLE book ADD COLUMN listen_from  INTEGER;
ALTER TABLE book ADD COLUMN listen_to    INTEGER;
ALTER TABLE book ADD COLUMN read_from    INTEGER;
ALTER TABLE book ADD COLUMN read_to      INTEGER;
ALTER TABLE book ADD COLUMN preview      TEXT NOT NULL DEFAULT 'not seen';
ALTER TABLE book ADD COLUMN preview_note TEXT NOT NULL DEFAULT '';
ALTER TABLE book ADD COLUMN not_for      TEXT NOT NULL DEFAULT '[]' CHECK (json_valid(not_for));
ALTER TABLE book ADD COLUMN source       TEXT NOT NULL DEFAULT 'owned';
ALTER TABLE book ADD COLUMN price        INTEGER;
ALTER TABLE book ADD COLUMN state        TEXT NOT NULL DEFAULT 'here';
ALTER TABLE book ADD COLUMN state_note   TEXT NOT NULL DEFAULT '';
ALTER TABLE book ADD COLUMN condition    TEXT NOT NULL DEFAULT '';
