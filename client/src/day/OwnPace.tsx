import type { DayData } from '@hollow-moon/contract';
import type { OwnPace } from '@hollow-moon/core/planning';
import { percent, say } from '@hollow-moon/words';
import { View } from 'react-native';
import { Button, Read, Soft } from '../design';
import type { EditDay } from './useDay';
import { usePaces } from './usePaces';

/** So much longer or shorter than usual is worth telling. */
const TOLD = 0.05;

/** The slowest first: what the plan has to make room for. */
const told = (paces: readonly OwnPace[]): OwnPace[] =>
  paces.filter(({ factor }) => Math.abs(factor - 1) >= TOLD).sort((a, b) => b.factor - a.factor);

function Paces({ paces }: { readonly paces: readonly OwnPace[] }) {
  const shown = told(paces);
  if (shown.length === 0) return <Soft>{say('day.pace-as-usual')}</Soft>;
  return (
    <View role="list" testID="paces">
      {shown.map(({ verb, factor, times }) => (
        <View
          key={verb}
          role="listitem"
          className="flex-row flex-wrap items-baseline justify-between gap-x-3 border-t border-line py-2"
        >
          <Read>{say(`work.${verb}`)}</Read>
          <Soft>
            {say('day.pace-of', {
              percent: percent(Math.abs(factor - 1)),
              way: factor > 1 ? 'longer' : 'shorter',
              times,
            })}
          </Soft>
        </View>
      ))}
    </View>
  );
}

const same = (a: readonly OwnPace[], b: readonly OwnPace[]): boolean => {
  const sorted = (paces: readonly OwnPace[]) =>
    JSON.stringify([...paces].sort((x, y) => x.verb.localeCompare(y.verb)));
  return sorted(a) === sorted(b);
};

/** Whether work is planned as is usual or as it goes here, by what was tapped on days that were worked. */
export function OwnPaceOf({
  day: { paces },
  kitchenId,
  onEdit,
}: {
  readonly day: DayData;
  readonly kitchenId: string;
  readonly onEdit: EditDay;
}) {
  const known = usePaces(kitchenId) ?? [];
  const take = (next: readonly OwnPace[]) => onEdit((data) => ({ ...data, paces: [...next] }));
  if (paces.length === 0 && known.length === 0) {
    return <Soft testID="own-pace">{say('day.pace-unknown')}</Soft>;
  }
  const own = paces.length > 0;
  return (
    <View className="gap-2 border-t border-line pt-3">
      <Read testID="own-pace">{say(own ? 'day.pace-own' : 'day.pace-usual')}</Read>
      <Paces paces={own ? paces : known} />
      <View className="flex-row flex-wrap gap-2">
        {known.length > 0 && !same(known, paces) ? (
          <Button
            label={say(own ? 'day.take-last-pace' : 'day.take-own-pace')}
            onPress={() => take(known)}
            testID="take-own-pace"
          />
        ) : null}
        {own ? (
          <Button
            label={say('day.take-usual-pace')}
            onPress={() => take([])}
            testID="take-usual-pace"
          />
        ) : null}
      </View>
    </View>
  );
}
