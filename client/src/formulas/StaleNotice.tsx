import { say } from '@hollow-moon/words';
import type { FormulaData } from '@hollow-moon/contract';
import { useMemo } from 'react';
import { View } from 'react-native';
import { compared } from '../bench/changes';
import type { KitchenBook } from '../book/book';
import { Button, Notice, Sheet, useWords } from '../design';
import { Sides } from '../disputes/TwoSides';

/** Both sides of a formula that was changed here and elsewhere; the cook chooses, nothing is lost before. */
export function StaleNotice({
  mine,
  theirs,
  book,
  onMine,
  onTheirs,
}: {
  readonly mine: FormulaData;
  readonly theirs: FormulaData;
  readonly book: KitchenBook;
  readonly onMine: () => void;
  readonly onTheirs: () => void;
}) {
  const words = useWords();
  const rows = useMemo(() => {
    const { amounts, settings } = compared(mine, theirs, {
      ...{ grade: book.kitchen.data.eggGrade, find: book.find, words },
      nameOf: (thing) =>
        [...book.vessels, ...book.ovens].find(({ id }) => id === thing)?.data.name ??
        say('bench.none'),
    });
    return [...amounts, ...settings]
      .filter(({ differs }) => differs)
      .map(({ what, before, after }) => ({ what, mine: [before], theirs: [after] }));
  }, [mine, theirs, book, words]);
  return (
    <Sheet title={say('formulas.changed-elsewhere')}>
      <Notice kind="danger" testID="stale">
        {say('formulas.this-formula-was-changed-elsewhere-since')}
      </Notice>
      <Sides rows={rows} />
      <View className="flex-row flex-wrap gap-2">
        <Button label={say('formulas.keep-mine')} weight="main" onPress={onMine} />
        <Button label={say('formulas.take-the-books')} onPress={onTheirs} />
      </View>
    </Sheet>
  );
}
