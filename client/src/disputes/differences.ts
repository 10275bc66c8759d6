import { say } from '@hollow-moon/words';
import { FIELDS, type Disputed, type Told } from './fields';

/** What two states of a thing have in which they differ, each in words. */
export interface Difference {
  readonly what: string;
  readonly mine: readonly string[];
  readonly theirs: readonly string[];
}

const isNothing = (value: unknown): boolean =>
  value === null || value === undefined || value === '';

const same = (a: unknown, b: unknown): boolean =>
  (isNothing(a) && isNothing(b)) || JSON.stringify(a) === JSON.stringify(b);

type Said = string | readonly string[];

const isList = (said: Said): said is readonly string[] => typeof said !== 'string';

/** What is said of one side; of a list only what the other has not. */
function beside(said: Said, other: Said): readonly string[] {
  if (!isList(said)) return [said];
  const more = isList(other) ? said.filter((each) => !other.includes(each)) : said;
  return more.length === 0 ? [say('outgoing.not-there')] : more;
}

/** Whether both say the same, in whatever order. */
const alike = (a: Said, b: Said): boolean =>
  same(isList(a) ? a.toSorted() : a, isList(b) ? b.toSorted() : b);

/** In what two states of one thing differ, field by field; what cannot be said in a few words is said to differ. */
export function differences(
  kind: Disputed,
  mine: object,
  theirs: object,
  told: Told,
): readonly Difference[] {
  const [here, there] = [mine, theirs] as Readonly<Record<string, unknown>>[];
  const rows = new Map<string, Difference>();
  for (const [name, field] of Object.entries(FIELDS[kind])) {
    const [a, b] = [here?.[name], there?.[name]];
    if (!field || same(a, b)) continue;
    const [what, says] = field;
    if (!says) {
      rows.set(what, { what, mine: [say('outgoing.as-here')], theirs: [say('outgoing.as-saved')] });
      continue;
    }
    const saying = (value: unknown) =>
      isNothing(value) ? say('outgoing.none') : says(value, told);
    const [x, y] = [saying(a), saying(b)];
    if (alike(x, y)) continue;
    rows.set(what, { what, mine: beside(x, y), theirs: beside(y, x) });
  }
  return [...rows.values()];
}
