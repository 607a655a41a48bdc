-- Lines and ducts join the shelf; an archived item is offered no longer, and stays for what refers to it.
CREATE TABLE shelf_item_2 (
  kind     TEXT    NOT NULL CHECK (kind IN ('cars', 'circuits', 'pads', 'rotors', 'fluids', 'lines', 'ducts')),
  id       TEXT    NOT NULL CHECK (length(id) BETWEEN 1 AND 80),
  name     TEXT    NOT NULL,
  origin   TEXT    NOT NULL CHECK (origin IN ('demo', 'own')),
  revision INTEGER NOT NULL CHECK (revision >= 1),
  archived INTEGER NOT NULL DEFAULT 0 CHECK (archived IN (0, 1)),
  body     TEXT    NOT NULL CHECK (json_valid(body)),
  PRIMARY KEY (kind, id)
) STRICT, WITHOUT ROWID;
INSERT INTO shelf_item_2 (kind, id, name, origin, revision, archived, body) SELECT kind, id, name, origin, revision, 0, body FROM shelf_item;
DROP TABLE shelf_item;
ALTER TABLE shelf_item_2 RENAME TO shelf_item;
