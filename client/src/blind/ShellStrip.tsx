import { say } from '@hollow-moon/words';
import type { BlindForecast, BlindPlan } from '@hollow-moon/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { DIAL_MARGIN, dialScale, minuteStep, type DialScale } from '../dial';
import {
  CHART_TEXT,
  colours,
  heatLevels,
  LevelLines,
  Soft,
  ticksTo,
  TimeTicks,
  swatchOf,
  useWords,
} from '../design';

const MARGIN = DIAL_MARGIN;
/** The bands of rim, wall and base on the dial, px. */
const BAND = 24;
const GAP = 2;
export const BANDS_PX = 3 * BAND + 2 * GAP;
const CURVE = 120;
/** The bracket of the weights and its words, px. */
const BRACKET = 26;
const TOP = 4;
/** A line of marks above the curves, px. */
const MARK = 14;

type Scale = (value: number) => number;

/** The weights as a bracket over the stages they are in for. */
function WeightBrackets({
  brackets,
  x,
}: {
  readonly brackets: readonly (readonly [beginS: number, endS: number])[];
  readonly x: Scale;
}) {
  return (
    <>
      {brackets.map(([begin, end]) => (
        <G key={begin}>
          <Path
            d={`M${x(begin) + 1} ${BRACKET}v-6H${x(end) - 1}v6`}
            fill="none"
            stroke={colours.inkSoft}
            strokeWidth={1.5}
          />
          <SvgText
            {...CHART_TEXT}
            x={(x(begin) + x(end)) / 2}
            y={BRACKET - 10}
            textAnchor="middle"
            fill={colours.ink}
          >
            {say('blind.weights-in')}
          </SvgText>
        </G>
      ))}
    </>
  );
}

/** Rim, wall and base along the dial, as bands of the colour they have. */
export const ShellTrack = memo(function ShellTrack({
  frames,
  x,
}: {
  readonly frames: BlindForecast['frames'];
  readonly x: DialScale;
}) {
  // One band every second frame: the eye does not tell more.
  const seen = frames.filter((_, index) => index % 2 === 0 || index === frames.length - 1);
  const endS = frames.at(-1)!.timeS;
  return (
    <>
      {(['rim', 'wall', 'base'] as const).map((place, row) => {
        const top = row * (BAND + GAP);
        return (
          <G key={place}>
            <SvgText {...CHART_TEXT} x={MARGIN.left - 4} y={top + BAND / 2 + 4} textAnchor="end">
              {say(`shell-place.${place}`)}
            </SvgText>
            {seen.slice(1).map((frame, index) => (
              <Rect
                key={frame.timeS}
                x={x(seen[index]!.timeS)}
                y={top}
                width={x(frame.timeS) - x(seen[index]!.timeS) + 0.6}
                height={BAND}
                fill={swatchOf(frame.places[place].lightness)}
              />
            ))}
            <Rect
              x={x(0)}
              y={top}
              width={x(endS) - x(0)}
              height={BAND}
              fill="none"
              stroke={colours.inkSoft}
            />
          </G>
        );
      })}
    </>
  );
});

/** When walls stand, the base is dry, and has its colour: a broken line down to the curves, named over them. */
function Moments({
  moments: { standsS, baseDryS, baseColourS },
  x,
  width,
  curveTop,
}: {
  readonly moments: BlindForecast['moments'];
  readonly x: Scale;
  readonly width: number;
  readonly curveTop: number;
}) {
  const marks = [
    [standsS, say('blind.walls-stand')],
    [baseDryS, say('blind.base-dry')],
    [baseColourS, say('blind.base-has-its-colour')],
  ] as const;
  return (
    <>
      {marks.map(([at, name], row) =>
        at === undefined ? null : (
          <G key={name}>
            <Line
              x1={x(at)}
              x2={x(at)}
              y1={TOP}
              y2={curveTop + CURVE}
              stroke={colours.ink}
              strokeWidth={1.2}
              strokeDasharray="3 3"
            />
            <SvgText
              {...CHART_TEXT}
              x={x(at) + (x(at) > width / 2 ? -4 : 4)}
              y={curveTop - 6 - (2 - row) * MARK}
              textAnchor={x(at) > width / 2 ? 'end' : 'start'}
              fill={colours.ink}
            >
              {name}
            </SvgText>
          </G>
        ),
      )}
    </>
  );
}

/** From when to when weights are in, s. */
function bracketsOf({ weights, stages }: Pick<BlindPlan, 'weights' | 'stages'>, endS: number) {
  let from = 0;
  return stages.flatMap(({ minutes, weighted }) => {
    const [begin, end] = [from, from + minutes * 60];
    from = end;
    return weighted && weights !== 'none' ? [[begin, Math.min(end, endS)] as const] : [];
  });
}

/** Over the minutes of the dial: when the weights are in, how hot the base is and how wet, and when what is reached. */
export const ShellStrip = memo(function ShellStrip({
  forecast,
  plan,
  timeS,
}: {
  readonly forecast: BlindForecast;
  readonly plan: Pick<BlindPlan, 'weights' | 'stages'>;
  readonly timeS: number;
}) {
  const { degrees, unit } = useWords();
  const [width, setWidth] = useState(340);
  const { frames, endS, moments } = forecast;
  const x = dialScale(endS, width);
  const curveTop = BRACKET + 3 * MARK + 6;
  const height = curveTop + CURVE + 24;
  const y = scaleLinear()
    .domain([0, 200])
    .range([curveTop + CURVE, curveTop]);
  const wet = scaleLinear()
    .domain([0, Math.max(0.2, frames[0]!.places.base.water)])
    .range([curveTop + CURVE, curveTop]);
  const path = (of: (frame: BlindForecast['frames'][number]) => number) =>
    line<BlindForecast['frames'][number]>()
      .x((frame) => x(frame.timeS))
      .y(of)(frames as BlindForecast['frames'][number][]) ?? '';
  return (
    <View onLayout={({ nativeEvent }) => setWidth(Math.max(240, nativeEvent.layout.width))}>
      <Svg
        width={width}
        height={height}
        role="img"
        aria-label={say('blind.colour-of-rim-wall-and-base', { endS: Math.round(endS / 60) })}
      >
        <WeightBrackets brackets={bracketsOf(plan, endS)} x={x} />
        <LevelLines
          levels={heatLevels(0, 200, unit, 3)}
          y={y}
          from={MARGIN.left}
          to={width - MARGIN.right}
          shown={degrees}
        />
        <Path
          d={path((frame) => wet(frame.places.base.water))}
          fill="none"
          stroke={colours.water}
          strokeWidth={2}
          strokeDasharray="7 4"
        />
        <Path
          d={path((frame) => y(frame.places.base.outsideC))}
          fill="none"
          stroke={colours.ink}
          strokeWidth={2}
        />
        <Moments moments={moments} x={x} width={width} curveTop={curveTop} />
        <Line
          x1={x(timeS)}
          x2={x(timeS)}
          y1={TOP}
          y2={curveTop + CURVE}
          stroke={colours.ink}
          strokeWidth={1.5}
        />
        <TimeTicks
          ticks={ticksTo(endS / 60, minuteStep(endS))}
          x={(min) => x(min * 60)}
          y={height - 6}
          unit="min"
        />
      </Svg>
      <View className="flex-row flex-wrap gap-x-4">
        <Soft>{say('blind.base-below-2', { unit })}</Soft>
        <Soft>{say('blind.its-water-2')}</Soft>
      </View>
    </View>
  );
});
