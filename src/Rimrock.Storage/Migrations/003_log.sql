-- What was written down of a car: days at the track, inspections, events ahead, paint kits, ticks of a work order. One row an entry.
CREATE TABLE log_entry (
  id       TEXT    NOT NULL PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 80),
  car      TEXT    NOT NULL CHECK (length(car) BETWEEN 1 AND 80),
  kind     TEXT    NOT NULL CHECK (kind IN ('session', 'inspection', 'event', 'kit', 'work')),
  day      TEXT    NOT NULL CHECK (day GLOB '[0-9][0-9][0-9][0-9]-[0-9][0-9]-[0-9][0-9]'),
  revision INTEGER NOT NULL CHECK (revision >= 1),
  body     TEXT    NOT NULL CHECK (json_valid(body))
) STRICT, WITHOUT ROWID;
CREATE INDEX log_entry_by_day ON log_entry (car, kind, day);
CREATE TABLE log_photo (
  id    TEXT    NOT NULL PRIMARY KEY CHECK (length(id) BETWEEN 1 AND 80),
  entry TEXT    NOT NULL REFERENCES log_entry (id) ON DELETE CASCADE,
  name  TEXT    NOT NULL,
  bytes BLOB    NOT NULL
) STRICT;
CREATE INDEX log_photo_by_entry ON log_photo (entry);
