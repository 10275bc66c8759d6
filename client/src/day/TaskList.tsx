import { changesOf } from '@hollow-moon/contract/planning';
import { withChanges } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, Picker, Read, Title } from '../design';
import type { TaskOfDay } from './taskOfDay';
import { TaskRow } from './TaskRow';
import { dayAndHour } from './when';

/** Tasks by the hour in which they begin. */
function byHour<T extends { readonly startMin: number }>(placed: readonly T[]): [number, T[]][] {
  const hours = new Map<number, T[]>();
  for (const each of placed) {
    const hour = Math.floor(each.startMin / 60) * 60;
    hours.set(hour, [...(hours.get(hour) ?? []), each]);
  }
  return [...hours];
}

/** Tasks that are not done here, each to be brought back; and changes that fit nothing any more. */
function NotDone({ planned, day, works, onEdit }: Omit<TaskOfDay, 'placed'>) {
  const rows = day.changes.flatMap((change) => {
    const bake = works.bakes.find(({ id }) => id === change.bake);
    if (!bake) return [];
    const { unfit } = withChanges(bake.work, changesOf(day, bake.id));
    if (unfit.includes(change)) {
      return [{ change, says: say('day.fits-no-more', { bake: bake.name }) }];
    }
    const task = bake.work.tasks.find(({ id }) => id === change.task);
    return task && change.kind === 'dropped'
      ? [
          {
            change,
            says: say('day.left-undone', { task: say(`work.${task.verb}`), bake: bake.name }),
          },
        ]
      : [];
  });
  if (rows.length === 0 || planned.session.wanted.length === 0) return null;
  return (
    <View role="list" testID="not-done" className="pt-4">
      {rows.map(({ change, says }) => (
        <View
          key={`${change.bake} ${change.task} ${change.kind}`}
          role="listitem"
          className="min-h-14 flex-row items-center justify-between gap-3 border-t border-line py-1"
        >
          <Read className="min-w-0 flex-1">{says}</Read>
          <Button
            label={say('day.bring-task-back')}
            onPress={() =>
              onEdit((data) => ({
                ...data,
                changes: data.changes.filter(
                  ({ bake, task, kind }) =>
                    bake !== change.bake || task !== change.task || kind !== change.kind,
                ),
              }))
            }
          />
        </View>
      ))}
    </View>
  );
}

/** What an hour and a task take at the least, px: so much room is left for what is not drawn. */
const HOUR_PX = 40;
const ROW_PX = 57;

/** The plan as a list by the hour, for everybody or for one person. */
export function TaskList(of: Omit<TaskOfDay, 'placed'>) {
  const { planned, day } = of;
  const [open, setOpen] = useState<string>();
  const [whose, setWhose] = useState('');
  const { people } = planned.session.means;
  const shown = planned.plan.placed.filter(
    (placed) => whose === '' || placed.people.includes(whose),
  );
  return (
    <View className="gap-2">
      {people.length > 1 ? (
        <View className="no-print">
          <Picker
            label={say('day.whose')}
            hideLabel
            value={whose}
            onChange={setWhose}
            testID="whose"
            options={[
              { value: '', label: say('day.everybody') },
              ...people.map(({ id, name }) => ({ value: id, label: name })),
            ]}
          />
        </View>
      ) : null}
      {byHour(shown).map(([hour, placed]) => (
        // What is out of sight is not drawn: a night has a hundred tasks, and one moves under the thumb.
        <View
          key={hour}
          className="-mx-2 px-2 [contain-intrinsic-size:auto_0px] [content-visibility:auto]"
          style={{ minHeight: HOUR_PX + ROW_PX * placed.length }}
        >
          <Title level={2} className="pt-3">
            {dayAndHour(day.date, hour)}
          </Title>
          <View role="list">
            {placed.map((each) => (
              <TaskRow
                key={each.task}
                {...of}
                placed={each}
                open={open === each.task}
                onOpen={() => setOpen(open === each.task ? undefined : each.task)}
              />
            ))}
          </View>
        </View>
      ))}
      <NotDone {...of} />
    </View>
  );
}
