/** The families of filling; each sets by its own physics. */
export const FAMILIES = [
  'baked-custard',
  'batter-custard',
  'puree-custard',
  'fresh-cheese',
  'syrup-nut',
  'starch-cream',
  'starch-pudding',
  'curd',
  'nut-cream',
  'fruit-filling',
  'cold-set',
] as const;

export type Family = (typeof FAMILIES)[number];

/** What a shell is made of. */
export type DoughKind =
  'sweet-dough' | 'pie-dough' | 'pressed-dough' | 'crumb-shell' | 'bought-shell';

/** What is made beside the filling: sugar work, foams, glazes and what lies in or on it. */
export type FinishKind =
  | 'caramel'
  | 'syrup'
  | 'praline'
  | 'meringue-raw'
  | 'meringue-swiss'
  | 'meringue-italian'
  | 'whipped-cream'
  | 'glaze'
  | 'seal'
  | 'fruit-and-nuts'
  | 'other-part';

/** What a component of a build is; decides how it is judged. */
export type PartKind = DoughKind | Family | FinishKind;

/** Kinds in the order a bake is built: shells, fillings, what goes with them. */
export const PART_KINDS: readonly PartKind[] = [
  'sweet-dough',
  'pie-dough',
  'pressed-dough',
  'crumb-shell',
  'bought-shell',
  ...FAMILIES,
  'fruit-and-nuts',
  'caramel',
  'syrup',
  'praline',
  'meringue-raw',
  'meringue-swiss',
  'meringue-italian',
  'whipped-cream',
  'glaze',
  'seal',
  'other-part',
];

/** Whether a kind is a filling. */
export const isFamily = (kind: PartKind): kind is Family =>
  (FAMILIES as readonly string[]).includes(kind);
