import type { InHand } from '@hollow-moon/contract';
import { eggPartGrams, packsFor, type Need, type Pack, type Purchase } from '@hollow-moon/core';
import { amountInWords, say, unitInWords } from '@hollow-moon/words';
import { View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { NumberField, Read, Soft, useWords } from '../design';
import { money } from '../design/money';

/** A need in the cook's units; egg by its parts is weighed, since nobody has a cup for it. */
const measureOf = ({ ingredient }: Need, grams: number) => ({
  grams,
  ...(ingredient.eggPart || ingredient.gramsPerMl === undefined
    ? {}
    : { gramsPerMl: ingredient.gramsPerMl }),
});

/** What something is sold in: "500 g", "12 eggs". */
const packInWords = ({ amount, unit }: Pack, { ingredient }: Need): string =>
  `${amountInWords(amount, unit)}\u00a0${unitInWords(unit, ingredient, amount)}`;

/** What is still to be bought of it; nothing where nothing was counted and nobody has said how it is sold. */
function StillToBuy({ of, counted }: { readonly of: Purchase; readonly counted: boolean }) {
  const { quantity } = useWords();
  const { need, inHandG, buyG, pack, packs } = of;
  // Eggs are bought in the shell, and counted under the list.
  if (need.ingredient.eggPart || (!counted && !pack)) return null;
  const buy = pack
    ? say('day.buy-packs', { count: packs ?? 0, pack: packInWords(pack, need) })
    : say('day.buy', { grams: quantity(measureOf(need, buyG)) });
  const have = inHandG > 0 ? [say('day.have', { grams: quantity(measureOf(need, inHandG)) })] : [];
  return (
    <Soft testID={`buy-${need.ingredient.id}`}>
      {[...have, buyG > 0 ? buy : say('day.enough')].join(' ')}
    </Soft>
  );
}

type OnInHand = (next: InHand, field: string) => void;

/** How much of it is there already; what can't be read changes nothing. */
function InHandField({
  ingredient: { id, name },
  inHand,
  onInHand,
}: Pick<Need, 'ingredient'> & { readonly inHand: InHand; readonly onInHand: OnInHand }) {
  return (
    <NumberField
      label={say('day.in-hand-of', { name })}
      hideLabel
      unit="g"
      value={inHand.grams[id] ?? 0}
      onChange={(grams) => {
        if (!Number.isFinite(grams)) return;
        onInHand({ ...inHand, grams: { ...inHand.grams, [id]: grams } }, `in-hand/${id}`);
      }}
      className="w-32"
      testID={`in-hand-${id}`}
    />
  );
}

/** Eggs in shell that are there already. */
export const EggsInHand = ({
  inHand,
  onInHand,
}: {
  readonly inHand: InHand;
  readonly onInHand: OnInHand;
}) => (
  <NumberField
    label={say('day.eggs-in-hand')}
    value={inHand.eggs}
    decimals={0}
    onChange={(eggs) => {
      if (Number.isFinite(eggs)) onInHand({ ...inHand, eggs }, 'eggs-in-hand');
    }}
    className="w-32"
    testID="eggs-in-hand"
  />
);

/** Everything to fetch, each with what is still to be bought of it; while it is counted, with what is there. */
export const Needed = ({
  purchases,
  inHand,
  onInHand,
}: {
  readonly purchases: readonly Purchase[];
  readonly inHand: InHand;
  /** Only while it is counted. */
  readonly onInHand: OnInHand | undefined;
}) => {
  const { quantity } = useWords();
  const counted = isCounted(inHand);
  return purchases.map((purchase) => {
    const { need } = purchase;
    const { ingredient } = need;
    return (
      <View
        key={ingredient.id}
        role="listitem"
        className={`min-h-10 flex-row gap-3 border-b border-line py-1 ${onInHand ? 'items-center' : 'items-baseline'}`}
      >
        <Read className="min-w-24 text-right font-figures">
          {quantity(measureOf(need, need.grams))}
        </Read>
        <View className="min-w-0 flex-1">
          <Read>{ingredient.name}</Read>
          <StillToBuy of={purchase} counted={counted} />
        </View>
        {onInHand && !ingredient.eggPart ? (
          <InHandField ingredient={ingredient} inHand={inHand} onInHand={onInHand} />
        ) : null}
      </View>
    );
  });
};

/** Whether anything has been counted. */
export const isCounted = ({ eggs, grams }: InHand): boolean =>
  eggs > 0 || Object.values(grams).some((each) => each > 0);

/** What all that is still to be bought costs, in whole packs, as far as it is priced. */
export function Costs({
  purchases,
  eggsToBuy,
  book,
}: {
  readonly purchases: readonly Purchase[];
  readonly eggsToBuy: number;
  readonly book: KitchenBook;
}) {
  const bought = purchases.filter(({ need, buyG }) => !need.ingredient.eggPart && buyG > 0);
  const sold = book.packs.get('egg');
  const perEggG = eggPartGrams(book.kitchen.data.eggGrade, 'whole');
  const eggs = sold ? packsFor(eggsToBuy * perEggG, sold.grams) * sold.price : 0;
  const cost = bought.reduce(
    (sum, { pack, packs }) => sum + (packs ?? 0) * (pack?.price ?? 0),
    eggs,
  );
  const unpriced = [
    ...bought.filter(({ pack }) => !pack).map(({ need }) => need.ingredient.name.toLowerCase()),
    ...(eggsToBuy > 0 && !sold ? [say('day.eggs')] : []),
  ];
  if (cost === 0) return null;
  return (
    <Soft testID="day-cost">
      {say('day.cost', {
        cost: money(cost, book.kitchen.data.currency),
        unpriced: unpriced.length,
      })}
    </Soft>
  );
}
