-- Which of several vessels was read, looked at, turned or taken out.
ALTER TABLE bake_readings ADD COLUMN vessel_no INT UNSIGNED NULL CHECK (vessel_no BETWEEN 1 AND 200);
ALTER TABLE bake_wobbles ADD COLUMN vessel_no INT UNSIGNED NULL CHECK (vessel_no BETWEEN 1 AND 200);
ALTER TABLE bake_deeds ADD COLUMN vessel_no INT UNSIGNED NULL CHECK (vessel_no BETWEEN 1 AND 200);
