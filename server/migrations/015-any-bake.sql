-- A bake that no oven sets is made of parts, each with its clock; it may have neither tin nor oven, and is read in its pan.
ALTER TABLE bakes
  ADD COLUMN parts JSON NULL,
  MODIFY vessel_id CHAR(36) NULL,
  MODIFY oven_id CHAR(36) NULL;
ALTER TABLE bake_readings
  MODIFY place VARCHAR(20) NOT NULL CHECK (place IN ('centre', 'halfRadius', 'rim', 'oven', 'pan'));
