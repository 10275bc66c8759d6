import type { FormulaData } from '@hollow-moon/contract';
import {
  KJ_PER_KCAL,
  tasteOf,
  toInHand,
  toPortions,
  type Build,
  type Result,
} from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import {
  Fold,
  Button,
  Figure,
  Labelled,
  NumberField,
  Picker,
  Read,
  Soft,
  useWords,
} from '../design';
import { grams, listed, say, unitInWords } from '@hollow-moon/words';
import { money } from '../design/money';
import type { KitchenBook } from '../book/book';
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
          label={say('bench.for-how-many-portions')}
          mayBeEmpty
          value={portions}
          onChange={setPortions}
          problem={problem?.at === 'portions' ? problem.message : undefined}
          className="w-44"
          testID="wanted-portions"
        />
        <Button
          label={say('bench.scale-to-them')}
          onPress={() => use('portions', toPortions(data, portions))}
          testID="scale-portions"
        />
      </View>
      {line ? (
        <View className="flex-row flex-wrap items-end gap-2">
          <View className="min-w-48 flex-1">
            <Picker
              label={say('bench.or-by-what-is-in-hand')}
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
            label={say('bench.there-is')}
            unit={unitInWords(line.unit, book.find(line.ingredientId), inHand)}
            mayBeEmpty
            value={inHand}
            onChange={setInHand}
            problem={problem?.at === 'hand' ? problem.message : undefined}
            className="w-32"
            testID="in-hand"
          />
          <Button
            label={say('bench.scale-to-it')}
            onPress={() => use('hand', toInHand(data, line.id, inHand))}
            testID="scale-in-hand"
          />
        </View>
      ) : null}
    </>
  );
}

/** How many portions a tin gives, and what is left in the bowl. */
function PortionFields({ data, onEdit }: { readonly data: FormulaData; readonly onEdit: Edit }) {
  return (
    <View className="flex-row flex-wrap gap-3">
      <NumberField
        label={say('bench.portions-a-tin')}
        value={data.portionsEach}
        onChange={(portionsEach) => onEdit('portionsEach', (data) => ({ ...data, portionsEach }))}
        className="w-32"
        testID="portions-each"
      />
      <NumberField
        label={say('bench.stays-in-the-bowl')}
        unit="%"
        value={Number((data.lossShare * 100).toFixed(2))}
        onChange={(percent) =>
          onEdit('lossShare', (data) => ({ ...data, lossShare: percent / 100 }))
        }
        problem={
          data.lossShare >= 0 && data.lossShare <= 0.3 ? undefined : say('bench.from-0-to-thirty')
        }
        className="w-36"
        testID="loss"
      />
    </View>
  );
}

/** What a portion weighs, costs and gives. */
function PortionFigures({ build, currency }: { readonly build: Build; readonly currency: string }) {
  const { measured } = useWords();
  return (
    <View className="flex-row flex-wrap gap-x-6 gap-y-3">
      <Labelled label={say('bench.weighs')}>
        <Figure
          {...(build.portionG === undefined ? { value: '?' } : measured({ grams: build.portionG }))}
          size="figure"
        />
      </Labelled>
      <Labelled label={say('bench.costs')}>
        <Figure
          value={build.cost === undefined ? '?' : money(build.cost, currency)}
          size="figure"
          testID="cost-portion"
        />
      </Labelled>
      <Labelled label={say('bench.gives')}>
        <Figure
          value={build.energyKj === undefined ? '?' : grams(build.energyKj)}
          unit={
            build.energyKj === undefined
              ? 'kJ'
              : say('bench.kj-kcal', { energyKj: grams(build.energyKj / KJ_PER_KCAL) })
          }
          size="figure"
          testID="energy-portion"
        />
      </Labelled>
    </View>
  );
}

/** How the filling tastes, by what is in it. */
function Taste({ filling }: { readonly filling: Build['filling'] }) {
  const { tell } = useWords();
  const taste = tasteOf(filling);
  if (!taste) return null;
  return (
    <Read testID="taste">
      {say('bench.the-filling-is', {
        word: tell(taste.sweetness.word),
        word2: tell(taste.fat.word),
        word3: tell(taste.acid.word),
        more:
          taste.alcohol.value < 0.3 ? '' : say('bench.alcohol', { word: tell(taste.alcohol.word) }),
      })}
    </Read>
  );
}

/** A portion: what it weighs, gives, costs and tastes of; and the whole scaled to what is wanted. */
export function PortionFold({
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
  const { quantity } = useWords();
  const { build } = inKitchen;
  const { currency } = book.kitchen.data;
  const missing = build.unknown.length;
  const untold = missing > 0 && say('formula.amounts-missing', { count: missing });
  const weight = build.portionG === undefined ? '?' : quantity({ grams: build.portionG });
  const inShort = say('bench.portion-in-short', {
    weight,
    cost: build.cost === undefined ? '?' : money(build.cost, currency),
    energy: build.energyKj === undefined ? '?' : grams(build.energyKj / KJ_PER_KCAL),
  });
  return (
    <Fold id="portion" title={say('bench.a-portion')} summary={untold || inShort}>
      {() => (
        <>
          <PortionFields data={data} onEdit={onEdit} />
          <PortionFigures build={build} currency={currency} />
          {untold ? <Read testID="portion-untold">{untold}</Read> : null}
          <Soft testID="cost-all">
            {build.unpriced.length === 0
              ? say('bench.for-everything-by-the-kitchens', {
                  money: money(build.knownCost, currency),
                })
              : say('bench.no-price-yet-for', {
                  unpriced: build.unpriced.join(', ').toLowerCase(),
                  money: money(build.knownCost, currency),
                })}
          </Soft>
          {untold ? null : <Taste filling={build.filling} />}
          <Read>
            {build.allergens.length > 0
              ? say('bench.all-of-it-contains', {
                  listed: listed(build.allergens.map((each) => say(`allergen.${each}`))),
                })
              : say('bench.no-listed-allergen-in-any-of')}
          </Read>
          <ScaleBy data={data} book={book} onEdit={onEdit} />
        </>
      )}
    </Fold>
  );
}
