-- The kitchen and what stands in it. Every row belongs to a kitchen; the pair (kitchen_id, id) is
-- what other tables refer to, so that nothing can point into somebody else's kitchen.
CREATE TABLE kitchens (
  id            CHAR(36)     NOT NULL PRIMARY KEY,
  version       INT UNSIGNED NOT NULL,
  last_write_id CHAR(36)     NOT NULL,
  updated_at    DATETIME(3)  NOT NULL,
  name          VARCHAR(120) NOT NULL CHECK (name <> ''),
  egg_grade     VARCHAR(20)  NOT NULL,
  altitude_m    DOUBLE       NOT NULL CHECK (altitude_m BETWEEN -400 AND 5000),
  room_c        DOUBLE       NOT NULL CHECK (room_c BETWEEN -5 AND 50)
);

CREATE TABLE vessels (
  id               CHAR(36)     NOT NULL PRIMARY KEY,
  kitchen_id       CHAR(36)     NOT NULL,
  version          INT UNSIGNED NOT NULL,
  last_write_id    CHAR(36)     NOT NULL,
  updated_at       DATETIME(3)  NOT NULL,
  name             VARCHAR(120) NOT NULL CHECK (name <> ''),
  kind             VARCHAR(20)  NOT NULL CHECK (kind IN ('straight-tin', 'pie-plate', 'ramekin')),
  base_diameter_mm DOUBLE       NOT NULL CHECK (base_diameter_mm BETWEEN 30 AND 600),
  top_diameter_mm  DOUBLE       NOT NULL,
  height_mm        DOUBLE       NOT NULL CHECK (height_mm BETWEEN 5 AND 200),
  lip_mm           DOUBLE       NOT NULL CHECK (lip_mm BETWEEN 0 AND 40),
  material         VARCHAR(20)  NOT NULL CHECK (material IN ('bright-tin', 'dark-tin', 'glass', 'ceramic')),
  owned            INT UNSIGNED NOT NULL CHECK (owned BETWEEN 1 AND 500),
  UNIQUE KEY vessel_of_kitchen (kitchen_id, id),
  CONSTRAINT vessel_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchens (id),
  CONSTRAINT vessel_opens_upwards CHECK (top_diameter_mm >= base_diameter_mm AND top_diameter_mm <= 600)
);

CREATE TABLE ovens (
  id            CHAR(36)     NOT NULL PRIMARY KEY,
  kitchen_id    CHAR(36)     NOT NULL,
  version       INT UNSIGNED NOT NULL,
  last_write_id CHAR(36)     NOT NULL,
  updated_at    DATETIME(3)  NOT NULL,
  name          VARCHAR(120) NOT NULL CHECK (name <> ''),
  kind          VARCHAR(20)  NOT NULL CHECK (kind IN ('still', 'fan', 'deck')),
  offset_k      DOUBLE       NOT NULL CHECK (offset_k BETWEEN -60 AND 60),
  UNIQUE KEY oven_of_kitchen (kitchen_id, id),
  CONSTRAINT oven_kitchen FOREIGN KEY (kitchen_id) REFERENCES kitchens (id)
);
