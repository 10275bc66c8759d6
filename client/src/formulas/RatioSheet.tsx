import { energyKjPer100g, KJ_PER_KCAL, type Analysis, type Diet } from '@hollow-moon/core';
import { View } from 'react-native';
import { Figure, Labelled, Notice, Read, Sheet, Soft } from '../design';
import { grams, percent } from '../design/format';

const ratio = (value: number | undefined): string => (value === undefined ? '–' : value.toFixed(2));

const SUITS: Readonly<Record<Diet, string>> = {
  vegan: 'Suits vegans.',
  vegetarian: 'Suits vegetarians.',
  neither: 'Not for vegetarians.',
};

/** The ratios cooks speak of, and what is in it. */
export function RatioSheet({ analysis }: { readonly analysis: Analysis }) {
  const { share, eggToLiquid, yolkToWhite, mixtureG, volumeMl, densityGMl, allergens, hazards } =
    analysis;
  const energyKj = mixtureG > 0 ? energyKjPer100g(analysis.composition) : 0;
  const figures: [label: string, value: string, unit?: string, id?: string][] = [
    ['Egg to liquid', ratio(eggToLiquid), undefined, 'egg-to-liquid'],
    ['Yolk to white', ratio(yolkToWhite)],
    ['Sugar', percent(share.sugar), '%', 'sugar-share'],
    ['Fat', percent(share.fat), '%'],
    ['Starch', percent(share.starch), '%'],
    ['Water', percent(share.water), '%'],
    ['Solids', percent(share.solids), '%'],
    ['Mixture', grams(mixtureG), 'g', 'mixture-mass'],
    ['Makes', grams(volumeMl), 'ml'],
    ['Density', densityGMl.toFixed(2), 'g/ml'],
    ['Energy, 100 g', grams(energyKj), 'kJ', 'energy'],
    ['the same', grams(energyKj / KJ_PER_KCAL), 'kcal'],
  ];
  return (
    <Sheet title="Ratios">
      <View className="flex-row flex-wrap gap-x-5 gap-y-3">
        {figures.map(([label, value, unit, id]) => (
          <Labelled key={label} label={label} className="w-24">
            <Figure value={value} {...(unit ? { unit } : {})} {...(id ? { testID: id } : {})} />
          </Labelled>
        ))}
      </View>
      <Read>
        {`${allergens.length > 0 ? `Contains ${allergens.join(', ')}.` : 'No listed allergen.'} ${SUITS[analysis.diet]}`}
      </Read>
      {hazards.map((hazard) => (
        <Notice key={hazard} kind="hint">
          {hazard}
        </Notice>
      ))}
      <Soft>
        By weight of the mixture, without what is strained out, fruit and nuts. Labels of what you
        use come first.
      </Soft>
    </Sheet>
  );
}
