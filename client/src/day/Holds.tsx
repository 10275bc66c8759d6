import { programmeOfOven } from '@hollow-moon/core/planning';
import { bakesInWords, say, taskInWords } from '@hollow-moon/words';
import { useRef, type ComponentProps } from 'react';
import { Pressable, View } from 'react-native';
import { Button, Read, Soft } from '../design';
import { ByHand } from './ByHand';
import { MOVED_MIN, STEP_MIN } from './moving';
import { LOAD_PX, OVEN_PX, type Lanes, type Scale } from './night';
import type { TaskOfDay } from './taskOfDay';
import type { Planned } from './usePlan';
import { hourOf } from './when';

/** What is held in the picture, and by how much it was moved, min. */
export interface Holding {
  readonly held: string | undefined;
  readonly moved: number;
  readonly onHold: (task: string | undefined) => void;
  readonly onMoved: (minutes: number) => void;
}

/** As large as a thumb, and the least that is seen to be held, px. */
const THUMB_PX = 48;
const LEAST_PX = 10;

const KEYS: Readonly<Record<string, number>> = { ArrowLeft: -STEP_MIN, ArrowRight: STEP_MIN };

/** A move in whole steps, no further than a task may be moved. */
const inSteps = (minutes: number): number =>
  Math.max(-MOVED_MIN, Math.min(MOVED_MIN, Math.round(minutes / STEP_MIN) * STEP_MIN));

/** One load, to be taken hold of: by a tap first, then moved along the hours. */
function Hold({
  tasks,
  fromPx,
  widthPx,
  topPx,
  pxPerMin,
  label,
  held,
  moved,
  movable,
  onHold,
  onMoved,
}: Omit<Holding, 'held'> & {
  /** All that is in it; a tap on what is held goes on to the next of them. */
  readonly tasks: readonly string[];
  readonly fromPx: number;
  readonly widthPx: number;
  readonly topPx: number;
  readonly pxPerMin: number;
  readonly label: string;
  readonly held: string | undefined;
  readonly movable: boolean;
}) {
  const grip = useRef<{ readonly x: number; readonly moved: number }>(undefined);
  const isHeld = held !== undefined;
  const drags = isHeld && movable;
  // The pointer's events are the browser's own; React Native has no types for them.
  const pointer = {
    onPointerDown: (event: PointerEvent) => {
      if (!drags) return;
      (event.currentTarget as HTMLElement | null)?.setPointerCapture?.(event.pointerId);
      grip.current = { x: event.clientX, moved };
    },
    onPointerMove: (event: PointerEvent) => {
      const { current } = grip;
      if (current) onMoved(inSteps(current.moved + (event.clientX - current.x) / pxPerMin));
    },
    onPointerUp: () => {
      grip.current = undefined;
    },
    onPointerCancel: () => {
      grip.current = undefined;
    },
    onKeyDown: (event: KeyboardEvent) => {
      const by = KEYS[event.key];
      if (!drags || by === undefined) return;
      event.preventDefault();
      onMoved(inSteps(moved + by));
    },
  } as unknown as ComponentProps<typeof Pressable>;
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-pressed={isHeld}
      testID={`hold-${tasks[0]!}`}
      onPress={() => {
        // What was dragged is let be where it is.
        if (moved !== 0) return;
        const next = isHeld ? tasks[tasks.indexOf(held) + 1] : tasks[0];
        onHold(next);
      }}
      className={`absolute justify-center ${drags ? 'touch-none select-none' : ''}`}
      style={{
        left: fromPx + (isHeld ? moved * pxPerMin : 0),
        top: topPx,
        width: Math.max(THUMB_PX, widthPx),
        height: THUMB_PX,
      }}
      {...pointer}
    >
      {isHeld ? (
        <View
          className="rounded border-2 border-water"
          style={{ width: Math.max(LEAST_PX, widthPx), height: LOAD_PX + 4 }}
        />
      ) : null}
    </Pressable>
  );
}

/** All loads of the ovens, over the picture. */
export function Holds({
  planned,
  date,
  lanes,
  x,
  held,
  moved,
  onHold,
  onMoved,
}: Holding & {
  readonly planned: Planned;
  readonly date: string;
  readonly lanes: Lanes;
  readonly x: Scale;
}) {
  const { model, plan, session } = planned;
  return session.means.ovens.flatMap((oven) =>
    programmeOfOven(model, plan, oven)
      .filter(({ kind }) => kind === 'load')
      .map(({ fromMin, toMin, tasks }) => (
        <Hold
          key={`${oven.id} ${fromMin}`}
          tasks={tasks}
          fromPx={x(fromMin)}
          widthPx={x(toMin) - x(fromMin)}
          topPx={lanes.ovens.get(oven.id)! + OVEN_PX - LOAD_PX - (THUMB_PX - LOAD_PX) / 2}
          pxPerMin={x(1) - x(0)}
          label={say('day.hold', {
            what: tasks
              .map((task) => bakesInWords(model.byId.get(task)!, planned))
              .filter(Boolean)
              .join(', '),
            from: hourOf(date, fromMin),
            to: hourOf(date, toMin),
          })}
          held={held !== undefined && tasks.includes(held) ? held : undefined}
          moved={moved}
          movable={planned.worked === undefined}
          onHold={onHold}
          onMoved={onMoved}
        />
      )),
  );
}

/** What is held, under the picture: what it is, where it goes, and what that costs. */
export function Held({
  placed,
  moved,
  onMoved,
  onLetGo,
  ...of
}: TaskOfDay & Pick<Holding, 'moved' | 'onMoved'> & { readonly onLetGo: () => void }) {
  const { planned, day } = of;
  const job = planned.model.byId.get(placed.task)!;
  return (
    <View testID="held" className="gap-2 border-l-2 border-water pl-3">
      <View className="flex-row items-start justify-between gap-3">
        <View className="min-w-0 flex-1">
          <Read className="font-read-strong">{taskInWords(job)}</Read>
          <Soft>
            {[
              bakesInWords(job, planned),
              `${hourOf(day.date, placed.startMin)}–${hourOf(day.date, placed.endMin)}`,
            ]
              .filter(Boolean)
              .join(' · ')}
          </Soft>
        </View>
        <Button label={say('day.let-go')} weight="quiet" testID="let-go" onPress={onLetGo} />
      </View>
      {planned.worked ? null : <ByHand {...of} placed={placed} moved={moved} onMoved={onMoved} />}
    </View>
  );
}
