-- What was learnt from evidence, by the hash of that evidence; model counts the physics that learnt it. Nothing of it is lost that could not be learnt again.
CREATE TABLE belief (
  evidence TEXT    NOT NULL PRIMARY KEY,
  model    INTEGER NOT NULL CHECK (model >= 1),
  asked    TEXT    NOT NULL,
  body     BLOB    NOT NULL
) STRICT, WITHOUT ROWID;
