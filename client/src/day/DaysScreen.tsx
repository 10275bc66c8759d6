import { type StoredDay } from '@hollow-moon/contract';
import { fromDayFile } from '@hollow-moon/contract/planning';
import type { Problem } from '@hollow-moon/core';
import { listed, say } from '@hollow-moon/words';
import { router } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { Button, FileButton, icons, Notice, PlaceLink, Soft, Title, useWords } from '../design';
import { Column, Hollow, Margin, useTitle, WhenHere } from '../layout';
import { arrived } from './arrived';
import { OrdersFold } from './OrdersFold';
import { emptyDay, useDays, useKeepDay } from './useDay';
import { usePaces } from './usePaces';
import { dayInWords } from './when';

const DayLink = ({ id, data }: StoredDay) => (
  <View role="listitem">
    <PlaceLink
      to={`/plan/${id}`}
      testID={`day-${id}`}
      className="min-h-16 justify-center border-t border-line bg-sheet px-4 py-3"
    >
      <Text className="font-read-strong text-base text-ink">{dayInWords(data.date)}</Text>
      <Soft>{`${data.name} · ${say('day.bakes', { count: data.wanted.length })}`}</Soft>
    </PlaceLink>
  </View>
);

function Days({ book }: { readonly book: KitchenBook }) {
  const { tell } = useWords();
  const days = useDays(book.kitchen.id);
  const [problem, setProblem] = useState<Problem>();
  const [lacking, setLacking] = useState<readonly string[]>([]);
  const keep = useKeepDay(book.kitchen.id);
  const paces = usePaces(book.kitchen.id);
  const open = (text: string) => {
    const read = fromDayFile(text);
    setProblem(read.ok ? undefined : read.problem);
    if (!read.ok) return;
    const { day, lacks } = arrived(read.value.day, (id) => book.formulaOf(id) !== undefined);
    setLacking(lacks.map((id) => read.value.formulas[id] ?? id));
    const id = keep(day);
    if (lacks.length === 0) router.navigate(`/plan/${id}`);
  };
  return (
    <Column>
      <Margin>
        <View className="flex-row items-center gap-2">
          <View className="min-w-0 flex-1">
            <Title>{say('day.plan')}</Title>
            <Soft>{book.kitchen.data.name}</Soft>
          </View>
          <Button
            label={say('day.new')}
            icon={icons.add}
            testID="new-day"
            onPress={() => router.navigate(`/plan/${keep(emptyDay(new Date(), paces))}`)}
          />
        </View>
        {problem ? <Notice kind="danger">{tell(problem)}</Notice> : null}
        {lacking.length > 0 ? (
          <Notice kind="danger">{say('day.file-lacks', { formulas: listed(lacking) })}</Notice>
        ) : null}
        {days?.length === 0 ? <Hollow kind="empty" says={say('day.none-yet')} /> : null}
      </Margin>
      <View role="list">
        {(days ?? [])
          .filter(({ data }) => !data.archived)
          .map((day) => (
            <DayLink key={day.id} {...day} />
          ))}
      </View>
      <View className="mt-4">
        <OrdersFold book={book} />
      </View>
      <Margin>
        <FileButton label={say('day.open-file')} accept=".json" onText={open} testID="open-day" />
      </Margin>
    </Column>
  );
}

/** The days that are planned. */
export function DaysScreen() {
  useTitle(say('day.plan'));
  return <WhenHere loading={useKitchenBook()}>{(book) => <Days book={book} />}</WhenHere>;
}
