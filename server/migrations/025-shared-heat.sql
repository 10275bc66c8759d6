-- What the oven is set to for a bake of a day, where it shares the heat of another; nothing where it is what its formula says.
ALTER TABLE day_bakes ADD COLUMN oven_c DOUBLE NULL CHECK (oven_c BETWEEN 50 AND 300);
