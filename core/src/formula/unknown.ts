import { finding, type Finding } from '../result';
import type { Analysis, WeighedLine } from './analysis';

/** What a cook calls it: without its grade, as "whipping cream" of "Whipping cream, 36 %". */
export const plainName = ({ ingredient }: Pick<WeighedLine, 'ingredient'>): string =>
  (ingredient?.name ?? '').split(',')[0]!.toLowerCase();

/**
 * What cannot be told of a list, naming the one line that would unlock it (or the first of several); `undefined`
 * where every amount is known. Lines added by eye are no hindrance: they are left out of ratios and named.
 */
export function cannotTell({ unknown }: Pick<Analysis, 'unknown'>): Finding | undefined {
  const [line, ...more] = unknown;
  if (!line) return undefined;
  return finding('formula.cannot-tell', { name: plainName(line), more: more.length });
}

/** What a list's ratios leave out because it goes in by eye; `undefined` where nothing does. */
export function leftOutByEye({ byEye }: Pick<Analysis, 'byEye'>): Finding | undefined {
  return byEye.length === 0
    ? undefined
    : finding('formula.by-eye', { names: byEye.map(plainName) });
}
