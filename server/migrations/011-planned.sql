-- What a bake was forecast from, whole: taken out again as a whole, never searched. None with those begun before it was kept.
ALTER TABLE bakes ADD COLUMN planned JSON NULL AFTER foreseen;
