import {
  STOVE_HEATS,
  STRANDS_NOTICED,
  type Problem,
  type StoveForecast,
  type StoveHeat,
} from '@hollow-moon/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path, Rect } from 'react-native-svg';
import {
  Choice,
  colours,
  Fold,
  heatLevels,
  LevelLines,
  Notice,
  NumberField,
  Range,
  Read,
  Soft,
  ticksTo,
  TimeTicks,
  useWords,
} from '../design';
import { duration, heldInWords, say, withUnit, type TemperatureFormat } from '@hollow-moon/words';

/** How a cream is cooked, as the cook sets it. */
export interface StoveSettings {
  readonly panDiameterMm: number;
  readonly startC: number;
  readonly heat: StoveHeat;
  readonly holdS: number;
}

const HEAT_OPTIONS = STOVE_HEATS.map((value) => ({ value, label: say(`heat.${value}`) }));

/** Problems that are said at their field; any other is said where the answer would be. */
const IN_A_FIELD: ReadonlySet<string> = new Set(['massG', 'panDiameterMm', 'holdS']);

const MARGIN = { left: 34, right: 10, top: 8, bottom: 24 } as const;
const HEIGHT = 150;
/** Drawn on past the moment it comes off, as a share of the time until then. */
const DRAWN_ON = 0.25;

/** The cream and the base of its pan over the minutes, with where it is done and when it comes off. */
function StoveCurve({
  cooked,
  endC,
}: {
  readonly cooked: StoveForecast;
  readonly endC: { readonly from: number; readonly to?: number };
}) {
  const { degrees, unit } = useWords();
  const [width, setWidth] = useState(320);
  const endS = Math.min(cooked.points.at(-1)![0], cooked.offS * (1 + DRAWN_ON) + 30);
  // A point each few pixels: the model has one each second.
  const stride = Math.max(1, Math.floor(endS / 160));
  const points = cooked.points.filter(([s], index) => s <= endS && index % stride === 0);
  const x = scaleLinear()
    .domain([0, endS])
    .range([MARGIN.left, width - MARGIN.right]);
  const highest = Math.max(110, ...points.map(([, , base]) => base));
  const y = scaleLinear()
    .domain([0, highest])
    .range([HEIGHT - MARGIN.bottom, MARGIN.top]);
  const of = (column: 1 | 2) =>
    line<(typeof points)[number]>()
      .x(([s]) => x(s))
      .y((point) => y(point[column]))(points) ?? '';
  const doneTo = Math.min(highest, endC.to ?? highest);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(Math.max(240, nativeEvent.layout.width))}>
      <Svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={say('stove.the-cream-on-the-stove-in')}
      >
        <Rect
          x={MARGIN.left}
          y={y(doneTo)}
          width={width - MARGIN.left - MARGIN.right}
          height={y(endC.from) - y(doneTo)}
          fill={colours.yolk}
          opacity={0.35}
        />
        <LevelLines
          levels={heatLevels(0, 100, unit, 2)}
          y={y}
          from={MARGIN.left}
          to={width - MARGIN.right}
          shown={degrees}
        />
        <TimeTicks
          ticks={ticksTo(endS / 60, endS > 1200 ? 10 : 2)}
          x={(min) => x(min * 60)}
          y={HEIGHT - 6}
          unit="min"
        />
        <Line
          x1={x(cooked.offS)}
          x2={x(cooked.offS)}
          y1={MARGIN.top}
          y2={HEIGHT - MARGIN.bottom}
          stroke={colours.ink}
          strokeWidth={1.5}
        />
        <Path
          d={of(2)}
          fill="none"
          stroke={colours.scorch}
          strokeWidth={1.5}
          strokeDasharray="6 3"
        />
        <Path d={of(1)} fill="none" stroke={colours.ink} strokeWidth={2.5} />
      </Svg>
      <View className="flex-row flex-wrap gap-x-4">
        <Soft>{say('stove.cream', { unit })}</Soft>
        <Soft>{say('stove.base-of-the-pan')}</Soft>
        <Soft>{say('stove.done')}</Soft>
      </View>
    </View>
  );
}

/** What will happen on the stove, in a sentence or two. */
export function stoveInWords(
  { thickens, reachedS, offS, latestS, offC }: StoveForecast,
  { degrees, unit }: TemperatureFormat,
): string {
  const at = withUnit(degrees(offC), unit);
  if (latestS !== undefined) {
    return say('stove.it-coats-a-spoon-after', {
      reachedS: duration(reachedS),
      at,
      latestS: duration(latestS),
    });
  }
  const thick = thickens
    ? `${say('stove.thickens-from-on', { fromS: duration(thickens.fromS) })} `
    : '';
  return offS > reachedS
    ? say('stove.bubbles-plop-after-off', {
        thick,
        reachedS: duration(reachedS),
        offS: duration(offS),
      })
    : say('stove.it-is-done-after', { thick, reachedS: duration(reachedS), at });
}

/** How much cream, in how wide a pan, and how long it is held. */
function StoveFields({
  settings,
  onSet,
  massG,
  onMassG,
  problem,
}: {
  readonly settings: StoveSettings;
  readonly onSet: (change: Partial<StoveSettings>) => void;
  readonly massG: number;
  readonly onMassG: (massG: number) => void;
  readonly problem: Problem | undefined;
}) {
  const { tell } = useWords();
  const { panDiameterMm, holdS } = settings;
  const at = (field: string) => (problem?.path === field ? tell(problem) : undefined);
  return (
    <View className="flex-row flex-wrap gap-3">
      <NumberField
        label={say('stove.cream-of-one-batch')}
        unit="g"
        value={massG}
        onChange={onMassG}
        problem={at('massG')}
        className="w-40"
        testID="stove-mass"
      />
      <NumberField
        label={say('stove.pan-across')}
        unit="cm"
        value={panDiameterMm / 10}
        onChange={(cm) => onSet({ panDiameterMm: cm * 10 })}
        problem={at('panDiameterMm')}
        className="w-32"
        testID="stove-pan"
      />
      <NumberField
        label={say('stove.held-at-the-end')}
        unit="s"
        value={holdS}
        onChange={(seconds) => onSet({ holdS: seconds })}
        problem={at('holdS')}
        className="w-32"
        testID="stove-hold"
      />
    </View>
  );
}

/** The minutes it comes to, and what goes wrong with them. */
function StoveAnswer({
  cooked,
  tooStrong,
  endC,
}: {
  readonly cooked: StoveForecast;
  readonly tooStrong: boolean;
  readonly endC: { readonly from: number; readonly to?: number };
}) {
  const temperature = useWords();
  return (
    <>
      {tooStrong ? (
        <Notice kind="danger" testID="stove-says">
          {say('stove.gentler-or-over-water-its-egg')}
        </Notice>
      ) : (
        <Read testID="stove-says">{stoveInWords(cooked, temperature)}</Read>
      )}
      <StoveCurve cooked={cooked} endC={endC} />
      {cooked.enzyme === 'survives' ? (
        <Notice kind="danger" testID="stove-enzyme">
          {say('stove.hold-the-bubbles-a-minute-or')}
        </Notice>
      ) : null}
      {!tooStrong && cooked.strands > STRANDS_NOTICED ? (
        <Notice kind="danger">{say('stove.take-it-off-sooner-strands-are')}</Notice>
      ) : null}
      <Soft testID="stove-lost">
        {temperature.put('stove.g-go-off-as-steam', {
          lost: { grams: Math.round(cooked.waterLostG) },
          hottestBaseC: { celsius: cooked.hottestBaseC },
        })}
      </Soft>
      <Soft testID="stove-held">
        {say('stove.it-held', { held: heldInWords(cooked.timesPublished) })}
      </Soft>
    </>
  );
}

/** Heating a stirred cream: pan, heat and hold, the minutes they come to, and what goes wrong with them. */
export function StoveFold({
  settings,
  onSettings,
  cooked,
  problem,
  endC,
  massG,
  onMassG,
}: {
  readonly settings: StoveSettings;
  readonly onSettings: (settings: StoveSettings) => void;
  readonly cooked: StoveForecast | undefined;
  readonly problem: Problem | undefined;
  readonly endC: { readonly from: number; readonly to?: number };
  readonly massG: number;
  readonly onMassG: (massG: number) => void;
}) {
  const { degrees, unit, tell } = useWords();
  const { startC, heat } = settings;
  const set = (change: Partial<StoveSettings>) => onSettings({ ...settings, ...change });
  const tooStrong = cooked?.latestS !== undefined && cooked.latestS <= cooked.reachedS;
  return (
    <Fold
      title={say('stove.on-the-stove')}
      summary={
        cooked
          ? tooStrong
            ? say('stove.too-strong-a-heat')
            : say('stove.off-after', { offS: duration(cooked.offS) })
          : say('stove.heat-hold-and-what-becomes-of')
      }
      id="stove"
    >
      {() => (
        <>
          <Choice
            label={say('stove.heat-stirred-without-a-stop')}
            value={heat}
            options={HEAT_OPTIONS}
            onChange={(value) => set({ heat: value })}
          />
          <StoveFields
            settings={settings}
            onSet={set}
            massG={massG}
            onMassG={onMassG}
            problem={problem}
          />
          <Range
            label={say('stove.goes-on-at')}
            testID="stove-start"
            value={startC}
            least={2}
            most={90}
            step={1}
            shown={degrees(startC)}
            unit={unit}
            onChange={(celsius) => set({ startC: celsius })}
          />
          {cooked ? (
            <StoveAnswer cooked={cooked} tooStrong={tooStrong} endC={endC} />
          ) : problem && !IN_A_FIELD.has(problem.path ?? '') ? (
            <Notice kind="danger" testID="stove-problem">
              {tell(problem)}
            </Notice>
          ) : null}
        </>
      )}
    </Fold>
  );
}
