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
import { Fold, Choice, Figure, Labelled, Notice, Range, Read, Soft, useWords } from '../design';
import { say, minutes, withUnit } from '@hollow-moon/words';

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
  safe: say('bench.the-egg-stays-smooth'),
  thickens: say('bench.close-stir-at-once-it-begins'),
  scrambles: say('bench.it-scrambles-in-the-bowl'),
} as const;

const SUGAR_OPTIONS = [
  { value: 'liquid' as const, label: say('bench.in-the-liquid') },
  { value: 'egg' as const, label: say('bench.with-the-eggs') },
];

/** How hot the liquid is and how cold the eggs are. */
function TwoHeats({
  hotC,
  onHot,
  coldC,
  onCold,
}: {
  readonly hotC: number;
  readonly onHot: (celsius: number) => void;
  readonly coldC: number;
  readonly onCold: (celsius: number) => void;
}) {
  const { degrees, unit } = useWords();
  return (
    <>
      <Range
        label={say('bench.liquid-at')}
        testID="liquid-slider"
        value={hotC}
        least={20}
        most={100}
        step={1}
        shown={degrees(hotC)}
        unit={unit}
        onChange={onHot}
      />
      <Range
        label={say('bench.eggs-at')}
        testID="egg-slider"
        value={coldC}
        least={2}
        most={30}
        step={1}
        shown={degrees(coldC)}
        unit={unit}
        onChange={onCold}
      />
    </>
  );
}

/** What happens when the hot liquid meets the eggs, and how long it should rest first. */
export function TemperFold({
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
  const { degrees, put, unit } = useWords();
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
      ? say('bench.cool-the-liquid-first-it-would')
      : say('bench.rest-the-liquid-about-min', {
          max: Math.max(1, Number(minutes(seconds))),
          restToC: withUnit(degrees(restToC), unit),
        });
  return (
    <Fold
      id="temper"
      title={say('bench.hot-liquid-onto-eggs')}
      summary={say('bench.temper-in-short', {
        mixed: withUnit(degrees(mixed), unit),
        joining: JOINING_WORDS[joining],
      })}
    >
      {() => (
        <>
          <TwoHeats hotC={hotC} onHot={setHotC} coldC={coldC} onCold={setColdC} />
          <Choice
            label={say('bench.sugar')}
            value={sugarWith}
            options={SUGAR_OPTIONS}
            onChange={setSugarWith}
          />
          <View className="flex-row flex-wrap items-end gap-x-6 gap-y-2">
            <Labelled label={say('bench.mix-comes-to')}>
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
          <Soft>{put('bench.pouring-slowly-does-not-make-the', {})}</Soft>
        </>
      )}
    </Fold>
  );
}
