import type { BakeSummary } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import {
  addMonths,
  eachDayOfInterval,
  endOfMonth,
  format,
  isSameDay,
  isSameMonth,
  startOfMonth,
  startOfWeek,
  endOfWeek,
} from 'date-fns';
import { Pressable, Text, View } from 'react-native';
import { Button, icons, Title } from '../design';
import { Moon } from '../moon';
import { lastMoon } from './outcome';

const MONDAY = { weekStartsOn: 1 } as const;

const bakedOn = (bakes: readonly BakeSummary[], day: Date): readonly BakeSummary[] =>
  bakes.filter(({ data }) => isSameDay(new Date(data.startedAt), day));

/** One day: the moon of its first bake, and how many there were. */
function Day({
  day,
  month,
  bakes,
  chosen,
  onDay,
}: {
  readonly day: Date;
  readonly month: Date;
  readonly bakes: readonly BakeSummary[];
  readonly chosen: boolean;
  readonly onDay: (day: Date | undefined) => void;
}) {
  const [first] = bakes;
  if (!isSameMonth(day, month)) return <View className="h-14" />;
  const number = <Text className="font-figures text-small text-ink-soft">{format(day, 'd')}</Text>;
  if (!first) return <View className="h-14 items-center pt-1">{number}</View>;
  return (
    <Pressable
      role="button"
      aria-pressed={chosen}
      onPress={() => onDay(chosen ? undefined : day)}
      testID={`day-${format(day, 'yyyy-MM-dd')}`}
      className={`h-14 items-center rounded pt-1 active:opacity-70 ${chosen ? 'border-2 border-ink bg-ground' : ''}`}
    >
      <Text className="sr-only">
        {say('log.day', { day: format(day, 'EEEE d MMMM'), bakes: bakes.length })}
      </Text>
      <View aria-hidden className="items-center">
        {number}
        <View className="flex-row items-center">
          <Moon
            state={lastMoon(first.data)}
            shell={first.data.shell !== 'none'}
            size={28}
            label={first.data.formulaName}
          />
          {bakes.length > 1 ? (
            <Text className="font-figures-strong text-small text-ink">{`×${bakes.length}`}</Text>
          ) : null}
        </View>
      </View>
    </Pressable>
  );
}

/**
 * The log as a calendar of moons: a month at a time, each day with what was baked on it. A day that is chosen is listed
 * below.
 */
export function Calendar({
  bakes,
  month,
  onMonth,
  chosen,
  onDay,
}: {
  readonly bakes: readonly BakeSummary[];
  readonly month: Date;
  readonly onMonth: (month: Date) => void;
  readonly chosen: Date | undefined;
  readonly onDay: (day: Date | undefined) => void;
}) {
  const days = eachDayOfInterval({
    start: startOfWeek(startOfMonth(month), MONDAY),
    end: endOfWeek(endOfMonth(month), MONDAY),
  });
  return (
    <View className="gap-1" testID="calendar">
      <View className="flex-row items-center justify-between">
        <Button
          label={say('log.month-before')}
          icon={icons.back}
          iconOnly
          weight="quiet"
          onPress={() => onMonth(addMonths(month, -1))}
        />
        <Title level={2}>{format(month, 'MMMM yyyy')}</Title>
        <Button
          label={say('log.month-after')}
          icon={icons.forth}
          iconOnly
          weight="quiet"
          disabled={isSameMonth(month, new Date()) || month > new Date()}
          onPress={() => onMonth(addMonths(month, 1))}
        />
      </View>
      <View className="flex-row" aria-hidden>
        {days.slice(0, 7).map((day) => (
          <View key={day.toISOString()} className="flex-1 items-center">
            <Text className="font-read text-small text-ink-soft">{format(day, 'EEEEEE')}</Text>
          </View>
        ))}
      </View>
      {Array.from({ length: days.length / 7 }, (_, week) => (
        <View key={week} className="flex-row">
          {days.slice(7 * week, 7 * week + 7).map((day) => (
            <View key={day.toISOString()} className="flex-1">
              <Day
                day={day}
                month={month}
                bakes={bakedOn(bakes, day)}
                chosen={chosen !== undefined && isSameDay(chosen, day)}
                onDay={onDay}
              />
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}
