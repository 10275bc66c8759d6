import {
  COOLING_LIMITS,
  type CoolingForecast,
  type FreezingForecast,
  type OutPlace,
  type OutStep,
} from '@hollow-moon/core';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import {
  Button,
  colours,
  LevelLines,
  ticksTo,
  TimeTicks,
  icons,
  Notice,
  NumberField,
  Picker,
  Read,
  Soft,
  useWords,
} from '../design';
import { say, duration, withUnit } from '@hollow-moon/words';

const MARGIN = { left: 34, right: 10, top: 8, bottom: 24 } as const;
const HEIGHT = 150;

/** Where the published limits want it to be, from when it passes the first of them. */
function Corridor({
  startS,
  endS,
  x,
  y,
}: {
  readonly startS: number;
  readonly endS: number;
  readonly x: (timeS: number) => number;
  readonly y: (celsius: number) => number;
}) {
  return (
    <>
      <Rect
        x={x(startS)}
        y={y(COOLING_LIMITS.fromC)}
        width={Math.max(0, Math.min(x(endS), x(startS + COOLING_LIMITS.firstWithinS)) - x(startS))}
        height={y(COOLING_LIMITS.firstC) - y(COOLING_LIMITS.fromC)}
        fill={colours.water}
        opacity={0.16}
      />
      <Rect
        x={x(startS)}
        y={y(COOLING_LIMITS.firstC)}
        width={Math.max(0, Math.min(x(endS), x(startS + COOLING_LIMITS.coldWithinS)) - x(startS))}
        height={y(COOLING_LIMITS.coldC) - y(COOLING_LIMITS.firstC)}
        fill={colours.water}
        opacity={0.3}
      />
    </>
  );
}

/** The hours after the pull: hottest spot and middle, with the corridor the published limits leave. */
function CoolingCurve({ cooling }: { readonly cooling: CoolingForecast }) {
  const { degrees, unit } = useWords();
  const [width, setWidth] = useState(320);
  const { points, under } = cooling;
  const coldS = under.coldS ?? Infinity;
  const throughS = cooling.freezing?.throughS ?? 0;
  const endS = Math.min(
    points[points.length - 1]![0],
    Math.max(6 * 3600, coldS + 1800, throughS),
    12 * 3600,
  );
  const x = scaleLinear()
    .domain([0, endS])
    .range([MARGIN.left, width - MARGIN.right]);
  const coldest = Math.min(...points.filter(([s]) => s <= endS).map(([, , middle]) => middle));
  const lowest = coldest < -0.5 ? Math.floor(coldest) - 2 : 0;
  const y = scaleLinear()
    .domain([lowest, 100])
    .range([HEIGHT - MARGIN.bottom, MARGIN.top]);
  const of = (column: 1 | 2) =>
    line<CoolingForecast['points'][number]>()
      .x(([s]) => x(s))
      .y((point) => y(point[column]))(points.filter(([s]) => s <= endS)) ?? '';
  const { startS } = under;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(Math.max(240, nativeEvent.layout.width))}>
      <Svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={say('cooling.cooling-after-the-pull-in-hours')}
      >
        <LevelLines
          levels={[0, 21, 57, 100]}
          y={y}
          from={MARGIN.left}
          to={width - MARGIN.right}
          shown={degrees}
        />
        <TimeTicks
          ticks={ticksTo(endS / 3600, 2)}
          x={(hour) => x(hour * 3600)}
          y={HEIGHT - 6}
          unit="h"
        />
        {startS === undefined ? null : <Corridor startS={startS} endS={endS} x={x} y={y} />}
        <Path d={of(2)} fill="none" stroke={colours.ink} strokeWidth={2.5} />
        <Path
          d={of(1)}
          fill="none"
          stroke={colours.scorch}
          strokeWidth={1.5}
          strokeDasharray="6 3"
        />
      </Svg>
      <View className="flex-row flex-wrap gap-x-4">
        <Soft>{say('cooling.middle', { unit })}</Soft>
        <Soft>{say('cooling.hottest-spot')}</Soft>
        <Soft>{say('cooling.within-the-published-limits')}</Soft>
      </View>
    </View>
  );
}

/** The places something cools in, one after another. */
export function OutPlaces({
  out,
  places,
  onOut,
}: {
  readonly out: readonly OutStep[];
  readonly places: readonly OutPlace[];
  readonly onOut: (out: OutStep[]) => void;
}) {
  const options = places.map((value) => ({ value, label: say(`place.${value}`) }));
  const change = (index: number, step: OutStep) =>
    onOut(out.map((each, at) => (at === index ? step : each)));
  return (
    <>
      {out.map((step, index) => (
        <View key={index} className="flex-row flex-wrap items-end gap-2">
          {index === 0 ? (
            <View className="min-h-12 w-28 justify-center">
              <Read>{say('cooling.at-once')}</Read>
            </View>
          ) : (
            <NumberField
              label={say('cooling.after-2')}
              unit="min"
              value={step.atMin}
              onChange={(atMin) => change(index, { ...step, atMin })}
              className="w-28"
              testID={`out-at-${index}`}
            />
          )}
          <View className="min-w-32 flex-1">
            <Picker
              label={say('cooling.place', { index: index + 1 })}
              hideLabel
              value={step.place}
              options={options}
              onChange={(place) => change(index, { ...step, place: place as typeof step.place })}
              testID={`out-place-${index}`}
            />
          </View>
          {index === 0 ? null : (
            <Button
              label={say('cooling.leave-out-place', { index: index + 1 })}
              icon={icons.remove}
              iconOnly
              weight="quiet"
              onPress={() => onOut(out.filter((_, at) => at !== index))}
            />
          )}
        </View>
      ))}
      <View className="self-start">
        <Button
          label={say('cooling.then-somewhere-else')}
          disabled={out.length >= 6}
          testID="add-place"
          onPress={() => onOut([...out, { atMin: (out.at(-1)?.atMin ?? 0) + 60, place: 'fridge' }])}
        />
      </View>
    </>
  );
}

/** When a freezer turns it to ice, first at the edge and then right through. */
function Freezing({ freezing }: { readonly freezing: FreezingForecast }) {
  const { degrees, unit } = useWords();
  const { fromC, beginsS, throughS } = freezing;
  return (
    <Read testID="freezing">
      {beginsS === undefined
        ? say('cooling.nothing-of-it-freezes-that-begins', {
            fromC: withUnit(degrees(fromC), unit),
          })
        : throughS === undefined
          ? say('cooling.its-edge-freezes-only', {
              beginsS: duration(beginsS),
              fromC: withUnit(degrees(fromC), unit),
            })
          : say('cooling.it-freezes-through', {
              beginsS: duration(beginsS),
              fromC: withUnit(degrees(fromC), unit),
              throughS: duration(throughS),
            })}
    </Read>
  );
}

/** How something cools against the published limits: the curve, and the verdict on it. */
export function CoolingResult({
  cooling,
  out,
}: {
  readonly cooling: CoolingForecast;
  /** Where it is put: what is planned already is not advised. */
  readonly out: readonly OutStep[];
}) {
  const chilled = out.some(({ place }) => place === 'fridge' || place === 'freezer');
  const atOnce = chilled && out[0]?.place !== 'rack';
  const { degrees, unit } = useWords();
  const limit = (celsius: number) => withUnit(degrees(celsius), unit);
  const keeps = cooling.keepsFirst && cooling.keepsCold;
  return (
    <>
      <CoolingCurve cooling={cooling} />
      {keeps ? (
        <Read testID="cooling-verdict">
          {say('cooling.cools-in-time-from-to', {
            limit: limit(COOLING_LIMITS.fromC),
            limit2: limit(COOLING_LIMITS.firstC),
            firstS: duration(cooling.under.firstS! - cooling.under.startS!),
            withUnit: withUnit(2, 'h'),
            limit3: limit(COOLING_LIMITS.coldC),
            coldS: duration(cooling.under.coldS! - cooling.under.startS!),
            withUnit2: withUnit(6, 'h'),
          })}
        </Read>
      ) : (
        <Notice kind="danger" testID="cooling-verdict">
          {cooling.keepsFirst
            ? say(chilled ? 'cooling.too-slow-in-the-fridge' : 'cooling.put-it-in-the-fridge-it', {
                limit: limit(COOLING_LIMITS.coldC),
              })
            : say(atOnce ? 'cooling.too-slow-at-first' : 'cooling.cool-it-faster-or-put-it', {
                limit: limit(COOLING_LIMITS.firstC),
                limit2: limit(COOLING_LIMITS.fromC),
              })}
        </Notice>
      )}
      {cooling.freezing ? <Freezing freezing={cooling.freezing} /> : null}
    </>
  );
}
