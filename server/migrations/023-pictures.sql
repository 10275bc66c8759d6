-- Pictures of a bake, each by itself; the book lists them without the picture itself.
CREATE TABLE bake_pictures (
  kitchen_id CHAR(36)     NOT NULL,
  bake_id    CHAR(36)     NOT NULL,
  id         CHAR(36)     NOT NULL,
  -- As it was said, to the millisecond: ISO 8601.
  at         VARCHAR(30)  NOT NULL,
  wide_px    INT UNSIGNED NOT NULL CHECK (wide_px BETWEEN 1 AND 4096),
  high_px    INT UNSIGNED NOT NULL CHECK (high_px BETWEEN 1 AND 4096),
  -- In base64, as it came.
  jpeg       MEDIUMTEXT   CHARACTER SET ascii NOT NULL CHECK (LENGTH(jpeg) <= 300000),
  PRIMARY KEY (bake_id, id),
  CONSTRAINT picture_bake FOREIGN KEY (kitchen_id, bake_id) REFERENCES bakes (kitchen_id, id) ON DELETE CASCADE
);
