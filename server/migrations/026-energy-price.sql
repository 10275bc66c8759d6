-- What the ovens' energy costs by the kilowatt hour, in the kitchen's currency; nothing where nobody has said.
ALTER TABLE kitchens ADD COLUMN kwh_price DOUBLE NULL CHECK (kwh_price BETWEEN 0 AND 100);
