import { listed, say } from '@hollow-moon/words';
import {
  lostIn,
  toCsv,
  toFormulaFile,
  toMarkdown,
  toRecipe,
  type FormulaData,
} from '@hollow-moon/contract';
import { router } from 'expo-router';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Fold, Button, fileName, keepAsFile, openFile, Soft, useWords } from '../design';
import type { KitchenBook } from '../book/book';
import { useAppDispatch } from '../state/state';
import { copyOf, newBegun } from '../drafts/drafts';
import type { Edit } from '../drafts/edits';

const FORMATS = [
  {
    label: say('bench.hollow-moon-file'),
    ending: 'json',
    type: 'application/json',
    write: toFormulaFile,
  },
  {
    label: say('bench.recipe-schema-org'),
    ending: 'jsonld',
    type: 'application/ld+json',
    write: toRecipe,
  },
  { label: say('bench.markdown'), ending: 'md', type: 'text/markdown', write: toMarkdown },
  { label: say('bench.table-csv'), ending: 'csv', type: 'text/csv', write: toCsv },
] as const;

type Format = (typeof FORMATS)[number];

/** The bench card of what is in the book, in the units of this device. */
function Cards({
  kitchenId,
  id,
  ready,
}: {
  readonly kitchenId: string;
  readonly id: string;
  readonly ready: boolean;
}) {
  const { units } = useWords();
  const card = (size: 'A5' | 'A4') =>
    openFile(
      `/api/kitchens/${kitchenId}/formulas/${id}/card.pdf?${new URLSearchParams({ size, ...units })}`,
    );
  return (
    <>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={say('bench.bench-card-a5')}
          onPress={() => card('A5')}
          disabled={!ready}
          testID="card-A5"
        />
        <Button
          label={say('bench.bench-card-a4')}
          onPress={() => card('A4')}
          disabled={!ready}
          testID="card-A4"
        />
      </View>
      <Soft>
        {ready
          ? say('bench.to-print-amounts-temperatures-end-signs')
          : say('bench.keep-the-formula-first-a-card')}
      </Soft>
    </>
  );
}

/** The formula as a file or a card, as a copy of its own, and out of the way. */
export function ShareFold({
  id,
  data,
  book,
  changed,
  onEdit,
}: {
  readonly id: string;
  readonly data: FormulaData;
  readonly book: KitchenBook;
  /** Whether there is something not kept yet. */
  readonly changed: boolean;
  readonly onEdit: Edit;
}) {
  const dispatch = useAppDispatch();
  const { tell } = useWords();
  const copy = () => {
    const copyId = uuid();
    dispatch(newBegun({ id: copyId, data: copyOf(data) }));
    router.navigate(`/formulas/${copyId}`);
  };
  const save = async ({ ending, type, write }: Pick<Format, 'ending' | 'type' | 'write'>) => {
    // What tasks and forecasts take is code of the day's, which few who open a bench come to need.
    // Where it can't be had or worked out the file goes out without it.
    const takes = await import('../day/takes')
      .then(({ takesOf }) => takesOf(data, book))
      .catch(() => undefined);
    const told = {
      formulaOf: book.formulaOf,
      find: book.find,
      pantry: book.pantry,
      eggGrade: book.kitchen.data.eggGrade,
      takes,
    };
    keepAsFile(fileName(data.name, ending), type, write(data, told));
  };
  const stored = book.formulas.some((each) => each.id === id);
  return (
    <Fold
      id="share"
      title={say('bench.take-it-along')}
      summary={say('bench.share-in-short')}
      begin={data.archived}
    >
      {() => (
        <>
          <Cards kitchenId={book.kitchen.id} id={id} ready={stored && !changed} />
          <View className="flex-row flex-wrap gap-2">
            {FORMATS.map(({ label, ending, type, write }) => (
              <Button
                key={ending}
                label={label}
                testID={`save-${ending}`}
                onPress={() => void save({ ending, type, write })}
              />
            ))}
          </View>
          <Soft>
            {say('bench.the-first-holds-everything-but-this', {
              lost: listed(lostIn(data).map(tell)),
            })}
          </Soft>
          <View className="flex-row flex-wrap gap-2">
            <Button label={say('bench.make-a-copy')} onPress={copy} testID="copy" />
            <Button
              label={data.archived ? say('bench.bring-it-back') : say('bench.put-it-away')}
              onPress={() => onEdit('archived', (data) => ({ ...data, archived: !data.archived }))}
              testID="archive"
            />
          </View>
        </>
      )}
    </Fold>
  );
}
