// What lies on the chart of a bake, one part each: window, heats, histories, pulls, readings.
import type { Bakes } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { area, line } from 'd3-shape';
import { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { CHART_TEXT, colours, useWords } from '../design';
import { DIAL_MARGIN } from '../dial';
import type { Points } from './CurveFigures';

/** Room around a chart of heat over time, px: as the dial's at the sides. */
export const MARGIN = { ...DIAL_MARGIN, top: 18, bottom: 26 } as const;

/** Where most of many runs lie: s, then low and high, °C. */
export type Band = readonly (readonly [number, number, number])[];

/** A history to hold against the bake, with its name. */
export interface Other {
  readonly name: string;
  readonly points: Points;
}

/** Strokes of what is compared: told apart without colour. */
export const OTHER_STROKES = ['10 3 2 3', '4 3', '1 4'] as const;

type Scale = (value: number) => number;

/** From the earliest to the latest pull, with a line at the best. */
export function WindowBand({
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
export function Heats({
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
export function Histories({
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
  readonly band: Band | undefined;
  readonly others: readonly Other[];
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
export function Pulls({
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
export function Readings({
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
