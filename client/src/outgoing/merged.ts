const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

interface Named {
  readonly id?: string;
  readonly bake?: string;
  readonly task?: string;
  readonly kind?: string;
}
/** What tells the entries of a list apart; nothing where entries have no name. */
const keyOf = ({ id, bake, task, kind }: Named): string | undefined =>
  id ?? (task === undefined ? undefined : [bake, task, kind].join(' '));

const isNamedList = (value: unknown): value is readonly Named[] =>
  Array.isArray(value) && value.every((each: Named) => keyOf(each) !== undefined);

/** Figures by their names, as what is in hand by ingredient: each is changed by itself. A plan is not, it holds together. */
const isFigures = (value: unknown): value is object =>
  typeof value === 'object' &&
  value !== null &&
  !Array.isArray(value) &&
  Object.values(value).every((each) => typeof each === 'number' || isFigures(each));

export interface Merged<T> {
  readonly value: T;
  /** Whether nobody's change was passed over: the two have changed different things, or the same alike. */
  readonly clear: boolean;
}

/** One value; of an entry of a list `undefined` where it is not there. */
function valueMerged<T>(base: T, mine: T, theirs: T): Merged<T> {
  if (same(base, mine) || same(mine, theirs)) return { value: theirs, clear: true };
  if (same(base, theirs)) return { value: mine, clear: true };
  if (isNamedList(base) && isNamedList(mine) && isNamedList(theirs)) {
    return listMerged(base, mine, theirs) as Merged<T & readonly Named[]>;
  }
  if (isFigures(base) && isFigures(mine) && isFigures(theirs)) return merged(base, mine, theirs);
  return { value: mine, clear: false };
}

/** A list entry by entry, in their order; what only one has added comes last. */
function listMerged(
  base: readonly Named[],
  mine: readonly Named[],
  theirs: readonly Named[],
): Merged<readonly Named[]> {
  const byKey = (list: readonly Named[]) => new Map(list.map((each) => [keyOf(each), each]));
  const [before, here, there] = [byKey(base), byKey(mine), byKey(theirs)];
  const merged = [...new Set([...there.keys(), ...here.keys()])].map((key) =>
    valueMerged(before.get(key), here.get(key), there.get(key)),
  );
  return {
    value: merged.flatMap(({ value }) => (value === undefined ? [] : [value])),
    clear: merged.every(({ clear }) => clear),
  };
}

/**
 * A thing as two have made it, each from the same `base`: field by field, in lists whose entries have names entry by entry,
 * and of figures that have names figure by figure, with what either has changed. Where both have changed the same otherwise, it has mine, and is not clear.
 */
export function merged<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
  if (same(base, theirs)) return { value: mine, clear: true };
  const names = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])] as (keyof T)[];
  const fields = names.map(
    (name) => [name, valueMerged(base[name], mine[name], theirs[name])] as const,
  );
  // What is there no more is not there, and not nothing.
  const there = fields.filter(([, { value }]) => value !== undefined);
  return {
    value: Object.fromEntries(there.map(([name, { value }]) => [name, value])) as T,
    clear: fields.every(([, { clear }]) => clear),
  };
}
