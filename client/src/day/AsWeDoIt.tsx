import type { ChangeData } from '@hollow-moon/contract';
import { canFollow, canSplit, secondPart, type Task } from '@hollow-moon/core/planning';
import { nameOfTask, say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { Button, focusOn, icons, NumberField, Picker, TextField, Tick } from '../design';
import type { TaskOfDay } from './taskOfDay';

/** A step of the cook's own takes so long until they have said otherwise, min. */
const OWN_MIN = 5;
const isMinutes = (minutes: number): boolean =>
  Number.isInteger(minutes) && minutes >= 1 && minutes <= 1440;

/** A change of one task with the others of its bake: of one kind in a row the last one holds. */
function withChange(changes: readonly ChangeData[], change: ChangeData): ChangeData[] {
  const isOf = ({ bake, task }: ChangeData) => bake === change.bake && task === change.task;
  const last = changes.findLast(isOf);
  return last?.kind === change.kind
    ? changes.map((each) => (each === last ? change : each))
    : [...changes, change];
}

/** What a task was told to wait for. */
const orderOf = (
  changes: readonly ChangeData[],
  of: { readonly bake: string; readonly task: string },
) =>
  changes.find(
    (each): each is Extract<ChangeData, { kind: 'after' }> =>
      each.kind === 'after' && each.bake === of.bake && each.task === of.task,
  );

/** A step that this kitchen does besides: what it is, and how long it takes. */
function OwnStep({
  onAdd,
}: {
  readonly onAdd: (step: { readonly name: string; readonly minutes: number }) => void;
}) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState(OWN_MIN);
  if (!open) {
    return (
      <View className="self-start">
        <Button
          label={say('day.own-step')}
          icon={icons.add}
          testID="own-step"
          onPress={() => {
            setOpen(true);
            focusOn('own-step-name');
          }}
        />
      </View>
    );
  }
  return (
    <View className="gap-2 border-l-2 border-line pl-3">
      <TextField
        label={say('day.own-step-is')}
        value={name}
        testID="own-step-name"
        onChange={(next) => setName(next.slice(0, 120))}
      />
      <NumberField
        label={say('day.own-minutes')}
        unit="min"
        value={minutes}
        decimals={0}
        className="w-32"
        testID="own-step-minutes"
        onChange={setMinutes}
      />
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={say('day.add-own-step')}
          disabled={name.trim() === '' || !isMinutes(minutes)}
          testID="add-own-step"
          onPress={() => {
            onAdd({ name: name.trim(), minutes });
            setOpen(false);
            setName('');
          }}
        />
        <Button label={say('day.no-own-step')} weight="quiet" onPress={() => setOpen(false)} />
      </View>
    </View>
  );
}

/** What a task waits for besides, and whether it is done in one go with that. */
function Order({
  tasks,
  task,
  change,
  onChange,
}: {
  readonly tasks: readonly Task[];
  readonly task: Task;
  readonly change: ReturnType<typeof orderOf>;
  readonly onChange: (after: string, atOnce: boolean) => void;
}) {
  return (
    <View className="flex-row flex-wrap items-end gap-3">
      <View className="min-w-52 flex-1">
        <Picker
          label={say('day.waits-for')}
          value={change?.after ?? ''}
          testID="waits-for"
          onChange={(after) => onChange(after, change?.atOnce ?? false)}
          options={[
            { value: '', label: say('day.waits-for-nothing') },
            ...canFollow(tasks, task.id).map((each) => ({
              value: each.id,
              label: nameOfTask(each),
            })),
          ]}
        />
      </View>
      {change ? (
        <Tick
          label={say('day.at-once')}
          ticked={change.atOnce}
          testID="at-once"
          onChange={(atOnce) => onChange(change.after, atOnce)}
        />
      ) : null}
    </View>
  );
}

/** What can be done to a task by one tap. */
function Taps({
  task,
  changed,
  needed,
  onDrop,
  asItWas,
}: {
  readonly task: Task;
  /** Something of it is otherwise than it was worked out. */
  readonly changed: boolean;
  /** The table waits for it. */
  readonly needed: boolean;
  readonly onDrop: () => void;
  readonly asItWas: () => void;
}) {
  const own = task.verb === 'own';
  return (
    <>
      {changed && !own ? (
        <Button
          label={say(task.part ? 'day.in-one' : 'day.as-worked-out')}
          testID="as-worked-out"
          onPress={asItWas}
        />
      ) : null}
      {own ? (
        <Button
          label={say('day.own-remove')}
          icon={icons.remove}
          testID="remove-own-step"
          onPress={asItWas}
        />
      ) : needed || task.part ? null : (
        <Button label={say('day.not-done')} testID="drop-task" onPress={onDrop} />
      )}
    </>
  );
}

/** What is wanted more seldom: parts, order, steps besides. */
function More({
  task,
  tasks,
  order,
  onSplit,
  onReorder,
  onAdd,
}: {
  readonly task: Task;
  readonly tasks: readonly Task[];
  readonly order: ReturnType<typeof orderOf>;
  readonly onSplit: (firstMin: number) => void;
  readonly onReorder: (after: string, atOnce: boolean) => void;
  readonly onAdd: (step: { readonly name: string; readonly minutes: number }) => void;
}) {
  const [open, setOpen] = useState(false);
  if (!open) {
    return (
      <View className="self-start">
        <Button
          label={say('day.more-of-task')}
          weight="quiet"
          testID="more-of-task"
          onPress={() => setOpen(true)}
        />
      </View>
    );
  }
  return (
    <>
      {canSplit(task) ? (
        <View className="self-start">
          <Button
            label={say('day.split')}
            testID="split-task"
            onPress={() => onSplit(Math.ceil(task.span.expectedMin / 2))}
          />
        </View>
      ) : null}
      <Order tasks={tasks} task={task} change={order} onChange={onReorder} />
      <OwnStep onAdd={onAdd} />
    </>
  );
}

/**
 * A task of one bake as the cook does it: it takes another time, is done in two parts, in another order or not at all, or has
 * a step of the kitchen's own after it. What several bakes share stays as it is.
 */
export function AsWeDoIt({ placed, planned, day, onEdit }: TaskOfDay) {
  const { task, bakes } = planned.model.byId.get(placed.task)!;
  const [bake] = bakes;
  if (bakes.length !== 1 || bake === undefined) return null;
  const of = { bake, task: task.id };
  // The parts of a task that is done in two have the changes of both.
  const whole = task.part === 2 ? task.id.slice(0, -secondPart('').length) : task.id;
  const isOfIt = (change: ChangeData) =>
    change.bake === bake && (change.task === whole || change.task === secondPart(whole));
  const edit = (change: (changes: readonly ChangeData[]) => ChangeData[]) =>
    onEdit((data) => ({ ...data, changes: change(data.changes) }), placed.task);
  const add = (change: ChangeData) => edit((changes) => withChange(changes, change));
  const reorder = (after: string, atOnce: boolean) =>
    edit((changes) => {
      const others = changes.filter((each) => each !== orderOf(changes, of));
      return after === '' ? others : [...others, { ...of, kind: 'after', after, atOnce }];
    });
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap items-end gap-3">
        <NumberField
          label={say('day.takes')}
          unit="min"
          value={task.span.expectedMin}
          decimals={0}
          className="w-32"
          testID="task-minutes"
          onChange={(minutes) => {
            if (isMinutes(minutes)) add({ ...of, kind: 'retimed', minutes });
          }}
        />
        <Taps
          task={task}
          changed={day.changes.some(isOfIt)}
          needed={planned.model.dues.some(({ job }) => job === placed.task)}
          onDrop={() => add({ ...of, kind: 'dropped' })}
          asItWas={() => edit((changes) => changes.filter((each) => !isOfIt(each)))}
        />
      </View>
      <More
        task={task}
        tasks={planned.session.wanted.find(({ id }) => id === bake)!.work.tasks}
        order={orderOf(day.changes, of)}
        onSplit={(minutes) => add({ ...of, kind: 'split', minutes })}
        onReorder={reorder}
        onAdd={(step) =>
          edit((changes) => [
            ...changes,
            { bake, task: `own/${uuid()}`, kind: 'added', after: task.id, ...step },
          ])
        }
      />
    </View>
  );
}
