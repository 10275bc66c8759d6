import type { Rings } from '@hollow-moon/core';
import { programmeOfOven, type DayOven, type OvenStretchOfDay } from '@hollow-moon/core/planning';
import { scaleLinear } from 'd3-scale';
import { useMemo } from 'react';
import { Circle, ClipPath, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { CHART_TEXT, colours, useWords } from '../design';
import { DONENESS } from '../moon';
import { LOAD_PX, OVEN_PX, type Scale } from './night';
import type { Planned } from './usePlan';

/** An oven is drawn from the heat of the room to this, °C. */
const HOTTEST_C = 260;

/** An oven that is off is drawn cold after so long, min; it is off where nothing follows sooner. */
const COOLS_MIN = 90;

/** Narrower than these a load has no room for its moon, or its setting, px. */
const MOON_PX = 30;
const SETTING_PX = 44;

/** The heat of an oven as a line from one stretch to the next, falling towards the room while it is off. */
function heatPath(
  stretches: readonly OvenStretchOfDay[],
  x: Scale,
  y: Scale,
  roomC: number,
): string {
  const points: (readonly [number, number])[] = [];
  let before: { readonly toMin: number; readonly setC: number } | undefined;
  const coolFrom = (last: { readonly toMin: number; readonly setC: number }) =>
    points.push([last.toMin + COOLS_MIN, roomC]);
  for (const { fromMin, toMin, kind, setC } of stretches) {
    if (kind === 'load') points.push([fromMin, setC], [toMin, setC]);
    else if (before && fromMin - before.toMin < COOLS_MIN) points.push([fromMin, before.setC]);
    else {
      if (before) coolFrom(before);
      points.push([fromMin, roomC]);
    }
    before = { toMin, setC };
  }
  if (before) coolFrom(before);
  if (points.length === 0) return '';
  const [first, last] = [points[0]!, points.at(-1)!];
  const line = points.map(([minute, celsius]) => `L${x(minute)} ${y(celsius)}`).join('');
  return `M${x(first[0])} ${y(roomC)}${line}L${x(last[0])} ${y(roomC)}Z`;
}

/** The moon of a load, as small as it fits: what has set, and what still moves. */
const LoadMoon = ({ moon, x, y }: { moon: Rings | undefined; x: number; y: number }) => (
  <G>
    <Circle
      cx={x}
      cy={y}
      r={10}
      fill={moon ? DONENESS.set : 'none'}
      stroke={colours.ink}
      strokeWidth={1.5}
    />
    {moon && moon.moving > 0 ? (
      <Circle cx={x} cy={y} r={10 * moon.moving} fill={DONENESS.thick} stroke={colours.ink} />
    ) : null}
  </G>
);

/** A load in its oven: its moon and its names where there is room for them. */
function LoadBlock({
  load,
  planned,
  moons,
  x,
  top,
  clip,
}: {
  readonly load: OvenStretchOfDay;
  readonly planned: Planned;
  readonly moons: ReadonlyMap<string, Rings>;
  readonly x: Scale;
  readonly top: number;
  /** Its id among the clips of the page. */
  readonly clip: string;
}) {
  const { model, session } = planned;
  const [from, to] = [x(load.fromMin), x(load.toMin)];
  const jobs = load.tasks.map((task) => model.byId.get(task)!);
  const baked = jobs.find(({ task }) => task.verb === 'bake');
  const names = jobs.map(
    (job) => session.wanted.find((each) => each.id === job.bakes[0])?.name ?? '',
  );
  const box = { x: from, y: top + 2, height: LOAD_PX - 6 };
  const narrow = to - from < MOON_PX;
  return (
    <G>
      <ClipPath id={clip}>
        <Rect {...box} width={Math.max(1, to - from)} />
      </ClipPath>
      <Rect
        {...box}
        width={Math.max(2, to - from)}
        rx={4}
        fill={baked && narrow ? DONENESS.set : colours.sheet}
        stroke={colours.ink}
        {...(baked ? {} : { strokeDasharray: '4 3' })}
      />
      {narrow ? null : (
        <G clipPath={`url(#${clip})`}>
          <LoadMoon
            moon={baked ? moons.get(baked.bakes[0]!) : undefined}
            x={from + 15}
            y={top + 16}
          />
          <SvgText {...CHART_TEXT} x={from + 30} y={top + 20} fill={colours.ink}>
            {names.join(', ')}
          </SvgText>
        </G>
      )}
    </G>
  );
}

/** The loads whose setting is written: those with room since the last that was. */
function written(loads: readonly OvenStretchOfDay[], x: Scale): OvenStretchOfDay[] {
  return loads.reduce<OvenStretchOfDay[]>((kept, load) => {
    const last = kept.at(-1);
    return last && x(load.fromMin) - x(last.fromMin) < SETTING_PX ? kept : [...kept, load];
  }, []);
}

/** One oven: its heat over the night, and what stands in it. */
export function OvenLane({
  oven,
  planned,
  moons,
  x,
  top,
  id,
}: {
  readonly oven: DayOven;
  readonly planned: Planned;
  readonly moons: ReadonlyMap<string, Rings>;
  readonly x: Scale;
  readonly top: number;
  readonly id: string;
}) {
  const { model, plan, session } = planned;
  const { quantity } = useWords();
  const stretches = useMemo(() => programmeOfOven(model, plan, oven), [model, plan, oven]);
  const base = top + OVEN_PX - LOAD_PX;
  const y = scaleLinear([session.means.roomC, HOTTEST_C], [base, top + 16]);
  const loads = stretches.filter(({ kind }) => kind === 'load');
  return (
    <G>
      <Path
        d={heatPath(stretches, x, y, session.means.roomC)}
        fill={colours.inkSoft}
        fillOpacity={0.25}
        stroke={colours.inkSoft}
      />
      <Line x1={0} x2={x(Infinity)} y1={base} y2={base} stroke={colours.line} />
      {written(loads, x).map(({ fromMin, setC }) => (
        <SvgText key={fromMin} {...CHART_TEXT} x={x(fromMin) + 2} y={y(setC) - 3}>
          {quantity({ ovenC: setC })}
        </SvgText>
      ))}
      {loads.map((load, index) => (
        <LoadBlock
          key={index}
          clip={`${id}-${index}`}
          load={load}
          planned={planned}
          moons={moons}
          x={x}
          top={base}
        />
      ))}
    </G>
  );
}
