import type { FormulaData } from '@hollow-moon/contract';
import { scaleLines, type BuiltPart } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Notice, useWords } from '../design';
import { newBegun } from '../drafts/drafts';
import { fromLeftOver } from '../drafts/newFormula';
import { useAppDispatch, useAppSelector } from '../state/state';

type Part = FormulaData['parts'][number];

/** What is left of it, made into a bake of its own. */
export function LeftOver({ built }: { readonly built: BuiltPart }) {
  const dispatch = useAppDispatch();
  const { degrees } = useAppSelector((state) => state.settings.units);
  const { put } = useWords();
  const begin = () => {
    const id = uuid();
    dispatch(newBegun({ id, data: fromLeftOver(built, degrees) }));
    router.navigate(`/formulas/${id}`);
  };
  return (
    <View className="self-start">
      <Button
        label={put('bench.make-something-of-the-rest', { left: { grams: built.leftG } })}
        onPress={begin}
        testID="use-left-over"
      />
    </View>
  );
}

/** Whether nobody has said yet if a caramel is meant for each mould or for all of them. */
export const asksForHowMany = (
  { part, batchG }: BuiltPart,
  { vesselCount }: Pick<FormulaData, 'vesselCount'>,
): boolean =>
  part.kind === 'caramel' &&
  part.formulaId === null &&
  part.eachG === null &&
  batchG > 0 &&
  vesselCount > 1;

/** For each mould, or for all: recipes mean either, and a mistake is six times too much or too little. */
export function ForHowMany({
  built: { part, batchG },
  vessels,
  change,
}: {
  readonly built: BuiltPart;
  readonly vessels: number;
  readonly change: (field: 'each', next: Partial<Part>) => void;
}) {
  const { put } = useWords();
  const rounded = (grams: number) => Number(grams.toFixed(1));
  return (
    <Notice
      kind="hint"
      testID="for-how-many"
      actions={
        <>
          <Button
            label={say('bench.for-each')}
            onPress={() =>
              change('each', {
                eachG: rounded(batchG),
                lines: scaleLines(part.lines, vessels),
              })
            }
            testID="for-each"
          />
          <Button
            label={say('bench.for-all', { vessels })}
            onPress={() => change('each', { eachG: rounded(batchG / vessels) })}
            testID="for-all"
          />
        </>
      }
    >
      {put('bench.for-each-or-all', { name: part.name, mass: { grams: batchG }, vessels })}
    </Notice>
  );
}
