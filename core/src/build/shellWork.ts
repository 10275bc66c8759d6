import type { PartKind, ShellKind } from '../formula';
import type { BuildPart } from './part';

/** The shell that a component of a kind makes; `undefined` where it makes none, or a bought one of whatever dough. */
export const shellOfKind = (kind: PartKind): Exclude<ShellKind, 'none'> | undefined =>
  kind === 'sweet-dough' ||
  kind === 'pie-dough' ||
  kind === 'pressed-dough' ||
  kind === 'crumb-shell'
    ? kind
    : undefined;

/** What has to be done for a shell: dough rolled out or pressed in, crumbs pressed in, nothing for a bought one. */
export type ShellWork = 'rolled' | 'pressed' | 'crumbs' | 'bought' | 'none';

const WORK: Readonly<Record<ShellKind, ShellWork>> = {
  'sweet-dough': 'rolled',
  'pie-dough': 'rolled',
  'pressed-dough': 'pressed',
  'crumb-shell': 'crumbs',
  none: 'none',
};

/** The component that a build's shell is made as; `undefined` where it has none. */
export const shellPartOf = <T extends Pick<BuildPart, 'kind' | 'place'>>(
  parts: readonly T[],
): T | undefined =>
  parts.find(
    ({ kind, place }) =>
      place === 'shell' && (kind === 'bought-shell' || shellOfKind(kind) !== undefined),
  );

/** What has to be done for the shell of a build: by its component, else by the shell it is said to have. */
export function shellWorkOf({
  shell,
  parts,
}: {
  readonly shell: ShellKind;
  readonly parts: readonly Pick<BuildPart, 'kind' | 'place'>[];
}): ShellWork {
  if (shell === 'none') return 'none';
  const part = shellPartOf(parts);
  if (part?.kind === 'bought-shell') return 'bought';
  return WORK[(part && shellOfKind(part.kind)) ?? shell];
}
