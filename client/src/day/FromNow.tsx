import type { DayData } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import { say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Button, Soft } from '../design';
import type { EditDay } from './useDay';
import type { Planned } from './usePlan';
import { useMinute } from './useMinute';
import { dayAndHour, minuteOf } from './when';

interface Shown {
  readonly day: DayData;
  readonly planned: Planned;
  readonly onEdit: EditDay;
}

/** Planned from a minute on: what was begun before stays, or what was gone is not planned with. */
export function PlannedFrom({ day, planned, onEdit }: Shown) {
  if (day.nowMin === null) return null;
  const fromMin = day.nowMin;
  const at = dayAndHour(day.date, BEFORE_MIN + fromMin);
  const anew = day.locks.some(({ startMin }) => startMin <= fromMin);
  const { people } = planned.session.means;
  const could = people.some(({ hours }) => hours.some(([from]) => from < BEFORE_MIN + fromMin));
  if (!anew && !could) return null;
  return (
    <View className="gap-2">
      <Soft>{say(anew ? 'day.planned-from' : 'day.not-before', { at })}</Soft>
      <View className="self-start">
        <Button
          label={say(anew ? 'day.plan-whole' : 'day.hours-before')}
          testID="plan-whole"
          onPress={() =>
            onEdit((data) => ({
              ...data,
              nowMin: null,
              // What was put by hand and is still ahead stays there.
              locks: data.locks.filter(({ startMin }) => startMin > fromMin),
            }))
          }
        />
      </View>
    </View>
  );
}

/** Once it is planned from now on, that is not asked again for so long, min. */
const ASKED_AGAIN_MIN = 5;

/** Where a plan has begun of which nothing was tapped: the rest of it, or all, can be planned from now on. */
export function FromNow({ day, planned, onEdit }: Shown) {
  const now = minuteOf(day.date, useMinute());
  const { placed } = planned.plan;
  const begun = placed.filter(({ startMin }) => startMin <= now);
  const { nowMin, locks } = day;
  if (nowMin !== null && now < BEFORE_MIN + nowMin + ASKED_AGAIN_MIN) return null;
  if (begun.length === 0 || begun.length === placed.length) return null;
  const ahead = (startMin: number) => BEFORE_MIN + startMin > now;
  return (
    <View className="gap-2">
      <View className="self-start">
        <Button
          label={say('day.plan-the-rest')}
          testID="plan-the-rest"
          onPress={() =>
            onEdit((data) => ({
              ...data,
              nowMin: now - BEFORE_MIN,
              locks: [
                ...data.locks.filter(({ task }) => !begun.some((each) => each.task === task)),
                ...begun.map(({ task, startMin }) => ({ task, startMin: startMin - BEFORE_MIN })),
              ],
            }))
          }
        />
      </View>
      <Soft>{say('day.plan-the-rest-says')}</Soft>
      {locks.some(({ startMin }) => nowMin !== null && startMin <= nowMin) ? null : (
        <View className="self-start">
          <Button
            label={say('day.plan-all-from-now')}
            testID="plan-all-from-now"
            onPress={() =>
              onEdit((data) => ({
                ...data,
                nowMin: now - BEFORE_MIN,
                locks: data.locks.filter(({ startMin }) => ahead(startMin)),
                // Where its tasks stood is of no use to a plan that begins later.
                way: null,
              }))
            }
          />
        </View>
      )}
    </View>
  );
}
