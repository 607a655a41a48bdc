-- When a row was last saved, UTC: two who changed the same thing are told whose is newer. Unknown for what was saved before.
ALTER TABLE shelf_item ADD COLUMN saved TEXT;
ALTER TABLE log_entry ADD COLUMN saved TEXT;
