import { say } from '@hollow-moon/words';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { Button, Range, Soft } from '../design';
import { isPutByHand, locked, MOVED_MIN, STEP_MIN, useCost, useRested } from './moving';
import type { TaskOfDay } from './taskOfDay';
import { hourOf } from './when';

/** What the move to a minute costs, and the buttons; drawn anew when the thumb begins to move and when it rests. */
const Put = memo(function Put({
  startMin,
  resting,
  ...of
}: TaskOfDay & { readonly startMin: number; readonly resting: boolean }) {
  const { placed, day, onEdit } = of;
  const cost = useCost(of, startMin, resting);
  return (
    <>
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
        {isPutByHand(day, placed.task) ? (
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
    </>
  );
});

/** A task put to another time, by the thumb or the keys, with what that costs. */
export function ByHand({
  moved,
  onMoved,
  ...of
}: TaskOfDay & { readonly moved: number; readonly onMoved: (minutes: number) => void }) {
  const startMin = of.placed.startMin + moved;
  const rested = useRested(startMin);
  return (
    <View className="gap-2">
      <Range
        label={say('day.by-hand')}
        value={moved}
        least={-MOVED_MIN}
        most={MOVED_MIN}
        step={STEP_MIN}
        onChange={onMoved}
        shown={hourOf(of.day.date, startMin)}
        testID="move-task"
      />
      <Put {...of} startMin={rested} resting={rested === startMin} />
    </View>
  );
}

/** The same where nobody else has to know how far it was moved: nothing round it is drawn anew under the thumb. */
export function ByHandHere(of: TaskOfDay) {
  const [moved, setMoved] = useState(0);
  return <ByHand {...of} moved={moved} onMoved={setMoved} />;
}
