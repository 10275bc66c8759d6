import type { Analysis, SettingVerdict } from '@hollow-moon/core';
import { View } from 'react-native';
import { Figure, Labelled, Notice, Read, Sheet, Soft, Why } from '../design';
import { grams, percent } from '../design/format';
import { useTemperature } from '../store/useTemperature';

const FIRMNESS_WORDS = {
  pourable: 'Pourable: does not hold',
  spoonable: 'Spoonable',
  sliceable: 'Sliceable',
  unmouldable: 'Turns out and stands',
} as const;

const ratio = (value: number | undefined): string => (value === undefined ? '–' : value.toFixed(2));

/** Whether it will set, where it curdles, how firm it will be; each with its reason. */
export function VerdictSheet({ verdict }: { readonly verdict: SettingVerdict }) {
  const { degrees, span, unit } = useTemperature();
  if (verdict.kind === 'not-judged') {
    return (
      <Sheet title="Will it set?">
        <Notice kind="hint" testID="not-judged">
          {verdict.reason}
        </Notice>
      </Sheet>
    );
  }
  const { setC, setUncertaintyK, curdleC, marginK, firmness, why, warnings } = verdict;
  return (
    <Sheet title="Will it set?">
      <View className="flex-row flex-wrap gap-x-6 gap-y-3">
        <View>
          <Labelled label="Sets at">
            <Figure
              value={degrees(setC)}
              unit={`± ${span(setUncertaintyK)} ${unit}`}
              size="figure"
              testID="sets-at"
            />
          </Labelled>
          <Why about="setting temperature">{why.set}</Why>
        </View>
        <View>
          <Labelled label="Curdles from">
            {curdleC === undefined ? (
              <Figure value="does not" size="title" />
            ) : (
              <Figure
                value={degrees(curdleC)}
                unit={`${unit}, ${span(marginK ?? 0)} above`}
                size="figure"
                testID="curdles-from"
              />
            )}
          </Labelled>
          <Why about="curdling temperature">{why.curdle}</Why>
        </View>
        <View>
          <Labelled label="When cold">
            <Read className="font-read-strong text-title" testID="firmness">
              {FIRMNESS_WORDS[firmness]}
            </Read>
          </Labelled>
          <Why about="firmness">{why.firmness}</Why>
        </View>
      </View>
      {warnings.map((warning) => (
        <Notice key={warning} kind="danger">
          {warning}
        </Notice>
      ))}
    </Sheet>
  );
}

/** The ratios cooks speak of, and what is in it. */
export function RatioSheet({ analysis }: { readonly analysis: Analysis }) {
  const { share, eggToLiquid, yolkToWhite, mixtureG, volumeMl, densityGMl, allergens, hazards } =
    analysis;
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
        {allergens.length > 0 ? `Contains ${allergens.join(', ')}.` : 'No listed allergen.'}
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
