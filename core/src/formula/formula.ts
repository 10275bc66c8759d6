import type { PartKind } from './kinds';
import type { Line } from './line';

/** What the filling sits in: a shell baked beforehand, or the bare dish. */
export type ShellKind = 'sweet-dough' | 'pie-dough' | 'pressed-dough' | 'crumb-shell' | 'none';

export const SHELL_KINDS: readonly ShellKind[] = [
  'sweet-dough',
  'pie-dough',
  'pressed-dough',
  'crumb-shell',
  'none',
];

/** A formula as the cook composes it. */
export interface Formula {
  readonly name: string;
  /** What its list makes: a filling, a dough, a finish. */
  readonly family: PartKind;
  readonly shell: ShellKind;
  readonly lines: readonly Line[];
}
