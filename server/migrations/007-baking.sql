-- How the oven is used and where a bake cools, and how its empty shell is baked: documents, since they are
-- read and written whole; none is the plain case. How far an oven's thermostat swings, K.
ALTER TABLE formulas
  ADD COLUMN oven_use JSON NULL,
  ADD COLUMN shell_bake JSON NULL;
ALTER TABLE ovens
  ADD COLUMN swing_k DOUBLE NOT NULL DEFAULT 0 CHECK (swing_k BETWEEN 0 AND 40);
