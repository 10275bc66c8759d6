import { FAMILIES, FAMILY_NAMES, type Analysis, type Family, type ShellKind } from '../formula';
import { judgeCrumb, judgeDough } from './dough';
import { judgeFinish, type FinishKind } from './finish';
import { judgeSetting } from './judge';
import type { PartVerdict } from './verdict';

export type DoughKind =
  'sweet-dough' | 'pie-dough' | 'pressed-dough' | 'crumb-shell' | 'bought-shell';

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

const isFamily = (kind: PartKind): kind is Family => (FAMILIES as readonly string[]).includes(kind);

const isDough = (kind: PartKind): kind is 'sweet-dough' | 'pie-dough' | 'pressed-dough' =>
  kind === 'sweet-dough' || kind === 'pie-dough' || kind === 'pressed-dough';

const BOUGHT: PartVerdict = {
  kind: 'not-judged',
  reason: 'A bought shell: its maker’s word on baking goes first.',
};
const NOTHING: PartVerdict = {
  kind: 'not-judged',
  reason: 'There is nothing on its list to judge yet.',
};

/**
 * Judges a component by what it is. A filling is judged as in {@link judgeSetting}; an empty list
 * answers `not-judged`, with the reason. Never throws.
 */
export function judgePart(analysis: Analysis, kind: PartKind, shell: ShellKind): PartVerdict {
  if (analysis.totalG <= 0) {
    return kind === 'bought-shell' ? BOUGHT : NOTHING;
  }
  if (isFamily(kind)) return judgeSetting(analysis, kind, shell);
  if (kind === 'crumb-shell') return judgeCrumb(analysis);
  if (kind === 'bought-shell') return BOUGHT;
  return isDough(kind) ? judgeDough(analysis, kind) : judgeFinish(analysis, kind);
}
