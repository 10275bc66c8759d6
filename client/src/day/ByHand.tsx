import { say } from '@hollow-moon/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Button, Range, Soft } from '../design';
import { locked, MOVED_MIN, STEP_MIN, useCost } from './moving';
import type { TaskOfDay } from './taskOfDay';
import { hourOf } from './when';

/** A task put to another time, by the thumb or the keys, with what that costs. */
export function ByHand({
  moved,
  onMoved,
  ...of
}: TaskOfDay & { readonly moved: number; readonly onMoved: (minutes: number) => void }) {
  const { placed, day, onEdit } = of;
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
        onChange={onMoved}
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

/** The same where nobody else has to know how far it was moved: nothing round it is drawn anew under the thumb. */
export function ByHandHere(of: TaskOfDay) {
  const [moved, setMoved] = useState(0);
  return <ByHand {...of} moved={moved} onMoved={setMoved} />;
}
