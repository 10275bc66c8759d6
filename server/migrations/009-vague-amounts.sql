-- An amount that nobody knows, or that goes in by eye: the amount beside it then counts for nothing.
ALTER TABLE formula_lines
  ADD COLUMN vague VARCHAR(10) NULL CHECK (vague IN ('unknown', 'by-eye')) AFTER unit;
