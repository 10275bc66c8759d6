import {
  LINE_UNITS,
  unitsFor,
  VAGUE,
  type Line,
  type LineUnit,
  type Vague,
} from '@hollow-moon/core';
import { say, unitInWords } from '@hollow-moon/words';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { IngredientField } from '../book/IngredientField';
import { Button, NumberField, Picker, Read } from '../design';

export type Measure = Pick<Line, 'ingredientId' | 'amount' | 'unit'> & {
  readonly vague?: Vague | undefined;
};

const VAGUE_WORDS: Readonly<Record<Vague, string>> = {
  unknown: say('bench.amount-unknown'),
  'by-eye': say('bench.by-eye-2'),
};

export const HOW_MUCH = [
  { value: 'measured' as const, label: say('bench.measured') },
  ...VAGUE.map((value) => ({ value, label: say(`vague.${value}`) })),
];

interface MeasureProps {
  readonly name: string;
  readonly measure: Measure;
  readonly book: KitchenBook;
  readonly onChange: (field: string, measure: Partial<Measure>) => void;
  /** Whether the amount has keys of its own under it. */
  readonly keypad?: boolean;
  /** What stands under the unit, beside the keys. */
  readonly beside?: ReactNode;
  readonly testID: string;
}

/** How much of it, in what. */
function AmountAndUnit({
  name,
  measure,
  book,
  onChange,
  keypad = false,
  beside,
  testID,
}: MeasureProps) {
  return (
    <View className="flex-row items-start gap-2">
      <NumberField
        label={say('bench.amount', { name })}
        hideLabel
        value={measure.amount}
        onChange={(amount) => onChange('amount', { amount })}
        onUnit={(unit, amount) => {
          const known = LINE_UNITS.find((each) => each === unit);
          onChange('amount', known ? { amount, unit: known } : { amount: Number.NaN });
        }}
        keypad={keypad ? 'fractions' : undefined}
        className="min-w-0 flex-1"
        decimals={3}
        testID={`amount-${testID}`}
      />
      <View className="w-32 gap-1">
        <Picker
          label={say('bench.unit', { name })}
          hideLabel
          options={unitsFor(book.find(measure.ingredientId)).map((unit) => ({
            value: unit,
            label: unitInWords(unit, book.find(measure.ingredientId), 1),
          }))}
          value={measure.unit}
          onChange={(unit) => onChange('unit', { unit: unit as LineUnit })}
        />
        {beside}
      </View>
    </View>
  );
}

/** An ingredient and how much of it. */
export function MeasureFields(props: MeasureProps) {
  const { name, measure, book, onChange, beside, testID } = props;
  const { vague } = measure;
  const chooseIngredient = (ingredientId: string) => {
    const units = unitsFor(book.find(ingredientId));
    onChange('ingredient', {
      ingredientId,
      unit: units.includes(measure.unit) ? measure.unit : 'g',
    });
  };
  return (
    <View className="gap-1">
      <IngredientField
        label={say('bench.ingredient', { name })}
        value={measure.ingredientId}
        book={book}
        onChange={chooseIngredient}
        testID={`ingredient-${testID}`}
      />
      {vague === undefined ? (
        <AmountAndUnit {...props} />
      ) : (
        <View className="flex-row flex-wrap items-center gap-2">
          <Read className="font-read-strong" testID={`vague-${testID}`}>
            {VAGUE_WORDS[vague]}
          </Read>
          <Button
            label={say('bench.give-an-amount')}
            onPress={() => onChange('vague', { vague: undefined })}
            testID={`give-${testID}`}
          />
          {beside}
        </View>
      )}
    </View>
  );
}
