import type { FormulaData } from '@hollow-moon/contract';
import {
  cannotTell,
  KJ_PER_KCAL,
  tasteOf,
  toInHand,
  toPortions,
  type Result,
} from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import {
  Button,
  Figure,
  Labelled,
  NumberField,
  Picker,
  Read,
  Sheet,
  Soft,
  useWords,
} from '../design';
import { grams, listed, say } from '@hollow-moon/words';
import { money } from '../design/money';
import type { KitchenBook } from '../book/book';
import { unitName } from './unitName';
import type { BuildInKitchen } from './useBuild';
import type { Edit } from '../drafts/edits';

/** Scaling to a count of portions, or to what is in hand. */
function ScaleBy({
  data,
  book,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
}) {
  const { tell } = useWords();
  const [portions, setPortions] = useState(Number.NaN);
  const [lineId, setLineId] = useState('');
  const [inHand, setInHand] = useState(Number.NaN);
  const [problem, setProblem] = useState<{ at: 'portions' | 'hand'; message: string }>();
  const lines = [data.lines, ...data.parts.map((part) => part.lines)].flat();
  const line = lines.find((each) => each.id === lineId) ?? lines[0];
  const use = (at: 'portions' | 'hand', result: Result<FormulaData>) => {
    setProblem(result.ok ? undefined : { at, message: tell(result.problem) });
    if (result.ok) onEdit(`scale-${at}`, () => result.value);
  };
  return (
    <>
      <View className="flex-row flex-wrap items-end gap-2">
        <NumberField
          label="For how many portions"
          mayBeEmpty
          value={portions}
          onChange={setPortions}
          problem={problem?.at === 'portions' ? problem.message : undefined}
          className="w-44"
          testID="wanted-portions"
        />
        <Button
          label="Scale to them"
          onPress={() => use('portions', toPortions(data, portions))}
          testID="scale-portions"
        />
      </View>
      {line ? (
        <View className="flex-row flex-wrap items-end gap-2">
          <View className="min-w-48 flex-1">
            <Picker
              label="Or by what is in hand"
              value={line.id}
              options={lines.map((each) => ({
                value: each.id,
                label: book.find(each.ingredientId)?.name ?? each.ingredientId,
              }))}
              onChange={setLineId}
              testID="in-hand-line"
            />
          </View>
          <NumberField
            label="There is"
            unit={unitName(line.unit, line.ingredientId)}
            mayBeEmpty
            value={inHand}
            onChange={setInHand}
            problem={problem?.at === 'hand' ? problem.message : undefined}
            className="w-32"
            testID="in-hand"
          />
          <Button
            label="Scale to it"
            onPress={() => use('hand', toInHand(data, line.id, inHand))}
            testID="scale-in-hand"
          />
        </View>
      ) : null}
    </>
  );
}

/** A portion: what it weighs, gives, costs and tastes of; and the whole scaled to what is wanted. */
export function ServeSheet({
  data,
  inKitchen,
  book,
  onEdit,
}: {
  readonly data: FormulaData;
  readonly inKitchen: BuildInKitchen;
  readonly book: KitchenBook;
  readonly onEdit: Edit;
}) {
  const { tell } = useWords();
  const { build } = inKitchen;
  const { currency } = book.kitchen.data;
  const untold = cannotTell(build);
  const taste = untold ? undefined : tasteOf(build.filling);
  return (
    <Sheet title="A portion">
      <View className="flex-row flex-wrap gap-3">
        <NumberField
          label="Portions a tin"
          value={data.portionsEach}
          onChange={(portionsEach) => onEdit('portionsEach', (data) => ({ ...data, portionsEach }))}
          className="w-32"
          testID="portions-each"
        />
        <NumberField
          label="Stays in the bowl"
          unit="%"
          value={Number((data.lossShare * 100).toFixed(2))}
          onChange={(percent) =>
            onEdit('lossShare', (data) => ({ ...data, lossShare: percent / 100 }))
          }
          problem={data.lossShare >= 0 && data.lossShare <= 0.3 ? undefined : 'From 0 to 30 %.'}
          className="w-36"
          testID="loss"
        />
      </View>
      <View className="flex-row flex-wrap gap-x-6 gap-y-3">
        <Labelled label="Weighs">
          <Figure
            value={build.portionG === undefined ? '?' : grams(build.portionG)}
            unit="g"
            size="figure"
          />
        </Labelled>
        <Labelled label="Costs">
          <Figure
            value={build.cost === undefined ? '?' : money(build.cost, currency)}
            size="figure"
            testID="cost-portion"
          />
        </Labelled>
        <Labelled label="Gives">
          <Figure
            value={build.energyKj === undefined ? '?' : grams(build.energyKj)}
            unit={
              build.energyKj === undefined
                ? 'kJ'
                : `kJ, ${grams(build.energyKj / KJ_PER_KCAL)} kcal`
            }
            size="figure"
            testID="energy-portion"
          />
        </Labelled>
      </View>
      {untold ? <Read testID="portion-untold">{tell(untold)}</Read> : null}
      <Soft testID="cost-all">
        {build.unpriced.length === 0
          ? `${money(build.knownCost, currency)} for everything, by the kitchen’s prices.`
          : `No price yet for ${build.unpriced.join(', ').toLowerCase()}. ${money(build.knownCost, currency)} for the rest. Prices are kept under Kitchen.`}
      </Soft>
      {taste ? (
        <Read testID="taste">
          {`The filling is ${tell(taste.sweetness.word)}, ${tell(taste.fat.word)}, ${tell(taste.acid.word)}${taste.alcohol.value < 0.3 ? '' : `; alcohol: ${tell(taste.alcohol.word)}`}.`}
        </Read>
      ) : null}
      <Read>
        {`${build.allergens.length > 0 ? `All of it contains ${listed(build.allergens.map((each) => say(`allergen.${each}`)))}.` : 'No listed allergen in any of it.'}`}
      </Read>
      <ScaleBy data={data} book={book} onEdit={onEdit} />
    </Sheet>
  );
}
