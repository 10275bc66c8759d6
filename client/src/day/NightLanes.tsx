import { coldCourse, coldPlaces, type ColdRoom, type Person } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { scaleLinear } from 'd3-scale';
import { useMemo } from 'react';
import { Text, View } from 'react-native';
import { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { CHART_TEXT, colours, ticksTo } from '../design';
import { COLD_PX, TOP_PX, type Lanes, type Scale, type ThreadPiece } from './night';
import type { Planned } from './usePlan';
import { hourOf } from './when';

/** One person: the hours of work, and in them what hands are on. */
export function PersonLane({
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

/** Narrower than this an hour has no room for its figure, px. */
const HOUR_FIGURE_PX = 40;

/** Half the breadth of an hour's figure, px. */
const HALF_FIGURE_PX = 10;

/** The first and the last figure stand within the picture, the others over the middle of their line. */
const anchorAt = (px: number, endPx: number, first: boolean) =>
  first ? 'start' : px > endPx - HALF_FIGURE_PX ? 'end' : 'middle';

/** A line for each hour, or for as many as there is room for, and its figure. */
export function Hours({
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
            textAnchor={anchorAt(x(minute), x(to), index === 0)}
          >
            {hourOf(date, minute).slice(0, 2)}
          </SvgText>
        </G>
      ))}
    </>
  );
}

/** How much stands in the cold over the night: as high as there are places for, and over that where there are not. */
export function ColdLane({
  planned: { model, plan },
  room,
  x,
  top,
}: {
  readonly planned: Planned;
  readonly room: ColdRoom;
  readonly x: Scale;
  readonly top: number;
}) {
  const course = useMemo(() => coldCourse(model, plan, room), [model, plan, room]);
  const places = coldPlaces(model)[room];
  const base = top + COLD_PX - 6;
  const fullest = Math.max(...course.map(({ vessels }) => vessels));
  const y = scaleLinear([0, Math.max(1, fullest, places)], [base, top + 16]);
  const steps = course.map(({ fromMin, vessels }) => `H${x(fromMin)}V${y(vessels)}`).join('');
  return (
    <G>
      {course[0] ? (
        <Path
          d={`M${x(course[0].fromMin)} ${base}${steps}H${x(Infinity)}V${base}Z`}
          fill={colours.inkSoft}
          fillOpacity={0.25}
          stroke={colours.inkSoft}
        />
      ) : null}
      <Line x1={0} x2={x(Infinity)} y1={base} y2={base} stroke={colours.line} />
      <Line
        x1={0}
        x2={x(Infinity)}
        y1={y(places)}
        y2={y(places)}
        stroke={colours.inkSoft}
        strokeDasharray="2 4"
      />
    </G>
  );
}

/** One bake through the lanes, from its first task to its last: what is held is told from the rest by it. */
export const Thread = ({
  pieces,
  x,
}: {
  readonly pieces: readonly ThreadPiece[];
  readonly x: Scale;
}) => {
  const line = pieces
    .map(
      ({ fromMin, toMin, y }, index) => `${index === 0 ? 'M' : 'L'}${x(fromMin)} ${y}H${x(toMin)}`,
    )
    .join('');
  return (
    <G testID="thread">
      <Path d={line} fill="none" stroke={colours.sheet} strokeWidth={6} />
      <Path d={line} fill="none" stroke={colours.water} strokeWidth={2.5} strokeLinejoin="round" />
      {pieces.map(({ fromMin, y }) => (
        <Circle key={fromMin} cx={x(fromMin)} cy={y} r={3.5} fill={colours.water} />
      ))}
    </G>
  );
};

/** The names of the lanes; they stay where they are while the night scrolls under them. */
export const LaneNames = ({
  lanes,
  means: { ovens, people },
}: {
  readonly lanes: Lanes;
  readonly means: Planned['session']['means'];
}) => (
  <View className="pointer-events-none absolute left-0 top-0" aria-hidden>
    {[
      ...ovens.map(({ id, name }) => ({ id, name, top: lanes.ovens.get(id)! })),
      ...[...lanes.cold].map(([id, top]) => ({ id, name: say(`place.${id}`), top: top - 3 })),
      ...people.map(({ id, name }) => ({ id, name, top: lanes.people.get(id)! - 3 })),
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
