import { listed, say } from '@hollow-moon/words';
import { lazy, memo, Suspense, useState } from 'react';
import { View } from 'react-native';
import { Pass } from '../bake/Pass';
import type { KitchenBook } from '../book/book';
import { Button, icons, Notice, Soft, TextField, Title } from '../design';
import { Hollow, Margin } from '../layout';
import { FormulaTile } from './FormulaTile';
import { grouped, useBegin, useFormulas, wordsOf, type ListedFormula } from './shelves';

/** What is next by the plan, fetched once the shelf is there. */
const Today = lazy(() => import('../day').then((all) => ({ default: all.Today })));

/** The formulas found, shelf by shelf, as moons in a grid. */
function Shelves({
  rows,
  book,
}: {
  readonly rows: readonly ListedFormula[];
  readonly book: KitchenBook;
}) {
  return (
    <>
      {grouped(rows).map(([title, of]) => (
        <View key={title} className="border-y border-line bg-sheet pb-2 pt-3">
          <View className="px-4 pb-1">
            <Title level={2}>{title}</Title>
          </View>
          <View role="list" className="flex-row flex-wrap px-1">
            {of.map((row) => (
              <View key={row.id} role="listitem" className="w-1/3 p-0.5 sm:w-36">
                <FormulaTile {...row} here={false} book={book} />
              </View>
            ))}
          </View>
        </View>
      ))}
    </>
  );
}

/** What is looked for, and whether what was put away is shown too. */
function Find({
  sought,
  onSought,
  away,
  onAway,
  putAway,
}: {
  readonly sought: string;
  readonly onSought: (sought: string) => void;
  readonly away: boolean;
  readonly onAway: (away: boolean) => void;
  readonly putAway: number;
}) {
  return (
    <View className="gap-2">
      <TextField
        label={say('shelf.find-by-name-tin-or-ingredient')}
        value={sought}
        onChange={onSought}
        testID="find-formula"
      />
      {putAway > 0 ? (
        <View className="self-start">
          <Button
            label={
              away ? say('shelf.hide-what-is-put-away') : say('shelf.show-put-away', { putAway })
            }
            pressed={away}
            onPress={() => onAway(!away)}
            testID="show-away"
          />
        </View>
      ) : null}
    </View>
  );
}

/** The pass, with what is in the oven, then the shelf of the kitchen's formulas. */
export const FormulaList = memo(function FormulaList({ book }: { readonly book: KitchenBook }) {
  const begin = useBegin();
  const all = useFormulas(book);
  const [finding, setFinding] = useState(false);
  const [sought, setSought] = useState('');
  const [away, setAway] = useState(false);
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const rows = all.filter(
    (row) =>
      (away || !row.data.archived) &&
      (words.length === 0 || words.every((word) => wordsOf(row, book).includes(word))),
  );
  return (
    <>
      <Margin>
        <View className="flex-row items-center gap-2">
          <View className="min-w-0 flex-1">
            <Title>{say('shelf.formulas')}</Title>
            <Soft>{book.kitchen.data.name}</Soft>
          </View>
          {all.length === 0 ? null : (
            <Button
              label={say('shelf.find')}
              icon={icons.find}
              iconOnly
              pressed={finding}
              testID="open-find"
              onPress={() => {
                // Shut, it hides nothing.
                if (finding) setSought('');
                setFinding(!finding);
              }}
            />
          )}
          <Button
            label={say('shelf.new-formula')}
            icon={icons.add}
            testID="new-formula"
            onPress={begin}
          />
        </View>
        {finding ? (
          <Find
            sought={sought}
            onSought={setSought}
            away={away}
            onAway={setAway}
            putAway={all.filter((row) => row.data.archived).length}
          />
        ) : null}
        {all.length === 0 ? (
          <Hollow kind="empty" says={say('shelf.no-formulas-yet-begin-with-eggs')}>
            <Button label={say('shelf.new-formula')} weight="main" onPress={begin} />
          </Hollow>
        ) : rows.length === 0 ? (
          <Notice
            kind="hint"
            actions={<Button label={say('shelf.show-all')} onPress={() => setSought('')} />}
          >
            {say('shelf.nothing-here-has-in-it', {
              map: listed(words.map((word) => `“${word}”`)),
            })}
          </Notice>
        ) : null}
      </Margin>
      <Pass />
      <Suspense fallback={null}>
        <Today book={book} />
      </Suspense>
      <Shelves rows={rows} book={book} />
    </>
  );
});
