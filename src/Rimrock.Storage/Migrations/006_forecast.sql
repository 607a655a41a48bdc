-- What was believed of a day on the evening before, as it was said then: never computed anew. One row a day of the log; model counts the physics that said it.
CREATE TABLE forecast (
  entry TEXT    NOT NULL PRIMARY KEY REFERENCES log_entry (id) ON DELETE CASCADE,
  model INTEGER NOT NULL CHECK (model >= 1),
  said  TEXT    NOT NULL,
  body  TEXT    NOT NULL CHECK (json_valid(body))
) STRICT, WITHOUT ROWID;
