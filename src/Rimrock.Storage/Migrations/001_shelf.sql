-- Everything that can stand in a plan: one row an item, its content as JSON, its revision for safe editing.
CREATE TABLE shelf_item (
  kind     TEXT    NOT NULL CHECK (kind IN ('cars', 'circuits', 'pads', 'rotors', 'fluids')),
  id       TEXT    NOT NULL CHECK (length(id) BETWEEN 1 AND 80),
  name     TEXT    NOT NULL,
  origin   TEXT    NOT NULL CHECK (origin IN ('demo', 'own')),
  revision INTEGER NOT NULL CHECK (revision >= 1),
  body     TEXT    NOT NULL CHECK (json_valid(body)),
  PRIMARY KEY (kind, id)
) STRICT, WITHOUT ROWID;
