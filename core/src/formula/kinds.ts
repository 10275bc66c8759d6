/** The families of filling; each sets by its own physics. */
export const FAMILIES = [
  'baked-custard',
  'batter-custard',
  'purée-custard',
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

/** What a cook calls each family. */
export const FAMILY_NAMES: Readonly<Record<Family, string>> = {
  'baked-custard': 'Baked custard',
  'batter-custard': 'Batter custard with fruit',
  'purée-custard': 'Vegetable-purée custard',
  'fresh-cheese': 'Fresh-cheese custard',
  'syrup-nut': 'Syrup and nut filling',
  'starch-cream': 'Stirred starch cream',
  'starch-pudding': 'Eggless starch pudding',
  curd: 'Curd',
  'nut-cream': 'Nut cream',
  'fruit-filling': 'Baked fruit filling',
  'cold-set': 'Gelatine or cold set',
};

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

const OTHER_NAMES: Readonly<Record<DoughKind | FinishKind, string>> = {
  'sweet-dough': 'Sweet dough, rolled',
  'pie-dough': 'Pie dough, rolled',
  'pressed-dough': 'Shortbread, pressed',
  'crumb-shell': 'Crumb shell',
  'bought-shell': 'Bought shell',
  'fruit-and-nuts': 'Fruit or nuts',
  caramel: 'Caramel',
  syrup: 'Poaching syrup',
  praline: 'Praline or brittle',
  'meringue-raw': 'Meringue, raw',
  'meringue-swiss': 'Meringue, Swiss',
  'meringue-italian': 'Meringue, Italian',
  'whipped-cream': 'Whipped cream',
  glaze: 'Glaze',
  seal: 'Seal on the base',
  'other-part': 'Something else',
};

/** What a cook calls each kind of component. */
export const PART_NAMES: Readonly<Record<PartKind, string>> = { ...OTHER_NAMES, ...FAMILY_NAMES };

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
