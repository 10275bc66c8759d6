import type { Rings } from '@hollow-moon/core';
import { programmeOfOven } from '@hollow-moon/core/planning';
import { listed, say } from '@hollow-moon/words';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ScrollView, View } from 'react-native';
import Svg from 'react-native-svg';
import { Choice, useWords } from '../design';
import { useWide } from '../layout';
import { Held, Holds, type Holding } from './Holds';
import { extentOf, hoursTo, lanesOf, threadOf, type Lanes } from './night';
import { ColdLane, Hours, LaneNames, PersonLane, Thread } from './NightLanes';
import { OvenLane } from './OvenLane';
import type { TaskOfDay } from './taskOfDay';
import type { Planned } from './usePlan';
import { hourOf } from './when';

/** Hours in view that can be chosen; all of them first. */
const ZOOMS = ['all', '12', '6', '3', '1'] as const;
type Zoom = (typeof ZOOMS)[number];

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

interface PictureOf {
  readonly planned: Planned;
  readonly moons: ReadonlyMap<string, Rings>;
  readonly date: string;
  readonly lanes: Lanes;
  /** So wide that so many hours are in view, px. */
  readonly width: number;
  /** The bake whose thread is drawn. */
  readonly bake: string | undefined;
}

/** What is drawn; it stays as it is while something is moved over it. */
const Picture = memo(function Picture({ planned, moons, date, lanes, width, bake }: PictureOf) {
  const { ovens, people } = planned.session.means;
  const extent = extentOf(planned);
  const x = hoursTo(extent, width);
  const label = useNightInWords(planned, date);
  return (
    <Svg width={width} height={lanes.height} role="img" aria-label={label}>
      <Hours from={extent[0]} to={extent[1]} x={x} height={lanes.height} date={date} />
      {ovens.map((oven, index) => (
        <OvenLane
          key={oven.id}
          id={`load-${index}`}
          oven={oven}
          planned={planned}
          moons={moons}
          x={x}
          top={lanes.ovens.get(oven.id)!}
        />
      ))}
      {[...lanes.cold].map(([room, top]) => (
        <ColdLane key={room} planned={planned} room={room} x={x} top={top} />
      ))}
      {people.map((person) => (
        <PersonLane
          key={person.id}
          person={person}
          planned={planned}
          x={x}
          top={lanes.people.get(person.id)!}
        />
      ))}
      {bake === undefined ? null : <Thread pieces={threadOf(planned, lanes, bake)} x={x} />}
    </Svg>
  );
});

type NightOf = Omit<TaskOfDay, 'placed'>;

/** The picture with what can be taken hold of in it. */
function Night({
  width,
  zoom,
  held,
  moved,
  onHold,
  onMoved,
  ...of
}: NightOf & Holding & { readonly width: number; readonly zoom: Zoom }) {
  const { planned, works, day } = of;
  const { session, model } = planned;
  const extent = extentOf(planned);
  const hours = (extent[1] - extent[0]) / 60;
  const drawn = zoom === 'all' ? width : Math.max(width, (hours / Number(zoom)) * width);
  const x = hoursTo(extent, drawn);
  const lanes = useMemo(() => lanesOf(model), [model]);
  // It opens where most of the work is: on the way to the first hour of service.
  const begin = Math.min(...session.wanted.map(({ dueMin }) => dueMin)) - 10 * 60;
  const scroller = useRef<ScrollView>(null);
  const beginPx = Math.max(0, Math.min(drawn - width, x(begin) - 8));
  const began = useRef(beginPx);
  useEffect(() => scroller.current?.scrollTo({ x: began.current, animated: false }), []);
  return (
    // The picture is large: out of sight it is not drawn, and stands as high as it is.
    <View
      className="[contain-intrinsic-size:auto_0px] [content-visibility:auto]"
      style={{ minHeight: lanes.height }}
    >
      <ScrollView
        ref={scroller}
        horizontal
        role="region"
        tabIndex={drawn > width ? 0 : -1}
        aria-label={say('day.night')}
      >
        <View>
          <Picture
            planned={planned}
            moons={works.moons}
            date={day.date}
            lanes={lanes}
            width={drawn}
            bake={held === undefined ? undefined : model.byId.get(held)?.bakes[0]}
          />
          <Holds
            planned={planned}
            date={day.date}
            lanes={lanes}
            x={x}
            {...{ held, moved, onHold, onMoved }}
          />
        </View>
      </ScrollView>
      <LaneNames lanes={lanes} means={session.means} />
    </View>
  );
}

/**
 * The night: the heat of each oven with what rides on it, the fridge, and under them whose hands are on. It scrolls sideways
 * where fewer hours are in view than there are. A load that is tapped shows its bake's way through the lanes, and is moved
 * by the thumb or the keys.
 */
export function NightChart(of: NightOf) {
  const wide = useWide();
  const [zoom, setZoom] = useState<Zoom>(wide ? 'all' : '6');
  const [width, setWidth] = useState(0);
  const [hold, setHold] = useState<{ readonly task: string; readonly moved: number }>();
  const { planned } = of;
  // A plan that has become another may have it elsewhere, or not at all.
  const placed = planned.plan.placed.find(({ task }) => task === hold?.task);
  const held = placed?.task;
  const moved = hold?.moved ?? 0;
  const onHold = useCallback(
    (task: string | undefined) => setHold(task === undefined ? undefined : { task, moved: 0 }),
    [],
  );
  const onMoved = useCallback(
    (minutes: number) => setHold((before) => before && { ...before, moved: minutes }),
    [],
  );
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
          <Night key={zoom} {...of} {...{ width, zoom, held, moved, onHold, onMoved }} />
        ) : null}
      </View>
      {placed ? (
        <Held
          key={`${placed.task} ${placed.startMin}`}
          {...of}
          {...{ placed, moved, onMoved }}
          onLetGo={() => onHold(undefined)}
        />
      ) : null}
    </View>
  );
}
