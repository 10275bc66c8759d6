import type { Line } from './line';

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
  'cold-set': 'Gelatine or cold set',
};

/** What the filling sits in: a shell baked beforehand, or the bare dish. */
export type ShellKind = 'sweet-dough' | 'pie-dough' | 'none';

export const SHELL_KINDS: readonly ShellKind[] = ['sweet-dough', 'pie-dough', 'none'];

export const SHELL_NAMES: Readonly<Record<ShellKind, string>> = {
  'sweet-dough': 'Sweet dough',
  'pie-dough': 'Pie dough',
  none: 'No shell',
};

/** A formula as the cook composes it. */
export interface Formula {
  readonly name: string;
  readonly family: Family;
  readonly shell: ShellKind;
  readonly lines: readonly Line[];
}
