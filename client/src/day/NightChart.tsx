import { type Rings } from '@hollow-moon/core';
import {
  programmeOfOven,
  type DayOven,
  type OvenStretchOfDay,
  type Person,
} from '@hollow-moon/core/planning';
import { listed, say } from '@hollow-moon/words';
import { scaleLinear } from 'd3-scale';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import Svg, { Circle, ClipPath, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { CHART_TEXT, Choice, colours, useWords } from '../design';
import { DONENESS } from '../moon';
import type { Planned } from './usePlan';
import { hourOf } from './when';

/** Heights of the picture, px: the hours on top, an oven's heat with its loads, a person's work. */
const TOP_PX = 24;
const OVEN_PX = 108;
const LOAD_PX = 34;
const PERSON_PX = 34;

/** An oven is drawn from the heat of the room to this, °C. */
const HOTTEST_C = 260;

/** Hours in view that can be chosen; all of them first. */
const ZOOMS = ['all', '12', '6', '3', '1'] as const;
type Zoom = (typeof ZOOMS)[number];

type Scale = (minute: number) => number;

/** The heat of an oven as a line from one stretch to the next, falling towards the room while it is off. */
function heatPath(
  stretches: readonly OvenStretchOfDay[],
  x: Scale,
  y: Scale,
  roomC: number,
): string {
  const points: (readonly [number, number])[] = [];
  let before: { readonly toMin: number; readonly setC: number } | undefined;
  for (const { fromMin, toMin, kind, setC } of stretches) {
    if (kind === 'load') points.push([fromMin, setC], [toMin, setC]);
    else points.push([fromMin, before && fromMin - before.toMin < 90 ? before.setC : roomC]);
    before = { toMin, setC };
  }
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

/** One oven: its heat over the night, and what stands in it. */
function OvenLane({
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
      <SvgText {...CHART_TEXT} x={6} y={top + 12} fill={colours.ink}>
        {oven.name}
      </SvgText>
      <Path
        d={heatPath(stretches, x, y, session.means.roomC)}
        fill={colours.inkSoft}
        fillOpacity={0.25}
        stroke={colours.inkSoft}
      />
      <Line x1={0} x2={x(Infinity)} y1={base} y2={base} stroke={colours.line} />
      {loads.map((load, index) => {
        const [from, to] = [x(load.fromMin), x(load.toMin)];
        const jobs = load.tasks.map((task) => model.byId.get(task)!);
        const baked = jobs.find(({ task }) => task.verb === 'bake');
        const bake = (baked ?? jobs[0]!).bakes[0]!;
        const name = jobs
          .map((job) => session.wanted.find((each) => each.id === job.bakes[0])?.name ?? '')
          .join(', ');
        return (
          <G key={`${load.fromMin} ${index}`}>
            <SvgText {...CHART_TEXT} x={from + 2} y={y(load.setC) - 3}>
              {quantity({ ovenC: load.setC })}
            </SvgText>
            <ClipPath id={`${id}-${index}`}>
              <Rect x={from} y={base + 2} width={Math.max(1, to - from)} height={LOAD_PX - 6} />
            </ClipPath>
            <Rect
              x={from}
              y={base + 2}
              width={Math.max(2, to - from)}
              height={LOAD_PX - 6}
              rx={4}
              fill={colours.sheet}
              stroke={colours.ink}
              strokeDasharray={baked ? undefined : '4 3'}
            />
            <G clipPath={`url(#${id}-${index})`}>
              <LoadMoon moon={baked ? moons.get(bake) : undefined} x={from + 15} y={base + 16} />
              <SvgText {...CHART_TEXT} x={from + 30} y={base + 20} fill={colours.ink}>
                {name}
              </SvgText>
            </G>
          </G>
        );
      })}
    </G>
  );
}

/** One person: the hours of work, and in them what hands are on. */
function PersonLane({
  person,
  planned,
  x,
  top,
}: {
  readonly person: Person;
  readonly planned: Planned;
  readonly x: Scale;
  readonly top: number;
}) {
  const { model, plan } = planned;
  return (
    <G>
      {person.hours.map(([from, to]) => (
        <Rect
          key={from}
          x={x(from)}
          y={top + 16}
          width={Math.max(0, x(to) - x(from))}
          height={12}
          fill="none"
          stroke={colours.inkSoft}
        />
      ))}
      {plan.placed.flatMap(({ task, startMin, people }) =>
        model.byId
          .get(task)!
          .busy.map(({ fromMin, minutes }, index) =>
            people[index] === person.id ? (
              <Rect
                key={`${task} ${index}`}
                x={x(startMin + fromMin)}
                y={top + 16}
                width={Math.max(1, x(minutes) - x(0))}
                height={12}
                fill={colours.ink}
              />
            ) : null,
          ),
      )}
      <SvgText {...CHART_TEXT} x={6} y={top + 11} fill={colours.ink}>
        {person.name}
      </SvgText>
    </G>
  );
}

/** From the first thing to the last hour of service, in whole hours. */
function extentOf({ plan, session }: Planned): readonly [from: number, to: number] {
  const starts = plan.placed.map(({ startMin }) => startMin);
  const ends = [
    ...plan.placed.map(({ endMin }) => endMin),
    ...session.wanted.map(({ dueMin }) => dueMin),
  ];
  // An oven heats before its first load.
  const from = Math.floor((Math.min(...starts) - 60) / 60) * 60;
  return [from, Math.ceil((Math.max(...ends) + 10) / 60) * 60];
}

/** The picture in words, for those who listen. */
function useNightInWords({ model, plan, session }: Planned, date: string): string {
  const { quantity } = useWords();
  const ovens = session.means.ovens.map((oven) => {
    const heats = programmeOfOven(model, plan, oven)
      .filter(({ kind }) => kind === 'load')
      .map(({ setC, fromMin, toMin }) =>
        say('day.heat-in-words', {
          setting: quantity({ ovenC: setC }),
          from: hourOf(date, fromMin),
          to: hourOf(date, toMin),
        }),
      );
    return say('day.oven-in-words', {
      oven: oven.name,
      heats: heats.length > 0 ? listed(heats) : say('day.stands-idle'),
    });
  });
  const starts = plan.placed.map(({ startMin }) => startMin);
  const ends = plan.placed.map(({ endMin }) => endMin);
  return say('day.night-in-words', {
    start: hourOf(date, Math.min(...starts)),
    end: hourOf(date, Math.max(...ends)),
    ovens: ovens.join('; '),
  });
}

/** Narrower than this an hour has no room for its figure, px. */
const HOUR_FIGURE_PX = 40;

/**
 * The night: the heat of each oven with what rides on it, and under it whose hands are on. It scrolls sideways where
 * fewer hours are in view than there are.
 */
export function NightChart({
  planned,
  moons,
  date,
}: {
  readonly planned: Planned;
  readonly moons: ReadonlyMap<string, Rings>;
  readonly date: string;
}) {
  const [zoom, setZoom] = useState<Zoom>('all');
  const [width, setWidth] = useState(0);
  const { ovens, people } = planned.session.means;
  const [from, to] = extentOf(planned);
  const hours = (to - from) / 60;
  const drawn = zoom === 'all' ? width : Math.max(width, (hours / Number(zoom)) * width);
  const scale = scaleLinear([from, to], [0, drawn]);
  const x: Scale = (minute) => (minute === Infinity ? drawn : scale(minute));
  const height = TOP_PX + ovens.length * OVEN_PX + people.length * PERSON_PX + 6;
  const every = Math.max(1, Math.ceil(HOUR_FIGURE_PX / (drawn / hours)));
  const label = useNightInWords(planned, date);
  return (
    <View className="gap-2">
      <Choice<Zoom>
        label={say('day.zoom')}
        hideLabel
        value={zoom}
        onChange={setZoom}
        options={ZOOMS.map((value) => ({
          value,
          label:
            value === 'all' ? say('day.zoom-all') : say('day.zoom-hours', { hours: Number(value) }),
        }))}
      />
      <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
        {width > 0 ? (
          <ScrollView horizontal tabIndex={drawn > width ? 0 : -1} aria-label={say('day.night')}>
            <Svg width={drawn} height={height} role="img" aria-label={label}>
              {Array.from({ length: Math.floor(hours / every) + 1 }, (_, index) => {
                const minute = from + index * every * 60;
                return (
                  <G key={minute}>
                    <Line
                      x1={x(minute)}
                      x2={x(minute)}
                      y1={TOP_PX - 6}
                      y2={height}
                      stroke={colours.line}
                      strokeWidth={minute % 1440 === 0 ? 2 : 0.7}
                    />
                    <SvgText
                      {...CHART_TEXT}
                      x={x(minute)}
                      y={13}
                      textAnchor={index === 0 ? 'start' : 'middle'}
                    >
                      {hourOf(date, minute).slice(0, 2)}
                    </SvgText>
                  </G>
                );
              })}
              {ovens.map((oven, index) => (
                <OvenLane
                  key={oven.id}
                  id={`load-${index}`}
                  oven={oven}
                  planned={planned}
                  moons={moons}
                  x={x}
                  top={TOP_PX + index * OVEN_PX}
                />
              ))}
              {people.map((person, index) => (
                <PersonLane
                  key={person.id}
                  person={person}
                  planned={planned}
                  x={x}
                  top={TOP_PX + ovens.length * OVEN_PX + index * PERSON_PX}
                />
              ))}
            </Svg>
          </ScrollView>
        ) : null}
      </View>
    </View>
  );
}
