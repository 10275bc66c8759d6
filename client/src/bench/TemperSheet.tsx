import {
  joiningOf,
  liquidForC,
  mixC,
  restS,
  SAFE_BELOW_K,
  sidesOf,
  type Analysis,
  type PartKind,
  type PartVerdict,
  type SugarWith,
} from '@hollow-moon/core';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice, Figure, Labelled, Notice, Range, Read, Sheet, Soft, useWords } from '../design';
import { minutes, withUnit } from '@hollow-moon/words';

/** Families in which a hot liquid meets egg. */
const JOINED: ReadonlySet<PartKind> = new Set([
  'baked-custard',
  'starch-cream',
  'curd',
  'batter-custard',
]);

/** Where a stirred filling without a judged set thickens in the bowl, °C. Common practice. */
const USUAL_SET_C = 80;
const FRIDGE_C = 5;

const JOINING_WORDS = {
  safe: 'The egg stays smooth.',
  thickens: 'Close: stir at once, it begins to thicken in the bowl.',
  scrambles: 'It scrambles in the bowl.',
} as const;

const SUGAR_OPTIONS = [
  { value: 'liquid' as const, label: 'in the liquid' },
  { value: 'egg' as const, label: 'with the eggs' },
];

/** What happens when the hot liquid meets the eggs, and how long it should rest first. */
export function TemperSheet({
  analysis,
  family,
  verdict,
  roomC,
}: {
  readonly analysis: Analysis;
  readonly family: PartKind;
  readonly verdict: PartVerdict;
  readonly roomC: number;
}) {
  const { degrees, unit } = useWords();
  const [hotC, setHotC] = useState(90);
  const [coldC, setColdC] = useState(FRIDGE_C);
  const [sugarWith, setSugarWith] = useState<SugarWith>('egg');
  const sides = JOINED.has(family) ? sidesOf(analysis, sugarWith) : undefined;
  if (!sides) return null;
  const setC = verdict.kind === 'judged' ? verdict.setC : USUAL_SET_C;
  const mixed = mixC(sides, hotC, coldC);
  const joining = joiningOf(mixed, setC);
  const restToC = liquidForC(sides, setC - SAFE_BELOW_K, coldC);
  const seconds = joining === 'safe' ? 0 : restS(sides.hot, hotC, restToC, roomC);
  const rest =
    seconds === undefined
      ? 'Cool the liquid first: it would rest for hours.'
      : `Rest the liquid about ${Math.max(1, Number(minutes(seconds)))} min, down to ${withUnit(degrees(restToC), unit)}.`;
  return (
    <Sheet title="Hot liquid onto eggs">
      <Range
        label="Liquid at"
        testID="liquid-slider"
        value={hotC}
        least={20}
        most={100}
        step={1}
        shown={degrees(hotC)}
        unit={unit}
        onChange={setHotC}
      />
      <Range
        label="Eggs at"
        testID="egg-slider"
        value={coldC}
        least={2}
        most={30}
        step={1}
        shown={degrees(coldC)}
        unit={unit}
        onChange={setColdC}
      />
      <Choice label="Sugar" value={sugarWith} options={SUGAR_OPTIONS} onChange={setSugarWith} />
      <View className="flex-row flex-wrap items-end gap-x-6 gap-y-2">
        <Labelled label="Mix comes to">
          <Figure value={degrees(mixed)} unit={unit} size="figure" testID="mix-temperature" />
        </Labelled>
        <Read className="flex-1 pb-1" testID="joining">
          {JOINING_WORDS[joining]}
        </Read>
      </View>
      {joining === 'safe' ? null : (
        <Notice kind="danger" testID="rest">
          {rest}
        </Notice>
      )}
      <Soft>
        Pouring slowly does not make the mix any cooler, it only spreads the heat; resting the
        liquid does. Time for an open pan 20 cm wide, good to a third.
      </Soft>
    </Sheet>
  );
}
