import type { ChangeData, DayData } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import type { Placed } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { useEffect, useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import type { KitchenBook } from '../book/book';
import { Button, icons, NumberField, Range, Read, Soft, useWords } from '../design';
import { bakesInWords, peopleInWords, taskInWords } from './dayWords';
import { REST_MS, useJob } from '../jobs';
import type { EditDay } from './useDay';
import type { Planned } from './usePlan';
import type { Works } from './useWorks';
import { hourOf, lasting } from './when';

/** What a task may be moved by from where it stands, min to either side, and how finely. */
const MOVED_MIN = 180;
const STEP_MIN = 5;

/** All that belongs to a task and its day. */
export interface TaskOfDay {
  readonly placed: Placed;
  readonly planned: Planned;
  readonly day: DayData;
  readonly works: Works;
  readonly book: KitchenBook;
  readonly onEdit: EditDay;
}

const locked = (day: DayData, task: string, startMin: number): DayData => ({
  ...day,
  locks: [
    ...day.locks.filter((lock) => lock.task !== task),
    { task, startMin: startMin - BEFORE_MIN },
  ],
});

/** A value once it has stood for a moment. */
function useRested(value: number): number {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const rest = setTimeout(() => setRested(value), REST_MS);
    return () => clearTimeout(rest);
  }, [value]);
  return rested;
}

/** What it costs to begin a task at another time, in words; whether it can be done at all. Worked out beside the screen. */
function useCost({ placed, planned, day }: TaskOfDay, movedTo: number) {
  const startMin = useRested(movedTo);
  const { session, plan, measures, way } = planned.worked?.asked ?? planned;
  const ask =
    // A day is large: it is put together only once the thumb rests.
    startMin === placed.startMin || startMin !== movedTo
      ? undefined
      : {
          session: {
            ...session,
            locks: [
              ...(session.locks ?? []).filter(({ task }) => task !== placed.task),
              { task: placed.task, startMin },
            ],
          },
          before: day.way ? way : null,
          presence: day.presence,
        };
  const { answer, settled } = useJob('moved', ask, 'now', 0);
  if (!answer || !settled) return { possible: false, says: '' };
  const named = (bake: string) => session.wanted.find(({ id }) => id === bake)?.name ?? '';
  const left = answer.left.find((bake) => !plan.left.includes(bake));
  const late = answer.late.find(
    ({ bake, minutes }) => minutes > (plan.late.find((each) => each.bake === bake)?.minutes ?? 0),
  );
  if (left || late) {
    const why = left
      ? say('day.cannot-left', { bake: named(left) })
      : say('day.cannot-late', { bake: named(late!.bake) });
    return { possible: false, says: say('day.cannot', { why }) };
  }
  const more = answer.presenceMin - measures.presenceMin;
  const minutes = lasting(Math.abs(more));
  const says =
    more === 0
      ? say('day.costs-nothing')
      : more > 0
        ? say('day.costs', { minutes })
        : say('day.saves', { minutes });
  return { possible: true, says };
}

/** A task put to another time, by the thumb or the keys, with what that costs. */
function ByHand(of: TaskOfDay) {
  const { placed, day, onEdit } = of;
  const [moved, setMoved] = useState(0);
  const startMin = placed.startMin + moved;
  const cost = useCost(of, startMin);
  const isLocked = day.locks.some(({ task }) => task === placed.task);
  return (
    <View className="gap-2">
      <Range
        label={say('day.by-hand')}
        value={moved}
        least={-MOVED_MIN}
        most={MOVED_MIN}
        step={STEP_MIN}
        onChange={setMoved}
        shown={hourOf(day.date, startMin)}
        testID="move-task"
      />
      <View role="status">
        <Soft testID="move-cost">{cost.says}</Soft>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={say('day.put')}
          disabled={!cost.possible}
          testID="put-task"
          onPress={() => onEdit((data) => locked(data, placed.task, startMin))}
        />
        {isLocked ? (
          <Button
            label={say('day.free')}
            testID="free-task"
            onPress={() =>
              onEdit((data) => ({
                ...data,
                locks: data.locks.filter(({ task }) => task !== placed.task),
              }))
            }
          />
        ) : null}
      </View>
    </View>
  );
}

/** A task of one bake as the cook does it: it takes another time, or is not done. What several bakes share stays as it is. */
function AsWeDoIt({ placed, planned, onEdit }: TaskOfDay) {
  const { task, bakes } = planned.model.byId.get(placed.task)!;
  const [bake] = bakes;
  if (bakes.length !== 1 || bake === undefined) return null;
  const changed = (change: ChangeData | undefined) =>
    onEdit(
      (day) => ({
        ...day,
        changes: [
          ...day.changes.filter((each) => each.bake !== bake || each.task !== task.id),
          ...(change ? [change] : []),
        ],
      }),
      placed.task,
    );
  const needed = planned.model.dues.some(({ job }) => job === placed.task);
  return (
    <View className="flex-row flex-wrap items-end gap-3">
      <NumberField
        label={say('day.takes')}
        unit="min"
        value={task.span.expectedMin}
        decimals={0}
        className="w-32"
        testID="task-minutes"
        onChange={(minutes) => {
          if (Number.isInteger(minutes) && minutes >= 1 && minutes <= 1440) {
            changed({ bake, task: task.id, kind: 'retimed', minutes });
          }
        }}
      />
      {task.from === 'cook' ? (
        <Button
          label={say('day.as-worked-out')}
          testID="as-worked-out"
          onPress={() => changed(undefined)}
        />
      ) : null}
      {needed ? null : (
        <Button
          label={say('day.not-done')}
          testID="drop-task"
          onPress={() => changed({ bake, task: task.id, kind: 'dropped' })}
        />
      )}
    </View>
  );
}

/** What is known of a task: how long, what it waits for, what to look for and to mind. */
function TaskDetails(of: TaskOfDay) {
  const { placed, planned } = of;
  const { tell } = useWords();
  const { task } = planned.model.byId.get(placed.task)!;
  const { earliestMin, expectedMin, latestMin } = task.span;
  const next = (planned.model.after.get(placed.task) ?? []).flatMap(({ to, wait }) => {
    const after = planned.plan.placed.find((each) => each.task === to);
    const minutes = after ? after.startMin - placed.endMin : 0;
    return minutes > 0 ? [{ wait, minutes }] : [];
  })[0];
  const gates = [...new Set(task.after.flatMap(({ gate }) => gate ?? []))];
  return (
    <View className="gap-2 pb-3 pl-16">
      {gates.map((gate) => (
        <Read key={gate}>{say('day.asks', { gate: say(`work-gate.${gate}`) })}</Read>
      ))}
      <Soft>
        {task.from === 'computed'
          ? say('day.span', {
              expected: lasting(expectedMin),
              earliest: lasting(earliestMin),
              latest: lasting(latestMin),
            })
          : task.usualMin === undefined
            ? say(task.from === 'usual' ? 'day.usual' : 'day.as-you-say', {
                expected: lasting(expectedMin),
              })
            : say('day.as-here', {
                expected: lasting(expectedMin),
                usual: lasting(task.usualMin),
              })}
      </Soft>
      {task.sign ? <Read>{tell(task.sign)}</Read> : null}
      {task.hazard ? <Soft>{tell(task.hazard)}</Soft> : null}
      {next ? (
        <Soft>
          {say('day.then', { wait: say(`work-wait.${next.wait}`), minutes: lasting(next.minutes) })}
        </Soft>
      ) : null}
      {(task.steps ?? []).map((step) => (
        <Soft key={step}>{say('day.card-says', { step })}</Soft>
      ))}
      <AsWeDoIt {...of} />
      {planned.worked ? null : <ByHand {...of} />}
    </View>
  );
}

/** One task of the plan in a line; a tap opens what is known of it. */
export function TaskRow({
  open,
  onOpen,
  ...of
}: TaskOfDay & { readonly open: boolean; readonly onOpen: () => void }) {
  const { placed, planned, day } = of;
  const { quantity } = useWords();
  const job = planned.model.byId.get(placed.task)!;
  const at = hourOf(day.date, placed.startMin);
  const people = peopleInWords(placed.people, planned);
  const bake = bakesInWords(job, planned);
  const oven = job.task.oven && planned.session.means.ovens.find(({ id }) => id === placed.ovenId);
  const where = oven ? `${oven.name}, ${quantity({ ovenC: job.task.oven.setC })}` : '';
  const isLocked = day.locks.some(({ task }) => task === placed.task);
  const ran = planned.worked?.ran.get(placed.task);
  return (
    <View role="listitem" className="border-t border-line">
      <Pressable
        role="button"
        aria-expanded={open}
        testID={`task-${placed.task}`}
        onPress={onOpen}
        className="min-h-14 flex-row items-start gap-3 py-2 active:opacity-70"
      >
        <Text className="w-14 font-figures-strong text-base text-ink">{at}</Text>
        <View className="min-w-0 flex-1">
          <Read className="font-read-strong">{taskInWords(job)}</Read>
          <Soft>{[bake, where, people].filter(Boolean).join(' · ')}</Soft>
          {isLocked ? <Soft>{say('day.locked')}</Soft> : null}
          {ran ? <Soft testID={`ran-${placed.task}`}>{say(`day.ran-${ran.state}`)}</Soft> : null}
        </View>
        <Soft>{lasting(placed.endMin - placed.startMin)}</Soft>
        {open ? (
          <icons.shut size={18} className="text-ink-soft" aria-hidden />
        ) : (
          <icons.open size={18} className="text-ink-soft" aria-hidden />
        )}
      </Pressable>
      {open ? <TaskDetails {...of} /> : null}
    </View>
  );
}
