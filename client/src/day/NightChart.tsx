import type { Rings } from '@hollow-moon/core';
import { programmeOfOven, type DayOven, type Person } from '@hollow-moon/core/planning';
import { listed, say } from '@hollow-moon/words';
import { scaleLinear } from 'd3-scale';
import { useEffect, useRef, useState } from 'react';
import { ScrollView, Text, View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { CHART_TEXT, Choice, colours, ticksTo, useWords } from '../design';
import { useWide } from '../layout';
import { OVEN_PX, PERSON_PX, TOP_PX, type Scale } from './night';
import { OvenLane } from './OvenLane';
import type { Planned } from './usePlan';
import { hourOf } from './when';

/** Hours in view that can be chosen; all of them first. */
const ZOOMS = ['all', '12', '6', '3', '1'] as const;
type Zoom = (typeof ZOOMS)[number];

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
          y={top + 20}
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
                y={top + 20}
                width={Math.max(1, x(minutes) - x(0))}
                height={12}
                fill={colours.ink}
              />
            ) : null,
          ),
      )}
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

/** A line for each hour, or for as many as there is room for, and its figure. */
function Hours({
  from,
  to,
  x,
  height,
  date,
}: {
  readonly from: number;
  readonly to: number;
  readonly x: Scale;
  readonly height: number;
  readonly date: string;
}) {
  const every = Math.max(1, Math.ceil(HOUR_FIGURE_PX / (x(from + 60) - x(from))));
  const minutes = ticksTo((to - from) / 60, every).map((hour) => from + hour * 60);
  return (
    <>
      {minutes.map((minute, index) => (
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
      ))}
    </>
  );
}

/** The names of the lanes; they stay where they are while the night scrolls under them. */
const LaneNames = ({
  ovens,
  people,
}: {
  readonly ovens: readonly DayOven[];
  readonly people: readonly Person[];
}) => (
  <View className="pointer-events-none absolute left-0 top-0" aria-hidden>
    {[
      ...ovens.map(({ id, name }, index) => ({ id, name, top: TOP_PX + index * OVEN_PX })),
      ...people.map(({ id, name }, index) => ({
        id,
        name,
        top: TOP_PX + ovens.length * OVEN_PX + index * PERSON_PX - 3,
      })),
    ].map(({ id, name, top }) => (
      <Text
        key={id}
        className="absolute whitespace-nowrap bg-sheet pr-1 font-read text-small text-ink"
        style={{ top }}
      >
        {name}
      </Text>
    ))}
  </View>
);

interface NightOf {
  readonly planned: Planned;
  readonly moons: ReadonlyMap<string, Rings>;
  readonly date: string;
}

/** The picture itself, so wide that so many hours are in view. */
function Night({
  planned,
  moons,
  date,
  width,
  zoom,
}: NightOf & { readonly width: number; readonly zoom: Zoom }) {
  const { ovens, people } = planned.session.means;
  const [from, to] = extentOf(planned);
  const drawn = zoom === 'all' ? width : Math.max(width, ((to - from) / 60 / Number(zoom)) * width);
  const scale = scaleLinear([from, to], [0, drawn]);
  const x: Scale = (minute) => (minute === Infinity ? drawn : scale(minute));
  const height = TOP_PX + ovens.length * OVEN_PX + people.length * PERSON_PX + 6;
  // It opens where most of the work is: on the way to the first hour of service.
  const begin = Math.min(...planned.session.wanted.map(({ dueMin }) => dueMin)) - 10 * 60;
  const label = useNightInWords(planned, date);
  const scroller = useRef<ScrollView>(null);
  const beginPx = Math.max(0, Math.min(drawn - width, x(begin) - 8));
  const began = useRef(beginPx);
  useEffect(() => scroller.current?.scrollTo({ x: began.current, animated: false }), []);
  return (
    <View>
      <ScrollView
        ref={scroller}
        horizontal
        role="region"
        tabIndex={drawn > width ? 0 : -1}
        aria-label={say('day.night')}
      >
        <Svg width={drawn} height={height} role="img" aria-label={label}>
          <Hours from={from} to={to} x={x} height={height} date={date} />
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
      <LaneNames ovens={ovens} people={people} />
    </View>
  );
}

/**
 * The night: the heat of each oven with what rides on it, and under it whose hands are on. It scrolls sideways where
 * fewer hours are in view than there are.
 */
export function NightChart(of: NightOf) {
  const wide = useWide();
  const [zoom, setZoom] = useState<Zoom>(wide ? 'all' : '6');
  const [width, setWidth] = useState(0);
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
        {width > 0 ? <Night key={zoom} {...of} width={width} zoom={zoom} /> : null}
      </View>
    </View>
  );
}
