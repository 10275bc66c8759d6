-- What is there already before a day is shopped for: grams by ingredient, and eggs in shell.
ALTER TABLE days ADD COLUMN in_hand JSON NULL AFTER way;
