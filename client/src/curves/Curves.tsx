import { type Bakes } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { DIAL_MARGIN, dialScale, minuteStep } from '../dial';
import { CurveFigures, type Points } from './CurveFigures';
import { CHART_TEXT, colours, LevelLines, Soft, ticksTo, TimeTicks, useWords } from '../design';

export interface CurvesProps {
  readonly rim: Points;
  readonly halfRadius: Points;
  readonly centre: Points;
  /** The water of a bath. */
  readonly water?: Points;
  readonly setC: number;
  readonly setUncertaintyK?: number;
  readonly curdleC: number | undefined;
  /** What that heat does to it. */
  readonly spoils?: Bakes['spoils'];
  /** Middle of the filling for most of many runs: s, then low and high, °C. */
  readonly band?: readonly (readonly [number, number, number])[] | undefined;
  /** Other histories to hold against this one, each drawn and named in its own stroke. */
  readonly others?: readonly { readonly name: string; readonly points: Points }[];
  /** Earliest, best and latest pull, s. */
  readonly window?: readonly [number, number, number] | undefined;
  readonly pullS?: number;
  readonly nowS?: number;
  /** What was really read. */
  readonly readings?: Points;
  readonly pulledS?: number | undefined;
  readonly label: string;
  readonly height?: number;
  /** Where the axis ends at the least, s: as far as a dial over the same minutes. */
  readonly untilS?: number;
}

const MARGIN = { ...DIAL_MARGIN, top: 18, bottom: 26 } as const;

const NONE: Points = [];
const NO_OTHERS: NonNullable<CurvesProps['others']> = [];

/** Strokes of what is compared: told apart without colour. */
export const OTHER_STROKES = ['10 3 2 3', '4 3', '1 4'] as const;

/** Temperatures at rim, half radius and centre over time, with the bands that decide. */
export const Curves = memo(function Curves({
  nowS,
  height = 240,
  readings = NONE,
  untilS = 0,
  ...rest
}: CurvesProps) {
  const [width, setWidth] = useState(340);
  const { centre, pulledS } = rest;
  const foreseenS = centre[centre.length - 1]?.[0] ?? 60;
  const endS = Math.max(
    untilS,
    foreseenS,
    ...(rest.others ?? []).map(({ points }) => points[points.length - 1]?.[0] ?? 0),
    readings[readings.length - 1]?.[0] ?? 0,
    pulledS ?? 0,
    // A bake that outlasts its forecast moves the end by ten minutes at a time, not each second.
    nowS !== undefined && nowS > foreseenS ? Math.ceil(nowS / 600) * 600 : 0,
  );
  return (
    <View
      testID="curves"
      onLayout={({ nativeEvent }) => setWidth(Math.max(240, nativeEvent.layout.width))}
    >
      <Chart {...rest} readings={readings} width={width} height={height} endS={endS} />
      {nowS === undefined ? null : (
        <View
          pointerEvents="none"
          className="absolute border-l border-dashed border-ink"
          style={{
            left: dialScale(endS, width)(Math.min(nowS, endS)),
            top: MARGIN.top,
            height: height - MARGIN.top - MARGIN.bottom,
          }}
        />
      )}
      <CurveFigures {...rest} endS={endS} />
      <View className="flex-row flex-wrap gap-x-4">
        <Soft>{say('curves.centre')}</Soft>
        <Soft>{say('curves.half-way-out')}</Soft>
        <Soft>{say('curves.rim')}</Soft>
        {rest.water && rest.water.length > 0 ? <Soft>{say('curves.bath')}</Soft> : null}
        {rest.band ? <Soft>{say('curves.centre-8-bakes-in-10')}</Soft> : null}
        {readings.length > 0 ? <Soft>{say('curves.read')}</Soft> : null}
      </View>
    </View>
  );
});

type Scale = (value: number) => number;

/** From the earliest to the latest pull, with a line at the best. */
function WindowBand({
  window,
  x,
  height,
}: {
  readonly window: readonly [number, number, number];
  readonly x: Scale;
  readonly height: number;
}) {
  return (
    <G>
      <Rect
        x={x(window[0])}
        y={MARGIN.top}
        width={Math.max(2, x(window[2]) - x(window[0]))}
        height={height - MARGIN.top - MARGIN.bottom}
        fill={colours.yolk}
        opacity={0.3}
      />
      <Line
        x1={x(window[1])}
        x2={x(window[1])}
        y1={MARGIN.top}
        y2={height - MARGIN.bottom}
        stroke={colours.ink}
        strokeWidth={1.5}
      />
    </G>
  );
}

/** Where it sets, and from where it spoils. */
function Heats({
  setC,
  setUncertaintyK,
  curdleC,
  spoils,
  y,
  width,
}: {
  readonly setC: number;
  readonly setUncertaintyK: number;
  readonly curdleC: number | undefined;
  readonly spoils: Bakes['spoils'];
  readonly y: Scale;
  readonly width: number;
}) {
  const { degrees, unit } = useWords();
  return (
    <>
      <Rect
        x={MARGIN.left}
        y={y(setC + Math.max(0.7, setUncertaintyK))}
        width={width - MARGIN.left - MARGIN.right}
        height={Math.max(
          2,
          y(setC - Math.max(0.7, setUncertaintyK)) - y(setC + Math.max(0.7, setUncertaintyK)),
        )}
        fill={colours.yolk}
        opacity={0.35}
      />
      <SvgText {...CHART_TEXT} x={MARGIN.left + 4} y={y(setC) + 4} fill={colours.ink}>
        {say('curves.sets', { setC: degrees(setC), unit })}
      </SvgText>
      {curdleC === undefined ? null : (
        <G>
          <Line
            x1={MARGIN.left}
            x2={width - MARGIN.right}
            y1={y(curdleC)}
            y2={y(curdleC)}
            stroke={colours.scorch}
            strokeWidth={1.5}
            strokeDasharray="6 4"
          />
          <SvgText {...CHART_TEXT} x={MARGIN.left + 4} y={y(curdleC) - 5} fill={colours.scorch}>
            {say('curves.from', {
              spoils: say(`spoils.${spoils}`),
              curdleC: degrees(curdleC),
              unit,
            })}
          </SvgText>
        </G>
      )}
    </>
  );
}

/** What was compared, rim, half radius, centre and bath, each in its own stroke. */
function Histories({
  rim,
  halfRadius,
  centre,
  water,
  band,
  others,
  x,
  y,
}: {
  readonly rim: Points;
  readonly halfRadius: Points;
  readonly centre: Points;
  readonly water: Points | undefined;
  readonly band: CurvesProps['band'];
  readonly others: NonNullable<CurvesProps['others']>;
  readonly x: Scale;
  readonly y: Scale;
}) {
  const path = line<readonly [number, number]>()
    .x(([s]) => x(s))
    .y(([, c]) => y(c));
  const around = area<readonly [number, number, number]>()
    .x(([s]) => x(s))
    .y0(([, low]) => y(low))
    .y1(([, , high]) => y(high));
  return (
    <>
      {band && band.length > 1 ? (
        <Path d={around(band) ?? ''} fill={colours.ink} opacity={0.16} testID="curve-band" />
      ) : null}
      {others.map(({ name, points }, index) => (
        <Path
          key={name}
          d={path(points) ?? ''}
          fill="none"
          stroke={colours.water}
          strokeWidth={2.5}
          strokeDasharray={OTHER_STROKES[index % OTHER_STROKES.length]}
        />
      ))}
      <Path
        d={path(rim) ?? ''}
        fill="none"
        stroke={colours.inkSoft}
        strokeWidth={1.5}
        strokeDasharray="2 3"
      />
      <Path
        d={path(halfRadius) ?? ''}
        fill="none"
        stroke={colours.water}
        strokeWidth={1.5}
        strokeDasharray="8 4"
      />
      <Path d={path(centre) ?? ''} fill="none" stroke={colours.ink} strokeWidth={2.5} />
      {water && water.length > 0 ? (
        <Path
          d={path(water) ?? ''}
          fill="none"
          stroke={colours.water}
          strokeWidth={1}
          strokeDasharray="1 5"
          strokeLinecap="round"
        />
      ) : null}
    </>
  );
}

/** When it is to be pulled, and when it was. */
function Pulls({
  pullS,
  pulledS,
  x,
  height,
}: {
  readonly pullS: number | undefined;
  readonly pulledS: number | undefined;
  readonly x: Scale;
  readonly height: number;
}) {
  return (
    <>
      {pullS === undefined ? null : (
        <SvgText {...CHART_TEXT} x={x(pullS)} y={12} textAnchor="middle" fill={colours.ink}>
          {say('curves.pull')}
        </SvgText>
      )}
      {pulledS === undefined ? null : (
        <G>
          <Line
            x1={x(pulledS)}
            x2={x(pulledS)}
            y1={MARGIN.top}
            y2={height - MARGIN.bottom}
            stroke={colours.water}
            strokeWidth={2}
          />
          <SvgText
            {...CHART_TEXT}
            x={x(pulledS)}
            y={height - MARGIN.bottom - 6}
            textAnchor="middle"
            fill={colours.water}
          >
            {say('curves.pulled')}
          </SvgText>
        </G>
      )}
    </>
  );
}

/** What was really read. */
function Readings({
  readings,
  x,
  y,
}: {
  readonly readings: Points;
  readonly x: Scale;
  readonly y: Scale;
}) {
  return (
    <>
      {readings.map(([s, c]) => (
        <Circle
          key={`${s}/${c}`}
          cx={x(s)}
          cy={y(c)}
          r={5}
          fill={colours.sheet}
          stroke={colours.ink}
          strokeWidth={2}
        />
      ))}
    </>
  );
}

/** All of the picture that does not move with the clock or the scrubber. */
const Chart = memo(function Chart({
  rim,
  halfRadius,
  centre,
  water,
  setC,
  setUncertaintyK = 0,
  curdleC,
  spoils = 'curdles',
  band,
  others = NO_OTHERS,
  window,
  pullS,
  readings,
  pulledS,
  label,
  height,
  width,
  endS,
}: Omit<CurvesProps, 'nowS' | 'untilS'> & {
  readonly readings: Points;
  readonly height: number;
  readonly width: number;
  readonly endS: number;
}) {
  const { degrees } = useWords();
  const highest = Math.max(100, ...rim.map(([, c]) => c), ...readings.map(([, c]) => c));
  const x = dialScale(endS, width);
  const y = scaleLinear()
    .domain([0, highest])
    .range([height - MARGIN.bottom, MARGIN.top]);
  const rows = [0, 20, 40, 60, 80, 100].filter((c) => c <= highest);
  return (
    <Svg width={width} height={height} role="img" aria-label={label}>
      <LevelLines
        levels={rows}
        y={y}
        from={MARGIN.left}
        to={width - MARGIN.right}
        shown={degrees}
      />
      <TimeTicks
        ticks={ticksTo(endS / 60, minuteStep(endS))}
        x={(min) => x(min * 60)}
        y={height - 8}
        unit="min"
      />
      {window ? <WindowBand window={window} x={x} height={height} /> : null}
      <Heats
        setC={setC}
        setUncertaintyK={setUncertaintyK}
        curdleC={curdleC}
        spoils={spoils}
        y={y}
        width={width}
      />
      <Histories
        rim={rim}
        halfRadius={halfRadius}
        centre={centre}
        water={water}
        band={band}
        others={others}
        x={x}
        y={y}
      />
      <Pulls pullS={pullS} pulledS={pulledS} x={x} height={height} />
      <Readings readings={readings} x={x} y={y} />
    </Svg>
  );
});
