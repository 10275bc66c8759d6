CREATE TABLE bakes (
  id              CHAR(36)      NOT NULL PRIMARY KEY,
  kitchen_id      CHAR(36)      NOT NULL,
  version         INT UNSIGNED  NOT NULL,
  last_write_id   CHAR(36)      NOT NULL,
  updated_at      DATETIME(3)   NOT NULL,
  formula_id      CHAR(36)      NOT NULL,
  vessel_id       CHAR(36)      NOT NULL,
  oven_id         CHAR(36)      NOT NULL,
  formula_name    VARCHAR(120)  NOT NULL,
  vessel_name     VARCHAR(120)  NOT NULL,
  oven_name       VARCHAR(120)  NOT NULL,
  vessel_count    INT UNSIGNED  NOT NULL CHECK (vessel_count BETWEEN 1 AND 200),
  shell           VARCHAR(20)   NOT NULL CHECK (shell IN ('sweet-dough', 'pie-dough', 'none')),
  set_c           DOUBLE        NOT NULL,
  filling_start_c DOUBLE        NOT NULL,
  surface_mm      DOUBLE        NOT NULL CHECK (surface_mm > 0),
  -- The forecast as it stood when the bake began: drawn and compared as a whole, never searched.
  foreseen        JSON          NOT NULL,
  started_at      DATETIME(3)   NOT NULL,
  pulled_at       DATETIME(3)   NULL,
  result          VARCHAR(10)   NULL CHECK (result IN ('good', 'fair', 'poor')),
  note            VARCHAR(4000) NOT NULL,
  UNIQUE KEY bake_of_kitchen (kitchen_id, id),
  KEY bake_by_time (kitchen_id, started_at),
  CONSTRAINT bake_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchens (id),
  CONSTRAINT bake_formula FOREIGN KEY (kitchen_id, formula_id) REFERENCES formulas (kitchen_id, id),
  CONSTRAINT bake_vessel FOREIGN KEY (kitchen_id, vessel_id) REFERENCES vessels (kitchen_id, id),
  CONSTRAINT bake_oven FOREIGN KEY (kitchen_id, oven_id) REFERENCES ovens (kitchen_id, id),
  CONSTRAINT bake_pulled_after_start CHECK (pulled_at IS NULL OR pulled_at >= started_at),
  CONSTRAINT bake_judged_after_pull CHECK (result IS NULL OR pulled_at IS NOT NULL)
);

CREATE TABLE bake_readings (
  kitchen_id CHAR(36)     NOT NULL,
  bake_id    CHAR(36)     NOT NULL,
  id         CHAR(36)     NOT NULL,
  position   INT UNSIGNED NOT NULL,
  at_s       DOUBLE       NOT NULL CHECK (at_s BETWEEN 0 AND 86400),
  place      VARCHAR(20)  NOT NULL CHECK (place IN ('centre', 'halfRadius', 'rim', 'oven')),
  celsius    DOUBLE       NOT NULL CHECK (celsius BETWEEN -30 AND 350),
  PRIMARY KEY (bake_id, id),
  CONSTRAINT reading_bake FOREIGN KEY (kitchen_id, bake_id)
    REFERENCES bakes (kitchen_id, id) ON DELETE CASCADE
);

CREATE TABLE bake_wobbles (
  kitchen_id  CHAR(36)     NOT NULL,
  bake_id     CHAR(36)     NOT NULL,
  id          CHAR(36)     NOT NULL,
  position    INT UNSIGNED NOT NULL,
  at_s        DOUBLE       NOT NULL CHECK (at_s BETWEEN 0 AND 86400),
  diameter_mm DOUBLE       NOT NULL CHECK (diameter_mm BETWEEN 0 AND 600),
  motion      VARCHAR(20)  NOT NULL,
  PRIMARY KEY (bake_id, id),
  CONSTRAINT wobble_bake FOREIGN KEY (kitchen_id, bake_id)
    REFERENCES bakes (kitchen_id, id) ON DELETE CASCADE
);

CREATE TABLE bake_faults (
  kitchen_id CHAR(36)     NOT NULL,
  bake_id    CHAR(36)     NOT NULL,
  fault      VARCHAR(30)  NOT NULL,
  position   INT UNSIGNED NOT NULL,
  PRIMARY KEY (bake_id, fault),
  CONSTRAINT fault_bake FOREIGN KEY (kitchen_id, bake_id)
    REFERENCES bakes (kitchen_id, id) ON DELETE CASCADE
);
