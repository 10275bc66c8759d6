-- The oven that a bake of a day is baked in on that day; null for its formula's.
ALTER TABLE day_bakes ADD COLUMN oven_id CHAR(36) NULL;
