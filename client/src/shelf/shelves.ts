import type { FormulaData } from '@hollow-moon/contract';
import { isFamily, type PartKind } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { v4 as uuid } from 'uuid';
import type { KitchenBook } from '../book/book';
import { focusOn } from '../design';
import { newBegun } from '../drafts/drafts';
import { emptyFormula } from '../drafts/newFormula';
import { useAppDispatch, useAppSelector } from '../state/state';

export interface ListedFormula {
  readonly id: string;
  readonly data: FormulaData;
  readonly changed: boolean;
}

/** Shelves of the list: what bakes and sets, and what is made to go with it. */
const GROUPS: readonly (readonly [title: string, holds: (data: FormulaData) => boolean])[] = [
  [say('shelf.put-away'), (data) => data.archived],
  [say('shelf.baked-in-the-oven'), (data) => BAKED.has(data.family)],
  [say('shelf.stirred-or-set-cold'), (data) => isFamily(data.family)],
  [say('shelf.doughs-sugar-and-finishes'), () => true],
];

const BAKED: ReadonlySet<PartKind> = new Set([
  'baked-custard',
  'batter-custard',
  'puree-custard',
  'fresh-cheese',
  'syrup-nut',
  'nut-cream',
  'fruit-filling',
]);

/** Which words a formula is found by: its name, kind, and everything on its lists. */
export function wordsOf({ data }: ListedFormula, book: KitchenBook): string {
  const lists = [data.lines, ...data.parts.map((part) => part.lines)].flat();
  return [
    data.name,
    say(`part.${data.family}`),
    book.vessels.find((each) => each.id === data.vesselId)?.data.name ?? '',
    ...data.parts.map((part) => part.name),
    ...lists.map((line) => book.find(line.ingredientId)?.name ?? ''),
  ]
    .join(' ')
    .toLowerCase();
}

/** The formulas by shelf, in the order of the shelves; empty ones left out, what is put away last. */
export function grouped(rows: readonly ListedFormula[]): [string, ListedFormula[]][] {
  const shelves = new Map<string, ListedFormula[]>(GROUPS.map(([title]) => [title, []]));
  for (const row of rows) {
    const [title] = GROUPS.find(([, holds]) => holds(row.data))!;
    shelves.get(title)!.push(row);
  }
  const [away, ...others] = [...shelves];
  return [...others, away!].filter(([, of]) => of.length > 0);
}

/** The kitchen's formulas as they stand on this device, those begun here and not yet saved first. */
export function useFormulas(book: KitchenBook): ListedFormula[] {
  const drafts = useAppSelector((state) => state.drafts);
  const begun = Object.entries(drafts).filter(
    ([id]) => !book.formulas.some((each) => each.id === id),
  );
  return [
    ...begun.map(([id, draft]) => ({ id, data: draft.data, changed: true })),
    ...book.formulas.map(({ id, data }) => ({
      id,
      data: drafts[id]?.data ?? data,
      changed: id in drafts,
    })),
  ];
}

/** Begins a new formula and opens it. */
export function useBegin(): () => void {
  const dispatch = useAppDispatch();
  const { degrees } = useAppSelector((state) => state.settings.units);
  return () => {
    const id = uuid();
    dispatch(newBegun({ id, data: emptyFormula(degrees) }));
    router.navigate(`/formulas/${id}`);
    focusOn('start-title');
  };
}
