import { type Bakes } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { scaleLinear } from 'd3-scale';
import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { dialScale, minuteStep } from '../dial';
import { CurveFigures, type Points } from './CurveFigures';
import {
  Heats,
  Histories,
  MARGIN,
  Pulls,
  Readings,
  WindowBand,
  type Band,
  type Other,
} from './drawn';
import { heatLevels, LevelLines, Soft, ticksTo, TimeTicks, useWords } from '../design';

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
  readonly band?: Band | undefined;
  /** Other histories to hold against this one, each drawn and named in its own stroke. */
  readonly others?: readonly Other[];
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

const NONE: Points = [];
const NO_OTHERS: readonly Other[] = [];

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
  const { degrees, unit } = useWords();
  const highest = Math.max(100, ...rim.map(([, c]) => c), ...readings.map(([, c]) => c));
  const x = dialScale(endS, width);
  const y = scaleLinear()
    .domain([0, highest])
    .range([height - MARGIN.bottom, MARGIN.top]);
  const rows = heatLevels(0, 100, unit, 5);
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
