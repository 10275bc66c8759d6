import {
  cannotTell,
  energyKjPer100g,
  KJ_PER_KCAL,
  leftOutByEye,
  type Analysis,
  type Diet,
} from '@hollow-moon/core';
import { View } from 'react-native';
import { Figure, Labelled, Notice, Read, Sheet, Soft, useWords } from '../design';
import { grams, percent, listed, say } from '@hollow-moon/words';

const ratio = (value: number | undefined): string => (value === undefined ? '–' : value.toFixed(2));

const SUITS: Readonly<Record<Diet, string>> = {
  vegan: 'Suits vegans.',
  vegetarian: 'Suits vegetarians.',
  neither: 'Not for vegetarians.',
};

type FigureRow = readonly [label: string, value: string, unit?: string, id?: string];

function Figures({ of }: { readonly of: readonly FigureRow[] }) {
  return (
    <View className="flex-row flex-wrap gap-x-5 gap-y-3">
      {of.map(([label, value, unit, id]) => (
        <Labelled key={label} label={label} className="w-24">
          <Figure value={value} {...(unit ? { unit } : {})} {...(id ? { testID: id } : {})} />
        </Labelled>
      ))}
    </View>
  );
}

/** The ratios cooks speak of, and what is in it. */
export function RatioSheet({ analysis }: { readonly analysis: Analysis }) {
  const { tell } = useWords();
  const { share, eggToLiquid, yolkToWhite, mixtureG, whole, allergens, hazards } = analysis;
  const untold = cannotTell(analysis);
  const byEye = leftOutByEye(analysis);
  const energyKj = whole.grams > 0 ? energyKjPer100g(whole.composition) : 0;
  const figures: readonly FigureRow[] = [
    ['Egg to liquid', ratio(eggToLiquid), undefined, 'egg-to-liquid'],
    ['Yolk to white', ratio(yolkToWhite)],
    ['Added sugar', percent(share.addedSugar), '%', 'sugar-share'],
    ['Flour, starch', percent(share.addedStarch), '%'],
    ['Butter, oil', percent(share.addedFat), '%'],
    ['Mixture', grams(mixtureG), 'g', 'mixture-mass'],
    ['With pieces', grams(whole.grams), 'g', 'whole-mass'],
    ['Makes', grams(whole.volumeMl), 'ml'],
  ];
  const chemists: typeof figures = [
    ['All sugars', percent(share.sugar), '%'],
    ['Pure starch', percent(share.starch), '%'],
    ['All fat', percent(share.fat), '%'],
    ['Water', percent(share.water), '%'],
    ['Solids', percent(share.solids), '%'],
    ['Density', whole.densityGMl.toFixed(2), 'g/ml'],
    ['Energy, 100 g', grams(energyKj), 'kJ', 'energy'],
    ['the same', grams(energyKj / KJ_PER_KCAL), 'kcal'],
  ];
  return (
    <Sheet title="Ratios">
      {untold ? (
        <Notice kind="hint" testID="ratios-untold">
          {tell(untold)}
        </Notice>
      ) : (
        <>
          <Figures of={figures} />
          <Soft>
            As cooks count: what was added, a syrup by its weight, shares of the mixture without
            what is strained out and the pieces in it.
          </Soft>
          <Figures of={chemists} />
          <Soft>As a label counts: milk’s own sugar and the starch in flour among them.</Soft>
        </>
      )}
      {byEye ? <Read testID="by-eye">{tell(byEye)}</Read> : null}
      <Read>
        {`${allergens.length > 0 ? `Contains ${listed(allergens.map((each) => say(`allergen.${each}`)))}.` : 'No listed allergen.'} ${SUITS[analysis.diet]}`}
      </Read>
      {hazards.map((hazard) => (
        <Notice key={hazard} kind="hint">
          {say(`hazard.${hazard}`)}
        </Notice>
      ))}
      <Soft>Labels of what you use come first.</Soft>
    </Sheet>
  );
}
