import { celsiusToFahrenheit, fahrenheitToCelsius } from '@hollow-moon/core';
import { scaleLinear } from 'd3-scale';
import { G, Line, Text as SvgText } from 'react-native-svg';
import { colours } from './colours';

/** How figures and words are set in a chart. */
export const CHART_TEXT = {
  fontSize: 12,
  fontFamily: 'AtkinsonNext-Regular',
  fill: colours.inkSoft,
} as const;

/** Level lines across a chart, each with its figure at the left. */
export const LevelLines = ({
  levels,
  y,
  from,
  to,
  shown,
}: {
  readonly levels: readonly number[];
  readonly y: (level: number) => number;
  /** Left and right edge of the plot, px. */
  readonly from: number;
  readonly to: number;
  readonly shown: (level: number) => string;
}) => (
  <>
    {levels.map((level) => (
      <G key={level}>
        <Line
          x1={from}
          x2={to}
          y1={y(level)}
          y2={y(level)}
          stroke={colours.line}
          strokeWidth={0.7}
        />
        <SvgText {...CHART_TEXT} x={from - 6} y={y(level) + 4} textAnchor="end">
          {shown(level)}
        </SvgText>
      </G>
    ))}
  </>
);

/** Figures under a time axis; the first says the unit. */
export const TimeTicks = ({
  ticks,
  x,
  y,
  unit,
}: {
  /** In the unit of the axis. */
  readonly ticks: readonly number[];
  readonly x: (tick: number) => number;
  readonly y: number;
  readonly unit: 'min' | 'h';
}) => (
  <>
    {ticks.map((tick) => (
      <SvgText key={tick} {...CHART_TEXT} x={x(tick)} y={y} textAnchor="middle">
        {tick === 0 ? `0 ${unit}` : String(tick)}
      </SvgText>
    ))}
  </>
);

/** Steps from 0 to an end. */
export const ticksTo = (end: number, step: number): number[] =>
  Array.from({ length: Math.floor(end / step) + 1 }, (_, index) => index * step);

/** Some levels between two temperatures, °C, that are round figures in the degrees they are shown in. */
export function heatLevels(fromC: number, toC: number, unit: string, count: number): number[] {
  const ticks = (from: number, to: number) => scaleLinear().domain([from, to]).ticks(count);
  return unit === '°F'
    ? ticks(celsiusToFahrenheit(fromC), celsiusToFahrenheit(toC)).map(fahrenheitToCelsius)
    : ticks(fromC, toC);
}
