import {
  energyKjPer100g,
  KJ_PER_KCAL,
  leftOutByEye,
  type Analysis,
  type Diet,
} from '@hollow-moon/core';
import { View } from 'react-native';
import { Fold, Figure, Labelled, Notice, Read, Soft, useWords } from '../design';
import { grams, percent, listed, say } from '@hollow-moon/words';

const ratio = (value: number | undefined): string => (value === undefined ? '–' : value.toFixed(2));

const SUITS: Readonly<Record<Diet, string>> = {
  vegan: say('bench.suits-vegans'),
  vegetarian: say('bench.suits-vegetarians'),
  neither: say('bench.not-for-vegetarians'),
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
export function RatioFold({ analysis }: { readonly analysis: Analysis }) {
  const { measured, tell } = useWords();
  const { share, eggToLiquid, yolkToWhite, mixtureG, whole, allergens, hazards } = analysis;
  const missing = analysis.unknown.length;
  const untold = missing > 0 && say('formula.amounts-missing', { count: missing });
  const byEye = leftOutByEye(analysis);
  const energyKj = whole.grams > 0 ? energyKjPer100g(whole.composition) : 0;
  const [mixture, all, makes] = [
    measured({ grams: mixtureG }),
    measured({ grams: whole.grams }),
    measured({ millilitres: whole.volumeMl }),
  ];
  const figures: readonly FigureRow[] = [
    [say('bench.egg-to-liquid-2'), ratio(eggToLiquid), undefined, 'egg-to-liquid'],
    [say('bench.yolk-to-white'), ratio(yolkToWhite)],
    [say('bench.added-sugar'), percent(share.addedSugar), '%', 'sugar-share'],
    [say('bench.flour-starch'), percent(share.addedStarch), '%'],
    [say('bench.butter-oil'), percent(share.addedFat), '%'],
    [say('bench.mixture'), mixture.value, mixture.unit, 'mixture-mass'],
    [say('bench.with-pieces'), all.value, all.unit, 'whole-mass'],
    [say('bench.makes'), makes.value, makes.unit],
  ];
  const chemists: typeof figures = [
    [say('bench.all-sugars'), percent(share.sugar), '%'],
    [say('bench.pure-starch'), percent(share.starch), '%'],
    [say('bench.all-fat'), percent(share.fat), '%'],
    [say('bench.water'), percent(share.water), '%'],
    [say('bench.solids'), percent(share.solids), '%'],
    [say('bench.density'), whole.densityGMl.toFixed(2), 'g/ml'],
    [say('bench.energy-100-g'), grams(energyKj), 'kJ', 'energy'],
    [say('bench.the-same'), grams(energyKj / KJ_PER_KCAL), 'kcal'],
  ];
  return (
    <Fold
      id="ratios"
      title={say('bench.ratios')}
      summary={
        untold
          ? untold
          : say('bench.ratios-in-short', {
              egg: ratio(eggToLiquid),
              sugar: percent(share.addedSugar),
              fat: percent(share.addedFat),
            })
      }
    >
      {() => (
        <>
          {untold ? (
            <Notice kind="hint" testID="ratios-untold">
              {untold}
            </Notice>
          ) : (
            <>
              <Figures of={figures} />
              <Soft>{say('bench.as-cooks-count-what-was-added')}</Soft>
              <Figures of={chemists} />
              <Soft>{say('bench.as-a-label-counts-milks-own')}</Soft>
            </>
          )}
          {byEye ? <Read testID="by-eye">{tell(byEye)}</Read> : null}
          <Read>
            {`${allergens.length > 0 ? say('bench.contains', { listed: listed(allergens.map((each) => say(`allergen.${each}`))) }) : say('bench.no-listed-allergen')} ${SUITS[analysis.diet]}`}
          </Read>
          {hazards.map((hazard) => (
            <Notice key={hazard} kind="hint">
              {say(`hazard.${hazard}`)}
            </Notice>
          ))}
          <Soft>{say('bench.labels-of-what-you-use-come')}</Soft>
        </>
      )}
    </Fold>
  );
}
