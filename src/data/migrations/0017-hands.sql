-- The models of handwriting of the family, and whether a child writes print or joined letters; null where nobody has said.
ALTER TABLE family ADD COLUMN hands TEXT CHECK (hands IS NULL OR json_valid(hands));
ALTER TABLE child ADD COLUMN writes TEXT CHECK (writes IN ('print', 'joined'));
