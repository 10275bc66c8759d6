-- A water bath, where the vessels stand in one: all four, or none.
ALTER TABLE formulas
  ADD COLUMN bath_pan_length_mm DOUBLE NULL CHECK (bath_pan_length_mm BETWEEN 80 AND 1500),
  ADD COLUMN bath_pan_breadth_mm DOUBLE NULL CHECK (bath_pan_breadth_mm BETWEEN 80 AND 1500),
  ADD COLUMN bath_level_mm DOUBLE NULL CHECK (bath_level_mm BETWEEN 0 AND 200),
  ADD COLUMN bath_water_c DOUBLE NULL CHECK (bath_water_c BETWEEN 0 AND 100),
  ADD CONSTRAINT bath_is_whole CHECK (
    (bath_pan_length_mm IS NULL) = (bath_pan_breadth_mm IS NULL)
    AND (bath_pan_length_mm IS NULL) = (bath_level_mm IS NULL)
    AND (bath_pan_length_mm IS NULL) = (bath_water_c IS NULL)
  );
