-- Standing orders: bakes that are wanted on the same days of every week.
CREATE TABLE orders (
  id              CHAR(36)     NOT NULL PRIMARY KEY,
  kitchen_id      CHAR(36)     NOT NULL,
  version         INT UNSIGNED NOT NULL,
  last_write_id   CHAR(36)     NOT NULL,
  last_write_hash CHAR(64)     NULL,
  updated_at      DATETIME(3)  NOT NULL,
  formula_id      CHAR(36)     NOT NULL,
  vessels         INT UNSIGNED NOT NULL CHECK (vessels BETWEEN 1 AND 200),
  due_min         INT UNSIGNED NOT NULL CHECK (due_min < 2880),
  for_whom        VARCHAR(120) NOT NULL,
  -- Days of the week as a list, Monday 1 (ISO 8601).
  weekdays        JSON         NOT NULL,
  archived        TINYINT(1)   NOT NULL DEFAULT 0,
  UNIQUE KEY order_of_kitchen (kitchen_id, id),
  CONSTRAINT order_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchens (id),
  CONSTRAINT order_formula FOREIGN KEY (kitchen_id, formula_id) REFERENCES formulas (kitchen_id, id)
);
