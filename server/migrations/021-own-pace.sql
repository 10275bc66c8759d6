-- What a task took beside what is usual for it, said with the tap that ends it; and the pace a day is planned at.
ALTER TABLE day_marks
  ADD COLUMN verb      VARCHAR(24) NULL,
  ADD COLUMN usual_min DOUBLE      NULL CHECK (usual_min > 0 AND usual_min <= 2880),
  ADD COLUMN took_min  DOUBLE      NULL CHECK (took_min >= 0 AND took_min <= 2880),
  ADD KEY mark_took (kitchen_id, verb, at);

ALTER TABLE days ADD COLUMN paces JSON NULL AFTER in_hand;
