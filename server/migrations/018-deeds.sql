-- What was done to a bake on its way, or happened to it: each by itself, as its readings are.
CREATE TABLE bake_deeds (
  kitchen_id CHAR(36)     NOT NULL,
  bake_id    CHAR(36)     NOT NULL,
  id         CHAR(36)     NOT NULL,
  at_s       DOUBLE       NOT NULL CHECK (at_s BETWEEN 0 AND 86400),
  kind       VARCHAR(12)  NOT NULL,
  celsius    DOUBLE       NULL CHECK (celsius BETWEEN -30 AND 350),
  door       VARCHAR(4)   NULL CHECK (door IN ('shut', 'ajar')),
  step       INT UNSIGNED NULL,
  for_s      DOUBLE       NULL CHECK (for_s BETWEEN 1 AND 600),
  vessels    INT UNSIGNED NULL CHECK (vessels BETWEEN 1 AND 200),
  trouble    VARCHAR(24)  NULL,
  PRIMARY KEY (bake_id, id),
  CONSTRAINT deed_bake FOREIGN KEY (kitchen_id, bake_id) REFERENCES bakes (kitchen_id, id) ON DELETE CASCADE
);
