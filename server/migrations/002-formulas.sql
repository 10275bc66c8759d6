CREATE TABLE formulas (
  id                 CHAR(36)      NOT NULL PRIMARY KEY,
  kitchen_id         CHAR(36)      NOT NULL,
  version            INT UNSIGNED  NOT NULL,
  last_write_id      CHAR(36)      NOT NULL,
  updated_at         DATETIME(3)   NOT NULL,
  name               VARCHAR(120)  NOT NULL CHECK (name <> ''),
  family             VARCHAR(30)   NOT NULL,
  shell              VARCHAR(20)   NOT NULL CHECK (shell IN ('sweet-dough', 'pie-dough', 'none')),
  shell_thickness_mm DOUBLE        NOT NULL CHECK (shell_thickness_mm BETWEEN 0 AND 30),
  note               VARCHAR(4000) NOT NULL,
  vessel_id          CHAR(36)      NULL,
  vessel_count       INT UNSIGNED  NOT NULL CHECK (vessel_count BETWEEN 1 AND 200),
  headspace_mm       DOUBLE        NOT NULL CHECK (headspace_mm BETWEEN 0 AND 150),
  oven_id            CHAR(36)      NULL,
  set_c              DOUBLE        NOT NULL,
  filling_start_c    DOUBLE        NOT NULL,
  UNIQUE KEY formula_of_kitchen (kitchen_id, id),
  CONSTRAINT formula_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchens (id),
  CONSTRAINT formula_vessel FOREIGN KEY (kitchen_id, vessel_id) REFERENCES vessels (kitchen_id, id),
  CONSTRAINT formula_oven FOREIGN KEY (kitchen_id, oven_id) REFERENCES ovens (kitchen_id, id)
);

CREATE TABLE formula_lines (
  kitchen_id    CHAR(36)     NOT NULL,
  formula_id    CHAR(36)     NOT NULL,
  id            CHAR(36)     NOT NULL,
  position      INT UNSIGNED NOT NULL,
  ingredient_id VARCHAR(60)  NOT NULL CHECK (ingredient_id <> ''),
  amount        DOUBLE       NOT NULL CHECK (amount >= 0 AND amount <= 1000000),
  unit          VARCHAR(20)  NOT NULL,
  note          VARCHAR(240) NULL,
  PRIMARY KEY (formula_id, id),
  UNIQUE KEY line_position (formula_id, position),
  CONSTRAINT line_formula FOREIGN KEY (kitchen_id, formula_id)
    REFERENCES formulas (kitchen_id, id) ON DELETE CASCADE
);
