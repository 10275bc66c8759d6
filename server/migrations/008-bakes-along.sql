-- Whether a component goes into the oven with the filling: on it, or raw under it.
ALTER TABLE formula_parts
  ADD COLUMN bakes_along BOOLEAN NOT NULL DEFAULT FALSE;
