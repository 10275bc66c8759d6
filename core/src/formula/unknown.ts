import type { Analysis, WeighedLine } from './analysis';

/** What a cook calls it: without its grade, as "whipping cream" of "Whipping cream, 36 %". */
export const plainName = ({ ingredient }: Pick<WeighedLine, 'ingredient'>): string =>
  ingredient?.name.split(',')[0]!.toLowerCase() ?? 'one line';

/**
 * What cannot be told of a list, naming the one line that would unlock it (or the first of several); `undefined`
 * where every amount is known. Lines added by eye are no hindrance: they are left out of ratios and named.
 */
export function cannotTell({ unknown }: Pick<Analysis, 'unknown'>): string | undefined {
  const [line, ...more] = unknown;
  if (!line) return undefined;
  const others = more.length === 0 ? '' : ` (and of ${more.length} more)`;
  return `Cannot tell until the amount of ${plainName(line)}${others} is known.`;
}

/** What a list's ratios leave out because it goes in by eye; `undefined` where nothing does. */
export function leftOutByEye({ byEye }: Pick<Analysis, 'byEye'>): string | undefined {
  return byEye.length === 0
    ? undefined
    : `Added by eye, and left out of the ratios: ${byEye.map(plainName).join(', ')}.`;
}
