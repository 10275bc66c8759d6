-- A day that is planned: what is wanted of it by when, who works, and how its plan was found.
CREATE TABLE days (
  id              CHAR(36)     NOT NULL PRIMARY KEY,
  kitchen_id      CHAR(36)     NOT NULL,
  version         INT UNSIGNED NOT NULL,
  last_write_id   CHAR(36)     NOT NULL,
  last_write_hash CHAR(64)     NULL,
  updated_at      DATETIME(3)  NOT NULL,
  name            VARCHAR(120) NOT NULL CHECK (name <> ''),
  day             DATE         NOT NULL,
  begins_min      INT          NOT NULL CHECK (begins_min BETWEEN -2880 AND 1440),
  rings           INT UNSIGNED NOT NULL CHECK (rings <= 20),
  mixers          INT UNSIGNED NOT NULL CHECK (mixers <= 10),
  fridge_places   INT UNSIGNED NOT NULL CHECK (fridge_places <= 1000),
  presence        DOUBLE       NOT NULL CHECK (presence BETWEEN 0 AND 1),
  locks           JSON         NOT NULL,
  changes         JSON         NOT NULL,
  now_min         INT          NULL CHECK (now_min BETWEEN -2880 AND 2880),
  way             JSON         NULL,
  archived        TINYINT(1)   NOT NULL DEFAULT 0,
  UNIQUE KEY day_of_kitchen (kitchen_id, id),
  CONSTRAINT day_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchens (id)
);

CREATE TABLE day_bakes (
  kitchen_id CHAR(36)     NOT NULL,
  day_id     CHAR(36)     NOT NULL,
  position   INT UNSIGNED NOT NULL,
  id         CHAR(36)     NOT NULL,
  formula_id CHAR(36)     NOT NULL,
  vessels    INT UNSIGNED NOT NULL CHECK (vessels BETWEEN 1 AND 200),
  due_min    INT UNSIGNED NOT NULL CHECK (due_min < 2880),
  for_whom   VARCHAR(120) NOT NULL,
  PRIMARY KEY (day_id, id),
  UNIQUE KEY day_bake_position (day_id, position),
  CONSTRAINT day_bake_day FOREIGN KEY (kitchen_id, day_id) REFERENCES days (kitchen_id, id) ON DELETE CASCADE,
  CONSTRAINT day_bake_formula FOREIGN KEY (kitchen_id, formula_id) REFERENCES formulas (kitchen_id, id)
);

CREATE TABLE day_people (
  kitchen_id CHAR(36)     NOT NULL,
  day_id     CHAR(36)     NOT NULL,
  position   INT UNSIGNED NOT NULL,
  id         CHAR(36)     NOT NULL,
  name       VARCHAR(120) NOT NULL CHECK (name <> ''),
  from_min   INT UNSIGNED NOT NULL CHECK (from_min < 1440),
  to_min     INT UNSIGNED NOT NULL CHECK (to_min > from_min AND to_min <= 2880),
  PRIMARY KEY (day_id, id),
  UNIQUE KEY day_person_position (day_id, position),
  CONSTRAINT day_person_day FOREIGN KEY (kitchen_id, day_id) REFERENCES days (kitchen_id, id) ON DELETE CASCADE
);

-- The room in an oven, where somebody has measured it.
ALTER TABLE ovens
  ADD COLUMN shelf_count INT UNSIGNED NULL CHECK (shelf_count BETWEEN 1 AND 20),
  ADD COLUMN shelf_length_mm DOUBLE NULL CHECK (shelf_length_mm BETWEEN 200 AND 2500),
  ADD COLUMN shelf_breadth_mm DOUBLE NULL CHECK (shelf_breadth_mm BETWEEN 200 AND 2500);
