-- What was believed of a bake when it was pulled, by its readings and by what was done to it.
ALTER TABLE bakes ADD COLUMN believed JSON NULL AFTER foreseen;
