-- Whether the dough of a bake of a day is made by itself, though others take the same from the book.
ALTER TABLE day_bakes ADD COLUMN dough_apart BOOLEAN NOT NULL DEFAULT FALSE;
