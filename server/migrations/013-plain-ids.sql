-- Ids are plain and stable; what a cook reads is said by the words of the application.
UPDATE formulas SET family = 'puree-custard' WHERE family = 'purée-custard';
UPDATE formula_parts SET kind = 'puree-custard' WHERE kind = 'purée-custard';
UPDATE bake_faults SET fault = REPLACE(fault, ' ', '-');
UPDATE bake_wobbles SET motion = CASE motion
  WHEN 'as a liquid' THEN 'liquid'
  WHEN 'as a jelly' THEN 'jelly'
  WHEN 'not at all' THEN 'still'
  ELSE motion END;
