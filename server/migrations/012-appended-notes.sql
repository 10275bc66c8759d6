-- Readings and wobble checks are added one by one, each by itself: they stand by their time, not by a place in a list.
ALTER TABLE bake_readings DROP COLUMN position;
ALTER TABLE bake_wobbles DROP COLUMN position;
-- What a cook made by mistake is put away, and can be brought back.
ALTER TABLE bakes ADD COLUMN archived BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE vessels ADD COLUMN archived BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE ovens ADD COLUMN archived BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE pantry ADD COLUMN archived BOOLEAN NOT NULL DEFAULT FALSE;
