-- Brackets join the shelf.
CREATE TABLE shelf_item_10 (
  kind     TEXT    NOT NULL CHECK (kind IN ('cars', 'circuits', 'pads', 'rotors', 'fluids', 'lines', 'ducts', 'calipers', 'cylinders', 'brackets')),
  id       TEXT    NOT NULL CHECK (length(id) BETWEEN 1 AND 80),
  name     TEXT    NOT NULL,
  origin   TEXT    NOT NULL CHECK (origin IN ('demo', 'own')),
  revision INTEGER NOT NULL CHECK (revision >= 1),
  archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)),
  body     TEXT    NOT NULL CHECK (json_valid(body)),
  version  INTEGER NOT NULL DEFAULT 1 CHECK (version >= 1),
  saved    TEXT,
  PRIMARY KEY (kind, id)
) STRICT, WITHOUT ROWID;
INSERT INTO shelf_item_10 (kind, id, name, origin, revision, archived, body, version, saved)
  SELECT kind, id, name, origin, revision, archived, body, version, saved FROM shelf_item;
DROP TABLE shelf_item;
ALTER TABLE shelf_item_10 RENAME TO shelf_item;
