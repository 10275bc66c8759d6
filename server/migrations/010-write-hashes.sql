-- By its hash a write that is sent again is told from another under the same id.
ALTER TABLE kitchens ADD COLUMN last_write_hash CHAR(64) NULL AFTER last_write_id;
ALTER TABLE vessels ADD COLUMN last_write_hash CHAR(64) NULL AFTER last_write_id;
ALTER TABLE ovens ADD COLUMN last_write_hash CHAR(64) NULL AFTER last_write_id;
ALTER TABLE pantry ADD COLUMN last_write_hash CHAR(64) NULL AFTER last_write_id;
ALTER TABLE formulas ADD COLUMN last_write_hash CHAR(64) NULL AFTER last_write_id;
ALTER TABLE bakes ADD COLUMN last_write_hash CHAR(64) NULL AFTER last_write_id;
