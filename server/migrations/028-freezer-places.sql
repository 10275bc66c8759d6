-- Places that are free in the freezer of a day; days from before it was asked have a few.
ALTER TABLE days
  ADD COLUMN freezer_places INT UNSIGNED NOT NULL DEFAULT 8 CHECK (freezer_places <= 1000) AFTER fridge_places;
