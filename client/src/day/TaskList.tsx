import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Picker, Title } from '../design';
import { TaskRow, type TaskOfDay } from './TaskRow';
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
        <View key={hour}>
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
    </View>
  );
}
