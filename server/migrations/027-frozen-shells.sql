-- Whether the shells of a bake of a day are in the freezer, lined.
ALTER TABLE day_bakes ADD COLUMN frozen_shell BOOLEAN NOT NULL DEFAULT FALSE;
