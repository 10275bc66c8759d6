-- Builds: components beside the filling, what is kept back or used instead, how it is served.
ALTER TABLE formulas
  ADD COLUMN portions_each INT UNSIGNED NOT NULL DEFAULT 8 CHECK (portions_each BETWEEN 1 AND 200),
  ADD COLUMN loss_share DOUBLE NOT NULL DEFAULT 0 CHECK (loss_share BETWEEN 0 AND 0.3),
  ADD COLUMN archived BOOLEAN NOT NULL DEFAULT FALSE,
  MODIFY COLUMN shell VARCHAR(20) NOT NULL
    CHECK (shell IN ('sweet-dough', 'pie-dough', 'pressed-dough', 'crumb-shell', 'none'));

ALTER TABLE bakes
  MODIFY COLUMN shell VARCHAR(20) NOT NULL
    CHECK (shell IN ('sweet-dough', 'pie-dough', 'pressed-dough', 'crumb-shell', 'none'));

CREATE TABLE formula_parts (
  kitchen_id      CHAR(36)     NOT NULL,
  formula_id      CHAR(36)     NOT NULL,
  id              CHAR(36)     NOT NULL,
  position        INT UNSIGNED NOT NULL,
  name            VARCHAR(120) NOT NULL CHECK (name <> ''),
  kind            VARCHAR(30)  NOT NULL,
  place           VARCHAR(10)  NOT NULL CHECK (place IN ('shell', 'under', 'over', 'apart')),
  from_formula_id CHAR(36)     NULL,
  each_g          DOUBLE       NULL CHECK (each_g BETWEEN 0 AND 100000),
  vessels         INT UNSIGNED NULL CHECK (vessels BETWEEN 1 AND 200),
  PRIMARY KEY (formula_id, id),
  UNIQUE KEY part_position (formula_id, position),
  CONSTRAINT part_belongs FOREIGN KEY (kitchen_id, formula_id)
    REFERENCES formulas (kitchen_id, id) ON DELETE CASCADE,
  CONSTRAINT part_from_formula FOREIGN KEY (kitchen_id, from_formula_id)
    REFERENCES formulas (kitchen_id, id)
);

ALTER TABLE formula_lines
  ADD COLUMN part_id CHAR(36) NULL AFTER formula_id,
  ADD COLUMN held_back DOUBLE NULL CHECK (held_back >= 0),
  ADD COLUMN instead_ingredient_id VARCHAR(60) NULL,
  ADD COLUMN instead_amount DOUBLE NULL CHECK (instead_amount >= 0),
  ADD COLUMN instead_unit VARCHAR(20) NULL,
  ADD CONSTRAINT line_part FOREIGN KEY (formula_id, part_id)
    REFERENCES formula_parts (formula_id, id) ON DELETE CASCADE,
  ADD CONSTRAINT line_instead_is_whole CHECK (
    (instead_ingredient_id IS NULL) = (instead_amount IS NULL)
    AND (instead_ingredient_id IS NULL) = (instead_unit IS NULL)
  );

-- Every formula as it was kept, whole: shown and compared as a whole, never searched.
CREATE TABLE formula_versions (
  kitchen_id CHAR(36)     NOT NULL,
  formula_id CHAR(36)     NOT NULL,
  version    INT UNSIGNED NOT NULL,
  updated_at DATETIME(3)  NOT NULL,
  why        VARCHAR(240) NOT NULL,
  data       JSON         NOT NULL,
  PRIMARY KEY (formula_id, version),
  CONSTRAINT version_formula FOREIGN KEY (kitchen_id, formula_id)
    REFERENCES formulas (kitchen_id, id) ON DELETE CASCADE
);

-- What a kitchen knows of ingredients beyond the catalogue: prices, and what is really in them.
CREATE TABLE pantry (
  id            CHAR(36)     NOT NULL PRIMARY KEY,
  kitchen_id    CHAR(36)     NOT NULL,
  version       INT UNSIGNED NOT NULL,
  last_write_id CHAR(36)     NOT NULL,
  updated_at    DATETIME(3)  NOT NULL,
  ingredient_id VARCHAR(60)  NOT NULL CHECK (ingredient_id <> ''),
  price         DOUBLE       NULL CHECK (price >= 0),
  price_amount  DOUBLE       NULL CHECK (price_amount > 0),
  price_unit    VARCHAR(20)  NULL,
  own           JSON         NULL,
  UNIQUE KEY pantry_ingredient (kitchen_id, ingredient_id),
  CONSTRAINT pantry_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchens (id),
  CONSTRAINT pantry_price_is_whole CHECK (
    (price IS NULL) = (price_amount IS NULL) AND (price IS NULL) = (price_unit IS NULL)
  )
);

ALTER TABLE kitchens
  ADD COLUMN currency CHAR(3) NOT NULL DEFAULT 'EUR' CHECK (currency REGEXP BINARY '^[A-Z]{3}$');

-- Vessels of every shape; those that are not round by length and breadth, some only by what they hold.
ALTER TABLE vessels
  MODIFY COLUMN kind VARCHAR(20) NOT NULL CHECK (kind IN (
    'straight-tin', 'fluted-tin', 'ring', 'tartlet', 'pie-plate', 'springform', 'ramekin',
    'charlotte', 'tube', 'square', 'rectangle', 'oval', 'capacity'
  )),
  ADD COLUMN breadth_mm DOUBLE NULL CHECK (breadth_mm BETWEEN 30 AND 600),
  ADD COLUMN tube_mm DOUBLE NULL CHECK (tube_mm BETWEEN 10 AND 300),
  ADD COLUMN capacity_ml DOUBLE NULL CHECK (capacity_ml BETWEEN 20 AND 20000),
  ADD COLUMN loose_base BOOLEAN NOT NULL DEFAULT FALSE;
