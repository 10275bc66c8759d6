import type { StoredDay } from '@hollow-moon/contract';
import { wayDataOf } from '@hollow-moon/contract/planning';
import type { Way } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { router, useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { Button, icons, Notice, Read, Soft, Title, useWords } from '../design';
import { Column, Head, Margin, Opening, useTitle, useWide, WhenHere } from '../layout';
import { NoSuchDay } from './NoSuchDay';
import { AlongFold } from './AlongFold';
import type { Happened } from './begun';
import { BesideFold } from './BesideFold';
import { FetchDayFold } from './FetchDayFold';
import { HandsFold, NamedFold } from './HandsFold';
import { NightChart } from './NightChart';
import { Outcome } from './Outcome';
import { OvensFold } from './OvensFold';
import { TaskList } from './TaskList';
import { aWeekLater, useDayEdits, useDays, useKeepDay, type DayEdits } from './useDay';
import { usePaces } from './usePaces';
import { usePlan, type Planned } from './usePlan';
import { useWorks, type Works } from './useWorks';
import { WallSheets } from './WallSheets';
import { WantedFold } from './WantedFold';
import { dayInWords } from './when';

/** What cards say that no task does, bake by bake. */
function Besides({ works }: { readonly works: Works }) {
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

/** What the parts of a day's screen are given. */
interface Shown {
  readonly stored: StoredDay;
  readonly book: KitchenBook;
  readonly works: Works;
  readonly found: ReturnType<typeof usePlan>;
  /** The plan, where there is something in it. */
  readonly planned: Planned | undefined;
  readonly edits: DayEdits;
  readonly onTrial: (way: Way | undefined) => void;
  readonly wide: boolean;
}

const DayHead = ({ stored: { data }, edits: { undo, redo }, wide }: Shown) => (
  <Head name={data.name} back={say('day.back')} to="/plan">
    {wide ? <Soft>{dayInWords(data.date)}</Soft> : null}
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

const NOTHING_HAPPENED: Happened = new Map();

/** What is asked of the day. */
function Asked({ stored: { data }, book, planned, edits: { edit } }: Shown) {
  const keep = useKeepDay(book.kitchen.id);
  const paces = usePaces(book.kitchen.id);
  return (
    <>
      <WantedFold
        day={data}
        book={book}
        happened={planned?.worked?.ran ?? NOTHING_HAPPENED}
        onEdit={edit}
      />
      <HandsFold day={data} kitchenId={book.kitchen.id} onEdit={edit} />
      <NamedFold
        day={data}
        onEdit={edit}
        onAgain={() =>
          router.navigate(`/plan/${keep(aWeekLater(data, paces ?? data.paces, new Date()))}`)
        }
      />
    </>
  );
}

/** What comes of it, or what is missing for that. */
function Answer({ stored: { id, data }, book, works, found, edits, onTrial }: Shown) {
  const { tell } = useWords();
  const missing =
    data.people.length === 0
      ? say('day.nobody')
      : data.wanted.length === 0
        ? say('day.nothing-wanted')
        : undefined;
  return (
    <>
      {'problem' in found ? (
        <Margin>
          <Notice kind="danger">{tell(found.problem)}</Notice>
        </Margin>
      ) : null}
      {missing ? (
        <Margin>
          <Notice kind="hint">{missing}</Notice>
        </Margin>
      ) : 'planned' in found ? (
        <Outcome
          day={data}
          planned={found.planned}
          works={works}
          onEdit={edits.edit}
          onTrial={onTrial}
          dayId={id}
          energy={book.kitchen.data}
        />
      ) : null}
    </>
  );
}

const NightSheet = ({ planned, works, book, edits, stored: { data } }: Shown) =>
  planned ? (
    <View className="border-y border-line bg-sheet p-4">
      {/* It opens at the night; where that is is known once all is. */}
      <NightChart
        key={String(works.done === works.all)}
        planned={planned}
        day={data}
        works={works}
        book={book}
        onEdit={edits.edit}
      />
    </View>
  ) : null;

const Tasks = ({ planned, works, book, edits, stored: { data } }: Shown) =>
  planned ? (
    <View className="border-y border-line bg-sheet p-4">
      <Title level={2}>{say('day.tasks')}</Title>
      <TaskList planned={planned} day={data} works={works} book={book} onEdit={edits.edit} />
      <Besides works={works} />
    </View>
  ) : null;

/** What follows from the plan: ovens, what to fetch, what to take along. */
const Results = ({ planned, works, book, stored, edits }: Shown) => (
  <>
    {planned ? (
      <>
        {planned.worked ? null : (
          <BesideFold
            planned={planned}
            day={stored.data}
            energy={book.kitchen.data}
            onEdit={edits.edit}
          />
        )}
        <OvensFold asked={{ planned, day: stored.data, works, book }} onEdit={edits.edit} />
        <FetchDayFold onEdit={edits.edit} day={stored.data} book={book} works={works} />
      </>
    ) : null}
    <AlongFold stored={stored} planned={planned} book={book} />
  </>
);

/** A day that is planned: its verdict, the night in a picture, what is wanted, and the tasks by the hour. */
function Day({ stored, book }: { readonly stored: StoredDay; readonly book: KitchenBook }) {
  const wide = useWide();
  const day = stored.data;
  const edits = useDayEdits(book.kitchen.id, stored);
  const [trial, setTrial] = useState<Way>();
  const works = useWorks(day.wanted, book);
  const tried = useMemo(
    () => ({ ...stored, data: trial ? { ...day, way: wayDataOf(trial) } : day }),
    [stored, day, trial],
  );
  const found = usePlan(tried, works, book);
  const planned =
    'planned' in found && found.planned.plan.placed.length > 0 ? found.planned : undefined;
  const shown: Shown = { stored, book, works, found, planned, edits, wide, onTrial: setTrial };
  return (
    <View className="h-full">
      <View className="no-print min-h-0 flex-1">
        <DayHead {...shown} />
        {wide ? (
          <View className="min-h-0 flex-1 flex-row">
            <View className="min-w-0 flex-[3]">
              <Column>
                <NightSheet {...shown} />
                <Answer {...shown} />
                <Asked {...shown} />
                <Results {...shown} />
              </Column>
            </View>
            <View className="min-w-0 flex-[2] border-l border-line">
              <Column>
                <Tasks {...shown} />
              </Column>
            </View>
          </View>
        ) : (
          <Column>
            <Answer {...shown} />
            <NightSheet {...shown} />
            <Asked {...shown} />
            <Tasks {...shown} />
            <Results {...shown} />
          </Column>
        )}
      </View>
      {planned ? <WallSheets planned={planned} day={day} /> : null}
    </View>
  );
}

function DayOf({ id, book }: { readonly id: string; readonly book: KitchenBook }) {
  const days = useDays(book.kitchen.id);
  const stored = days?.find((each) => each.id === id);
  useTitle(stored?.data.name ?? say('day.plan'));
  if (stored) return <Day key={id} stored={stored} book={book} />;
  if (!days) return <Opening />;
  return <NoSuchDay />;
}

/** The screen of one day. */
export function DayScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WhenHere loading={useKitchenBook()}>{(book) => <DayOf id={id} book={book} />}</WhenHere>;
}
