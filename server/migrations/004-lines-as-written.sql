-- What the cook wrote stays beside what was read of it.
ALTER TABLE formula_lines ADD COLUMN written VARCHAR(240) NULL AFTER note;
