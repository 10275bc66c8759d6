import { say } from '@hollow-moon/words';
import {
  ALLERGENS,
  pantryDataSchema,
  type PantryData,
  type PantryItem,
} from '@hollow-moon/contract';
import { CATALOGUE, findIngredient, labelOf, unitsFor, type LineUnit } from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, Choice, NumberField, Picker, Soft, TextField, useWords } from '../design';
import type { KitchenBook } from '../book/book';
import { useWriting } from '../equipment';
import { FormEnding, useProblemOf } from '../equipment/fields';

type Own = NonNullable<PantryData['own']>;
type Price = NonNullable<PantryData['price']>;

const LABELS: readonly (readonly [keyof Own['label'], string])[] = [
  ['water', say('kitchen.water')],
  ['fat', say('kitchen.fat')],
  ['sugars', say('kitchen.sugars')],
  ['starch', say('kitchen.starch')],
  ['protein', say('kitchen.protein')],
  ['alcohol', say('kitchen.alcohol')],
];

/** An own ingredient begun from one of the catalogue. */
function ownLike(id: string, name: string): Own {
  const base = findIngredient(id) ?? CATALOGUE[0]!;
  const label = labelOf(base.composition);
  const rounded = (value: number) => Number(value.toFixed(1));
  return {
    name: name || say('kitchen.ours', { name: base.name }),
    like: base.id,
    label: {
      water: rounded(label.water),
      fat: rounded(label.fat),
      sugars: rounded(label.sugars),
      starch: rounded(label.starch),
      protein: rounded(label.protein),
      alcohol: rounded(label.alcohol),
    },
    gramsPerMl: base.gramsPerMl,
    gramsPerPiece: base.gramsPerPiece ?? null,
    allergens: [...base.allergens],
    diet: base.diet,
  };
}

/** The allergens a label names. */
function AllergenTicks({
  allergens,
  onChange,
}: {
  readonly allergens: Own['allergens'];
  readonly onChange: (allergens: Own['allergens']) => void;
}) {
  return (
    <View className="flex-row flex-wrap gap-2">
      {ALLERGENS.map((allergen) => {
        const there = allergens.includes(allergen);
        return (
          <Button
            key={allergen}
            label={there ? `✓ ${say(`allergen.${allergen}`)}` : say(`allergen.${allergen}`)}
            pressed={there}
            weight={there ? 'main' : 'plain'}
            onPress={() =>
              onChange(
                there ? allergens.filter((each) => each !== allergen) : [...allergens, allergen],
              )
            }
          />
        );
      })}
    </View>
  );
}

/** What an ingredient's label says, where it is the kitchen's own. */
function OwnFields({
  own,
  problemAt,
  onChange,
}: {
  readonly own: Own;
  readonly problemAt: (path: string) => string | undefined;
  readonly onChange: (own: Own) => void;
}) {
  return (
    <>
      <TextField
        label={say('kitchen.called')}
        value={own.name}
        onChange={(name) => onChange({ ...own, name })}
        problem={problemAt('own.name')}
        testID="own-name"
      />
      <Picker
        label={say('kitchen.most-like')}
        value={own.like}
        options={CATALOGUE.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(like) => onChange(ownLike(like, own.name))}
        testID="own-like"
      />
      <Soft>{say('kitchen.in-100-g-from-its-label')}</Soft>
      <View className="flex-row flex-wrap gap-3">
        {LABELS.map(([name, label]) => (
          <NumberField
            key={name}
            label={label}
            unit="g"
            value={own.label[name]}
            onChange={(value) => onChange({ ...own, label: { ...own.label, [name]: value } })}
            problem={problemAt(`own.label.${name}`)}
            className="w-28"
            testID={`own-${name}`}
          />
        ))}
        <NumberField
          label={say('kitchen.a-millilitre-weighs')}
          unit="g"
          value={own.gramsPerMl}
          onChange={(gramsPerMl) => onChange({ ...own, gramsPerMl })}
          problem={problemAt('own.gramsPerMl')}
          className="w-36"
        />
      </View>
      <Soft>{say('kitchen.allergens')}</Soft>
      <AllergenTicks
        allergens={own.allergens}
        onChange={(allergens) => onChange({ ...own, allergens })}
      />
      <Choice
        label={say('kitchen.suits')}
        value={own.diet}
        onChange={(diet) => onChange({ ...own, diet })}
        options={[
          { value: 'vegan', label: say('kitchen.vegans') },
          { value: 'vegetarian', label: say('kitchen.vegetarians') },
          { value: 'neither', label: say('kitchen.neither') },
        ]}
      />
    </>
  );
}

/** What so much of it costs. */
function PriceFields({
  price,
  currency,
  units,
  problemAt,
  onPrice,
}: {
  readonly price: Price | null;
  readonly currency: string;
  readonly units: readonly LineUnit[];
  readonly problemAt: (path: string) => string | undefined;
  readonly onPrice: (price: Price) => void;
}) {
  // Shops price by the kilo where the scales show grams, else by the pound.
  const usual = useWords().units.weights === 'g' ? 'kg' : 'lb';
  const setPrice = (change: Partial<Price>) =>
    onPrice({ ...(price ?? { price: 0, amount: 1, unit: usual }), ...change });

  return (
    <View className="flex-row flex-wrap items-end gap-3">
      <NumberField
        label={say('kitchen.costs')}
        unit={currency}
        value={price?.price ?? Number.NaN}
        onChange={(value) => setPrice({ price: value })}
        problem={problemAt('price.price')}
        className="w-32"
        testID="pantry-price"
      />
      <NumberField
        label={say('kitchen.price-for')}
        value={price?.amount ?? Number.NaN}
        onChange={(amount) => setPrice({ amount })}
        problem={problemAt('price.amount')}
        className="w-24"
        testID="pantry-amount"
      />
      <View className="w-28">
        <Picker
          label={say('kitchen.price-of')}
          value={price?.unit ?? usual}
          options={units.map((value) => ({ value, label: value }))}
          onChange={(unit) => setPrice({ unit: unit as LineUnit })}
        />
      </View>
    </View>
  );
}

/** One of the catalogue, or one of the kitchen's own. */
function WhichIngredient({
  data,
  isNew,
  book,
  onData,
}: {
  readonly data: PantryData;
  readonly isNew: boolean;
  readonly book: KitchenBook;
  readonly onData: (data: PantryData) => void;
}) {
  const ofItsOwn = data.ingredientId.startsWith('own-');
  return (
    <>
      {isNew ? (
        <Choice
          label={say('kitchen.it-is')}
          value={ofItsOwn ? 'own' : 'catalogue'}
          onChange={(value) =>
            onData(
              value === 'own'
                ? { ...data, ingredientId: `own-${uuid()}`, own: ownLike('cream', '') }
                : { ...data, ingredientId: 'milk', own: null },
            )
          }
          options={[
            { value: 'catalogue', label: say('kitchen.in-the-catalogue') },
            { value: 'own', label: say('kitchen.our-own') },
          ]}
        />
      ) : null}
      {ofItsOwn ? null : (
        <Picker
          label={say('kitchen.ingredient')}
          value={data.ingredientId}
          options={book.ingredientOptions}
          onChange={(ingredientId) => onData({ ...data, ingredientId })}
          testID="pantry-ingredient"
        />
      )}
    </>
  );
}

const NEW_ENTRY: PantryData = {
  ingredientId: 'milk',
  price: { price: 1, amount: 1, unit: 'kg' },
  own: null,
  archived: false,
};

/** One entry of the pantry: what an ingredient costs, and what is really in it. */
export function PantryForm({
  id,
  item,
  book,
  onClose,
}: {
  readonly id: string;
  readonly item: PantryItem | undefined;
  readonly book: KitchenBook;
  readonly onClose: () => void;
}) {
  const [data, setData] = useState<PantryData>(item?.data ?? NEW_ENTRY);
  const problemOf = useProblemOf();
  const [tried, setTried] = useState(false);
  const checked = pantryDataSchema.safeParse(data);
  const problemAt = (path: string) =>
    checked.success || !tried
      ? undefined
      : problemOf(checked.error.issues.find((issue) => issue.path.join('.') === path)?.message);
  // One entry for each ingredient: choosing one that has an entry writes to that.
  const there = book.pantry.find(
    (each) => each.id !== id && each.data.ingredientId === data.ingredientId,
  );
  const write = useWriting('pantry', book.kitchen.id, there?.id ?? id);
  const keep = (kept: PantryData) => {
    write(kept, (there ?? item)?.version ?? 0);
    onClose();
  };
  const { price, own } = data;
  const ofItsOwn = data.ingredientId.startsWith('own-');
  const ingredient = book.find(data.ingredientId) ?? (own ? findIngredient(own.like) : undefined);
  return (
    <View className="gap-3 py-2">
      <WhichIngredient data={data} isNew={!item} book={book} onData={setData} />
      <PriceFields
        price={price}
        currency={book.kitchen.data.currency}
        units={unitsFor(ingredient)}
        problemAt={problemAt}
        onPrice={(price) => setData({ ...data, price })}
      />
      {own ? (
        <OwnFields
          own={own}
          problemAt={problemAt}
          onChange={(next) => setData({ ...data, own: next })}
        />
      ) : null}
      {ofItsOwn ? null : (
        <View className="self-start">
          <Button
            label={
              own
                ? say('kitchen.back-to-the-catalogues-label')
                : say('kitchen.correct-what-is-in-it')
            }
            onPress={() =>
              setData({
                ...data,
                own: own
                  ? null
                  : ownLike(data.ingredientId, findIngredient(data.ingredientId)?.name ?? ''),
              })
            }
            testID="pantry-correct"
          />
        </View>
      )}
      <FormEnding
        testID="keep-pantry"
        onKeep={() => {
          setTried(true);
          if (checked.success) keep(checked.data);
        }}
        onClose={onClose}
        away={item?.data.archived}
        onAway={(archived) => item && keep({ ...item.data, archived })}
      />
    </View>
  );
}
