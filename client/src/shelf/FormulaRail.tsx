import { say } from '@hollow-moon/words';
import { memo } from 'react';
import { ScrollView, View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Button, icons } from '../design';
import { FormulaTile } from './FormulaTile';
import { grouped, useBegin, useFormulas } from './shelves';

/** The shelf as a rail of moons beside an open formula, so that the next is one tap away. */
export const FormulaRail = memo(function FormulaRail({
  book,
  openId,
}: {
  readonly book: KitchenBook;
  readonly openId: string;
}) {
  const begin = useBegin();
  const rows = useFormulas(book).filter(({ id, data }) => !data.archived || id === openId);
  return (
    <ScrollView className="h-full" role="navigation" aria-label={say('shelf.formulas')}>
      <View className="items-center py-2">
        <Button
          label={say('shelf.new-formula')}
          icon={icons.add}
          iconOnly
          testID="new-formula"
          onPress={begin}
        />
      </View>
      <View role="list">
        {grouped(rows)
          .flatMap(([, of]) => of)
          .map((row) => (
            <View key={row.id} role="listitem">
              <FormulaTile {...row} here={row.id === openId} small book={book} />
            </View>
          ))}
      </View>
    </ScrollView>
  );
});
