import type { StoredDay } from '@hollow-moon/contract';
import type { Way } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { Button, icons, Notice, PlaceLink, Read, Soft, Title, useWords } from '../design';
import { Column, Head, Margin, useTitle, useWide, WhenHere } from '../layout';
import { AlongFold } from './AlongFold';
import { FetchDayFold } from './FetchDayFold';
import { HandsFold, NamedFold } from './HandsFold';
import { NightChart } from './NightChart';
import { Outcome } from './Outcome';
import { OvensFold } from './OvensFold';
import { TaskList } from './TaskList';
import { useDayEdits, useDays } from './useDay';
import { usePlan } from './usePlan';
import { useWorks } from './useWorks';
import { WallSheets } from './WallSheets';
import { WantedFold } from './WantedFold';
import { dayInWords } from './when';

/** What cards say that no task does, bake by bake. */
function Besides({ works }: { readonly works: ReturnType<typeof useWorks> }) {
  const more = works.bakes.filter(({ work }) => work.besides.length > 0);
  if (more.length === 0) return null;
  return (
    <View className="gap-2 pt-4">
      {more.map(({ id, name, work }) => (
        <View key={id}>
          <Read className="font-read-strong">{say('day.besides', { bake: name })}</Read>
          {work.besides.map((step) => (
            <Soft key={step}>{step}</Soft>
          ))}
        </View>
      ))}
    </View>
  );
}

/** A day that is planned: its verdict, the night in a picture, what is wanted, and the tasks by the hour. */
function Day({ stored, book }: { readonly stored: StoredDay; readonly book: KitchenBook }) {
  const { tell } = useWords();
  const wide = useWide();
  const day = stored.data;
  const { edit, undo, redo } = useDayEdits(book.kitchen.id, stored);
  const [trial, setTrial] = useState<Way>();
  const works = useWorks(day.wanted, book);
  const shown = useMemo(
    () =>
      trial ? { ...day, way: { order: [...trial.order], soonerMin: { ...trial.soonerMin } } } : day,
    [day, trial],
  );
  const found = usePlan(shown, works, book);
  const planned = 'planned' in found ? found.planned : undefined;
  const some = planned !== undefined && planned.plan.placed.length > 0;
  const asked = (
    <>
      <WantedFold day={day} book={book} onEdit={edit} />
      <HandsFold day={day} onEdit={edit} />
      <NamedFold day={day} onEdit={edit} />
    </>
  );
  const outcome = (
    <>
      {'problem' in found ? (
        <Margin>
          <Notice kind="danger">{tell(found.problem)}</Notice>
        </Margin>
      ) : null}
      {day.people.length === 0 ? (
        <Margin>
          <Notice kind="hint">{say('day.nobody')}</Notice>
        </Margin>
      ) : null}
      {day.wanted.length === 0 ? (
        <Margin>
          <Notice kind="hint">{say('day.nothing-wanted')}</Notice>
        </Margin>
      ) : planned ? (
        <Outcome day={day} planned={planned} works={works} onEdit={edit} onTrial={setTrial} />
      ) : null}
    </>
  );
  const night = some ? (
    <View className="border-y border-line bg-sheet p-4">
      <NightChart planned={planned} moons={works.moons} date={day.date} />
    </View>
  ) : null;
  const results = some ? (
    <>
      <OvensFold planned={planned} day={day} />
      <FetchDayFold day={day} book={book} works={works} />
    </>
  ) : null;
  const tasks = some ? (
    <View className="border-y border-line bg-sheet p-4">
      <Title level={2}>{say('day.tasks')}</Title>
      <TaskList planned={planned} day={day} works={works} book={book} onEdit={edit} />
      <Besides works={works} />
    </View>
  ) : null;
  const along = <AlongFold stored={stored} planned={planned} book={book} />;
  const head = (
    <Head name={day.name} back={say('day.back')} to="/plan">
      <Soft>{dayInWords(day.date)}</Soft>
      <Button
        label={say('bench.undo')}
        icon={icons.undo}
        iconOnly
        weight="quiet"
        disabled={!undo}
        onPress={() => undo?.()}
        testID="undo-day"
      />
      <Button
        label={say('bench.redo')}
        icon={icons.redo}
        iconOnly
        weight="quiet"
        disabled={!redo}
        onPress={() => redo?.()}
      />
    </Head>
  );
  return (
    <View className="h-full">
      <View className="no-print min-h-0 flex-1">
        {head}
        {wide ? (
          <View className="min-h-0 flex-1 flex-row">
            <View className="min-w-0 flex-[3]">
              <Column>
                {night}
                {outcome}
                {asked}
                {results}
                {along}
              </Column>
            </View>
            <View className="min-w-0 flex-[2] border-l border-line">
              <Column>{tasks}</Column>
            </View>
          </View>
        ) : (
          <Column>
            {outcome}
            {night}
            {asked}
            {tasks}
            {results}
            {along}
          </Column>
        )}
      </View>
      {some ? <WallSheets planned={planned} day={day} /> : null}
    </View>
  );
}

function DayOf({ id, book }: { readonly id: string; readonly book: KitchenBook }) {
  const days = useDays(book.kitchen.id);
  const stored = days?.find((each) => each.id === id);
  useTitle(stored?.data.name ?? say('day.plan'));
  if (stored) return <Day key={id} stored={stored} book={book} />;
  if (!days) return null;
  return (
    <Margin>
      <Notice kind="hint">{say('day.not-here')}</Notice>
      <PlaceLink to="/plan" testID="back-to-plans" className="min-h-12 justify-center">
        <Read>{say('day.back')}</Read>
      </PlaceLink>
    </Margin>
  );
}

/** The screen of one day. */
export function DayScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WhenHere loading={useKitchenBook()}>{(book) => <DayOf id={id} book={book} />}</WhenHere>;
}
