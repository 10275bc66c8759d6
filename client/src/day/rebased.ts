import type { DayData } from '@hollow-moon/contract';

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

interface Named {
  readonly id?: string;
  readonly bake?: string;
  readonly task?: string;
  readonly kind?: string;
}
/** What tells the entries of a list of a day apart; nothing where entries have no name. */
const keyOf = ({ id, bake, task, kind }: Named): string | undefined =>
  id ?? (task === undefined ? undefined : [bake, task, kind].join(' '));

const isNamedList = (value: unknown): value is readonly Named[] =>
  Array.isArray(value) && value.every((each: Named) => keyOf(each) !== undefined);

/** A list with what was changed from one state of it to another: what has come, gone or become another, and nothing else. */
function listRebased(
  from: readonly Named[],
  to: readonly Named[],
  now: readonly Named[],
): readonly Named[] {
  const byKey = (list: readonly Named[]) => new Map(list.map((each) => [keyOf(each), each]));
  const [before, after, here] = [byKey(from), byKey(to), byKey(now)];
  const stay = now.flatMap((each): readonly Named[] => {
    const key = keyOf(each);
    if (!before.has(key)) return [each];
    const changed = after.get(key);
    if (changed === undefined) return [];
    return [same(before.get(key), changed) ? each : changed];
  });
  const come = to.filter((each) => !before.has(keyOf(each)) && !here.has(keyOf(each)));
  return [...stay, ...come];
}

/**
 * A day as it is `now` with what was changed from one state of it to another, and only that: what somebody else has changed
 * meanwhile stays. Where both have changed the same, the change holds.
 */
export function rebased(from: DayData, to: DayData, now: DayData): DayData {
  if (same(from, now)) return to;
  const fields = (Object.keys(to) as (keyof DayData)[]).map((name) => {
    const [a, b, c] = [from[name], to[name], now[name]];
    if (same(a, b)) return [name, c];
    if (isNamedList(a) && isNamedList(b) && isNamedList(c)) return [name, listRebased(a, b, c)];
    return [name, b];
  });
  return { ...now, ...Object.fromEntries(fields) } as DayData;
}
