import { listed, outlookInShort, say } from '@hollow-moon/words';
import type { FormulaData, StoredFormula } from '@hollow-moon/contract';
import { isFamily, type PartKind } from '@hollow-moon/core';
import { router } from 'expo-router';
import { memo, useState } from 'react';
import { Text, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, icons, PlaceLink, Notice, Soft, TextField, Title, useWords } from '../design';
import { moonAtPull, useOutlook } from '../forecast';
import { Moon, moonInWords } from '../moon';
import type { KitchenBook } from '../book/book';
import { useAppDispatch, useAppSelector } from '../state/state';
import { newBegun } from '../drafts/drafts';
import { emptyFormula } from '../drafts/newFormula';

/** What stands in the list for one formula: its moon at the best pull and its verdict in a line. */
const FormulaRow = memo(function FormulaRow({
  id,
  data,
  changed,
  here,
  book,
}: {
  readonly id: string;
  readonly data: FormulaData;
  readonly changed: boolean;
  readonly here: boolean;
  readonly book: KitchenBook;
}) {
  const outlook = useOutlook(data, book, `list/${id}`, 'list');
  const verdict = outlookInShort({ ...outlook, temperature: useWords() });
  const moon = moonAtPull(outlook.forecast);
  const vessel = book.vessels.find((each) => each.id === data.vesselId);
  return (
    <PlaceLink
      to={`/formulas/${id}`}
      here={here}
      label={`${data.name}. ${verdict}`}
      testID={`formula-${id}`}
      className={`min-h-16 flex-row items-center gap-3 rounded border bg-sheet p-3 ${here ? 'border-ink' : 'border-line'}`}
    >
      <Moon {...moon} shell={data.shell !== 'none'} size={44} label={moonInWords(moon.state)} />
      <View className="min-w-0 flex-1">
        <Text className="font-read-strong text-base text-ink">{data.name}</Text>
        <Text className="font-read text-base text-ink" testID={`verdict-${id}`}>
          {verdict}
        </Text>
        <Soft>
          {[
            say(`part.${data.family}`),
            ...(isFamily(data.family)
              ? [
                  say(`shell.${data.shell}`).toLowerCase(),
                  vessel?.data.name ?? say('shelf.no-tin-yet'),
                ]
              : []),
          ]
            .concat(changed ? [say('shelf.not-kept-yet')] : [])
            .join(' · ')}
        </Soft>
      </View>
    </PlaceLink>
  );
});

interface ListedFormula {
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
function wordsOf({ data }: ListedFormula, book: KitchenBook): string {
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

/** The rows by shelf, in the order of the shelves; empty ones left out, what is put away last. */
function grouped(rows: readonly ListedFormula[]): [string, ListedFormula[]][] {
  const shelves = new Map<string, ListedFormula[]>(GROUPS.map(([title]) => [title, []]));
  for (const row of rows) {
    const [title] = GROUPS.find(([, holds]) => holds(row.data))!;
    shelves.get(title)!.push(row);
  }
  const [away, ...others] = [...shelves];
  return [...others, away!].filter(([, of]) => of.length > 0);
}

/** The formulas found, shelf by shelf. */
function Shelves({
  rows,
  book,
  openId,
}: {
  readonly rows: readonly ListedFormula[];
  readonly book: KitchenBook;
  readonly openId: string | undefined;
}) {
  return (
    <>
      {grouped(rows).map(([title, of]) => (
        <View key={title} className="gap-2">
          <Title level={2}>{title}</Title>
          <View role="list" className="gap-2">
            {of.map((row) => (
              <View key={row.id} role="listitem">
                <FormulaRow {...row} here={row.id === openId} book={book} />
              </View>
            ))}
          </View>
        </View>
      ))}
    </>
  );
}

/** Shows what was put away, or hides it again. */
function ShowPutAway({
  away,
  putAway,
  onAway,
}: {
  readonly away: boolean;
  readonly putAway: number;
  readonly onAway: (away: boolean) => void;
}) {
  return (
    <View className="self-start">
      <Button
        label={away ? say('shelf.hide-what-is-put-away') : say('shelf.show-put-away', { putAway })}
        pressed={away}
        onPress={() => onAway(!away)}
        testID="show-away"
      />
    </View>
  );
}

/** The kitchen's formulas, with those begun here and not yet kept. */
export const FormulaList = memo(function FormulaList({
  book,
  openId,
}: {
  readonly book: KitchenBook;
  readonly openId?: string;
}) {
  const dispatch = useAppDispatch();
  const drafts = useAppSelector((state) => state.drafts);
  const [sought, setSought] = useState('');
  const [away, setAway] = useState(false);
  const begin = () => {
    const id = uuid();
    dispatch(newBegun({ id, data: emptyFormula() }));
    router.navigate(`/formulas/${id}`);
  };
  const stored: readonly StoredFormula[] = book.formulas;
  const begun = Object.entries(drafts).filter(([id]) => !stored.some((each) => each.id === id));
  const all: ListedFormula[] = [
    ...begun.map(([id, draft]) => ({ id, data: draft.data, changed: true })),
    ...stored.map(({ id, data }) => ({
      id,
      data: drafts[id]?.data ?? data,
      changed: id in drafts,
    })),
  ];
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const rows = all.filter(
    (row) =>
      (away || !row.data.archived) &&
      (words.length === 0 || words.every((word) => wordsOf(row, book).includes(word))),
  );
  const putAway = all.filter((row) => row.data.archived).length;
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <View>
          <Title>{say('shelf.formulas')}</Title>
          <Soft>{book.kitchen.data.name}</Soft>
        </View>
        <Button label={say('shelf.new-formula')} icon={icons.add} onPress={begin} />
      </View>
      {all.length === 0 ? (
        <Notice
          kind="hint"
          actions={<Button label={say('shelf.new-formula')} weight="main" onPress={begin} />}
        >
          {say('shelf.no-formulas-yet-begin-with-eggs')}
        </Notice>
      ) : (
        <>
          <TextField
            label={say('shelf.find-by-name-tin-or-ingredient')}
            value={sought}
            onChange={setSought}
            testID="find-formula"
          />
          {rows.length === 0 ? (
            <Notice
              kind="hint"
              actions={<Button label={say('shelf.show-all')} onPress={() => setSought('')} />}
            >
              {say('shelf.nothing-here-has-in-it', {
                map: listed(words.map((word) => `“${word}”`)),
              })}
            </Notice>
          ) : null}
          <Shelves rows={rows} book={book} openId={openId} />
          {putAway > 0 ? <ShowPutAway away={away} putAway={putAway} onAway={setAway} /> : null}
        </>
      )}
    </View>
  );
});
