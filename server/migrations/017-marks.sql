-- What is tapped while a day is worked: each tap by itself.
CREATE TABLE day_marks (
  kitchen_id CHAR(36)     NOT NULL,
  day_id     CHAR(36)     NOT NULL,
  id         CHAR(36)     NOT NULL,
  tap        CHAR(36)     NOT NULL,
  task       VARCHAR(200) NOT NULL,
  kind       VARCHAR(12)  NOT NULL CHECK (kind IN ('begun', 'paused', 'more', 'done', 'skipped')),
  -- As it was said, to the millisecond: ISO 8601.
  at         VARCHAR(30)  NOT NULL,
  minutes    INT UNSIGNED NULL CHECK (minutes BETWEEN 1 AND 1440),
  by_id      CHAR(36)     NULL,
  bake_id    CHAR(36)     NULL,
  grams      DOUBLE       NULL CHECK (grams BETWEEN 0 AND 1000000),
  celsius    DOUBLE       NULL CHECK (celsius BETWEEN -30 AND 350),
  note       VARCHAR(400) NULL,
  PRIMARY KEY (day_id, id),
  CONSTRAINT mark_day FOREIGN KEY (kitchen_id, day_id) REFERENCES days (kitchen_id, id) ON DELETE CASCADE
);

-- A bake that began with a task of a planned day.
ALTER TABLE bakes
  ADD COLUMN day_id   CHAR(36)     NULL,
  ADD COLUMN day_task VARCHAR(200) NULL,
  ADD CONSTRAINT bake_day FOREIGN KEY (kitchen_id, day_id) REFERENCES days (kitchen_id, id);
