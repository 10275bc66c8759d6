-- What is done, in the cook's words: read and written whole, so one document; none where nobody wrote it down.
ALTER TABLE formulas ADD COLUMN steps JSON NULL AFTER note;
