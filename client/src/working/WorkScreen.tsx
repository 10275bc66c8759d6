import type { MarkData, StoredDay } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import type { Placed } from '@hollow-moon/core/planning';
import { say } from '@hollow-moon/words';
import { useLocalSearchParams } from 'expo-router';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { useNow } from '../bake/useNow';
import { useKitchenBook, type KitchenBook } from '../book/book';
import {
  exactMinuteOf,
  hourOf,
  lasting,
  momentOf,
  taskInWords,
  useDays,
  useMarks,
  asTapped,
  usePlan,
  useWorks,
  type WorkedPlan,
  type Works,
} from '../day';
import { Button, focusOn, icons, Notice, Picker, Read, Soft } from '../design';
import { Column, Head, Margin, useTitle, useWide, WhenHere } from '../layout';
import { handChosen } from '../state/settings';
import { useAppDispatch, useAppSelector } from '../state/state';
import { MoreTaps, nextTap, OtherwiseSheet } from './Actions';
import { DayDone } from './DayDone';
import { Behind, Clocks, GoingAndNext } from './Lists';
import { mostPressing, rowsOf, type Row, type Rows } from './order';
import { gatesOf, TaskCard } from './TaskCard';
import { useAgenda } from './useAgenda';
import { StandView } from './StandView';
import { bakeOf, heldHere, useTaps, type Taps } from './useTaps';

/** Tasks that should have begun so long ago, and of which nobody has said so, are asked about, min. */
const FORGOTTEN_MIN = 10;

/** A day is over two days after it began: nothing of it can be begun any more. */
const OVER_MIN = BEFORE_MIN + 2 * 1440;

const CONNECTION = {
  none: 'working.connecting',
  open: 'working.connected',
  lost: 'working.lost',
} as const;

/** All that the parts of the screen are given. */
interface AtWork {
  readonly stored: StoredDay;
  readonly book: KitchenBook;
  readonly works: Works;
  readonly planned: WorkedPlan;
  readonly marks: readonly MarkData[];
  readonly rows: Rows;
  readonly nowMin: number;
  readonly taps: Taps;
  readonly row: Row | undefined;
  /** What presses most: mostly the same. */
  readonly pressing: Row | undefined;
  readonly onChoose: (task: string | undefined) => void;
}

/** Who holds this device, and whether it hears the others. */
function Device({ stored: { data } }: Pick<AtWork, 'stored'>) {
  const dispatch = useAppDispatch();
  const hand = useAppSelector((state) => state.settings.hand);
  const connection = useAppSelector((state) => state.connection);
  const known = data.people.some(({ id }) => id === hand);
  return (
    <View className="gap-2 px-4 pt-3">
      {data.people.length > 1 ? (
        <Picker
          label={say('working.hand')}
          value={known ? hand : ''}
          onChange={(id) => dispatch(handChosen(id))}
          testID="hand"
          options={[
            { value: '', label: say('working.anybody') },
            ...data.people.map(({ id, name }) => ({ value: id, label: name })),
          ]}
        />
      ) : null}
      <View role="status" testID="connection">
        <Soft className={connection === 'lost' ? 'text-scorch' : ''}>
          {say(CONNECTION[connection])}
        </Soft>
      </View>
    </View>
  );
}

/** Tasks that should have been begun by now, and of which nobody has said so: did they go as planned, or are they still to do? */
function Forgotten({
  forgotten,
  planned,
  nowMin,
  taps,
  stored: { data },
  onStillToDo,
}: Pick<AtWork, 'planned' | 'nowMin' | 'taps' | 'stored'> & {
  readonly forgotten: readonly Placed[];
  readonly onStillToDo: () => void;
}) {
  const jobs = planned.worked.asked.model.byId;
  const iso = (minute: number) => momentOf(data.date, minute).toISOString();
  return (
    <Notice
      kind="hint"
      testID="forgotten"
      actions={
        <>
          <Button
            label={say('working.as-planned')}
            weight="main"
            testID="as-planned"
            onPress={() => {
              taps.asPlanned(
                forgotten.map(({ task, startMin, endMin }) => ({
                  job: jobs.get(task)!,
                  begun: iso(startMin),
                  ...(endMin <= nowMin ? { done: iso(endMin) } : {}),
                })),
              );
              focusOn('next-tap');
            }}
          />
          <Button
            label={say('working.still-to-do')}
            testID="still-to-do"
            onPress={() => {
              onStillToDo();
              focusOn('next-tap');
            }}
          />
        </>
      }
    >
      {say('working.catch-up', { count: forgotten.length })}
    </Notice>
  );
}

/** What comes late or not at all, a line each; said once it is settled what has been done. */
function Late({ planned, rows, stored: { data } }: AtWork) {
  const wantedOf = (bake: string) => planned.session.wanted.find(({ id }) => id === bake)!;
  const unfinished = new Set([...rows.ahead, ...rows.going].flatMap(({ job }) => job.bakes));
  const says = [
    ...planned.plan.left.map((bake) => say('working.left', { bake: wantedOf(bake).name })),
    ...planned.plan.late
      .filter(({ bake }) => unfinished.has(bake))
      .map(({ bake, minutes }) =>
        say('working.late', {
          bake: wantedOf(bake).name,
          minutes: lasting(minutes),
          at: hourOf(data.date, wantedOf(bake).dueMin + minutes),
        }),
      ),
  ];
  if (says.length === 0) return null;
  return (
    <Notice kind="danger" testID="late">
      {says.join(' ')}
    </Notice>
  );
}

/** What has to be settled or known before going on. */
function Troubles(of: AtWork) {
  const { planned, nowMin } = of;
  const [toDo, setToDo] = useState<ReadonlySet<string>>(new Set());
  const { asked, ran } = planned.worked;
  const forgotten = asked.plan.placed.filter(
    ({ task, startMin }) => !ran.has(task) && startMin <= nowMin - FORGOTTEN_MIN && !toDo.has(task),
  );
  return (
    <View className="gap-2 px-4 pt-3 empty:hidden">
      {forgotten.length > 0 ? (
        <Forgotten
          {...of}
          forgotten={forgotten}
          onStillToDo={() => setToDo(new Set([...toDo, ...forgotten.map(({ task }) => task)]))}
        />
      ) : (
        <Late {...of} />
      )}
    </View>
  );
}

/** The task that is shown, and all that may be tapped of it but the one big thing. */
function Shown(of: AtWork & { readonly onOtherwise: () => void }) {
  const { row, pressing, marks, taps } = of;
  if (!row) {
    return (
      <View className="gap-3 border-y border-line bg-sheet p-4" testID="all-done">
        <Read className="font-read-strong text-lead">
          {say(of.rows.over.length > 0 ? 'working.all-done' : 'working.nothing')}
        </Read>
        {of.rows.over.length > 0 ? <DayDone {...of} /> : null}
      </View>
    );
  }
  return (
    <View className="gap-4 border-y border-line bg-sheet p-4" testID="shown-task">
      {pressing?.due && pressing.job.id !== row.job.id ? (
        <View role="status">
          <Button
            label={say('working.presses', { task: taskInWords(pressing.job) })}
            icon={icons.alarm}
            testID="presses"
            onPress={() => of.onChoose(pressing.job.id)}
          />
        </View>
      ) : null}
      <TaskCard {...of} row={row} bakeId={bakeOf(marks, row.job.id)} />
      <MoreTaps row={row} taps={taps} onOtherwise={of.onOtherwise} />
    </View>
  );
}

/** The one big thing to tap. */
function NextTap({ row, taps }: { readonly row: Row; readonly taps: Taps }) {
  const { text, label, does } = nextTap(row, gatesOf(row).length > 0);
  return (
    <Button
      label={label}
      text={text}
      weight={
        row.standing.state === 'waiting' || row.standing.state === 'blocked' ? 'plain' : 'main'
      }
      className="min-h-[72px] flex-1"
      testID="next-tap"
      onPress={() => taps[does](row)}
    />
  );
}

/** Taken back by one tap: what was tapped last on this device, or by whoever holds it. */
function lastTap(marks: readonly MarkData[], hand: string): readonly MarkData[] {
  const last = marks.findLast(({ by }) => hand === '' || by === hand);
  return last ? marks.filter(({ tap }) => tap === last.tap) : [];
}

function WorkHead({ stored, marks, taps }: Pick<AtWork, 'stored' | 'marks' | 'taps'>) {
  const hand = useAppSelector((state) => state.settings.hand);
  const last = lastTap(marks, stored.data.people.some(({ id }) => id === hand) ? hand : '');
  return (
    <Head
      name={say('working.at-work', { day: stored.data.name })}
      back={say('working.back')}
      to={`/plan/${stored.id}`}
    >
      <Button
        label={say('working.undo')}
        icon={icons.undo}
        iconOnly
        weight="quiet"
        disabled={last.length === 0}
        testID="undo-tap"
        onPress={() => taps.takeBack(last)}
      />
    </Head>
  );
}

type Given = Omit<AtWork, 'rows' | 'nowMin' | 'row' | 'pressing' | 'onChoose' | 'taps'>;

/** What bakes is on every device, so that its clock runs and calls on each. */
function useBakesHere({ book, marks }: Given, { going }: Rows): void {
  const dispatch = useAppDispatch();
  const baking = going.flatMap(({ job }) => bakeOf(marks, job.id) ?? []).join(' ');
  const { id: kitchenId } = book.kitchen;
  useEffect(() => {
    for (const id of baking.split(' ').filter(Boolean)) void dispatch(heldHere(kitchenId, id));
  }, [dispatch, kitchenId, baking]);
}

/**
 * Which task is shown: what was chosen, else what pressed most when it was last asked. It stays until it is over, so that
 * the one big button never becomes another under a thumb; what presses more meanwhile is told above it.
 */
function useShown(rows: Rows, person: string) {
  const [shown, setShown] = useState<string>();
  const pressing = mostPressing(rows, person);
  const stays = [...rows.going, ...rows.ahead].find(({ job }) => job.id === shown);
  const row = stays ?? pressing;
  if (row && row.job.id !== shown) setShown(row.job.id);
  return { row, pressing, choose: setShown };
}

/** Where the day stands by the second, which task is shown, and what may be tapped. */
function useAtWork(given: Given): AtWork & { readonly over: boolean } {
  const { stored, book, marks } = given;
  const { date, people } = stored.data;
  const hand = useAppSelector((state) => state.settings.hand);
  const person = people.some(({ id }) => id === hand) ? hand : '';
  const now = useNow(true);
  const nowMin = exactMinuteOf(date, new Date(now));
  const { planned: worked } = given;
  const planned = useMemo(
    () => asTapped(worked, date, marks, new Date(now)),
    [worked, date, marks, now],
  );
  const rows = useMemo(() => rowsOf(planned, nowMin), [planned, nowMin]);
  const taps = useTaps(stored, book, marks);
  useAgenda(stored.id, rows, person, date);
  useBakesHere(given, rows);
  const { row, pressing, choose } = useShown(rows, person);
  const own: Taps = useMemo(
    () => ({
      ...taps,
      // Done with: what presses most is shown again.
      finish: (...of) => {
        taps.finish(...of);
        choose(undefined);
      },
      skip: (of) => {
        taps.skip(of);
        choose(undefined);
      },
      begin: (of) => {
        taps.begin(of);
        choose(of.job.id);
      },
    }),
    [taps, choose],
  );
  const onChoose = (task: string | undefined) => {
    choose(task);
    focusOn('task-now');
  };
  const over = nowMin > OVER_MIN;
  return { ...given, planned, rows, nowMin, taps: own, row, pressing, onChoose, over };
}

/** The one big thing to tap, and the clock for the whole screen. */
function Foot({
  row,
  taps,
  onStand,
}: {
  readonly row: Row;
  readonly taps: Taps;
  readonly onStand: () => void;
}) {
  return (
    <View className="flex-row gap-2 border-t border-line bg-sheet p-2">
      <Button
        label={say('working.stand')}
        icon={icons.afar}
        iconOnly
        className="min-h-[72px] min-w-14"
        testID="open-stand"
        onPress={onStand}
      />
      <NextTap row={row} taps={taps} />
    </View>
  );
}

/** What is over, of a day that is over. */
const PastDay = (of: AtWork) => (
  <Column>
    <Margin>
      <Notice kind="hint" testID="day-over">
        {say('working.over')}
      </Notice>
      <DayDone {...of} />
    </Margin>
    <Behind {...of} onTakeBack={of.taps.takeBack} />
  </Column>
);

/** The task that is shown, what may be said of it, and over its foot what was otherwise. */
function Panes({ onStand, ...of }: AtWork & { readonly onStand: () => void }) {
  const wide = useWide();
  const { row, taps, stored } = of;
  const [otherwise, setOtherwise] = useState<string>();
  const sheet =
    row && otherwise === row.job.id ? (
      <OtherwiseSheet
        row={row}
        onClose={() => {
          setOtherwise(undefined);
          focusOn('otherwise');
        }}
        onKeep={(said) => {
          taps.finish(row, said);
          setOtherwise(undefined);
          focusOn('next-tap');
        }}
      />
    ) : null;
  const shown = <Shown {...of} onOtherwise={() => setOtherwise(row?.job.id)} />;
  const lists = (
    <>
      <GoingAndNext {...of} shown={row?.job.id} />
      <Clocks {...of} />
      <Behind {...of} onTakeBack={taps.takeBack} />
    </>
  );
  const foot = row ? <Foot row={row} taps={taps} onStand={onStand} /> : null;
  if (wide) {
    return (
      <View className="min-h-0 flex-1 flex-row">
        <View className="min-w-0 flex-1">
          <Column>
            <Device stored={stored} />
            <Troubles {...of} />
            {shown}
          </Column>
          {sheet}
          {foot}
        </View>
        <View className="min-w-0 flex-1 border-l border-line">
          <Column>{lists}</Column>
        </View>
      </View>
    );
  }
  return (
    <>
      <View className="min-h-0 flex-1">
        <Column>
          <Troubles {...of} />
          {shown}
          {lists}
          <Device stored={stored} />
        </Column>
      </View>
      {sheet}
      {foot}
    </>
  );
}

function AtWorkScreen(given: Given) {
  const of = useAtWork(given);
  const { stored, marks, taps, row, nowMin } = of;
  const [standing, setStanding] = useState(false);
  const close = useCallback(() => {
    setStanding(false);
    focusOn('open-stand');
  }, []);
  if (standing && row) {
    const { does } = nextTap(row, false);
    return (
      <StandView
        row={row}
        planned={of.planned}
        nowMin={nowMin}
        hour={row.placed ? hourOf(stored.data.date, row.atMin) : ''}
        onTap={() => taps[does](row)}
        onClose={close}
      />
    );
  }
  return (
    <View className="h-full">
      <WorkHead stored={stored} marks={marks} taps={taps} />
      {of.over ? <PastDay {...of} /> : <Panes {...of} onStand={() => setStanding(true)} />}
    </View>
  );
}

function Work({ stored, book }: { readonly stored: StoredDay; readonly book: KitchenBook }) {
  const works = useWorks(stored.data.wanted, book);
  const found = usePlan(stored, works, book, true);
  const marks = useMarks(book.kitchen.id, stored.id);
  if ('planned' in found && found.planned.worked && marks) {
    const { worked } = found.planned;
    return (
      <AtWorkScreen
        stored={stored}
        book={book}
        works={works}
        planned={{ ...found.planned, worked }}
        marks={marks}
      />
    );
  }
  return (
    <View className="h-full">
      <Head
        name={say('working.at-work', { day: stored.data.name })}
        back={say('working.back')}
        to={`/plan/${stored.id}`}
      />
      <Margin>
        <View role="status">
          <Soft>
            {works.done < works.all
              ? say('day.working', { done: works.done, all: works.all })
              : say('layout.opening-the-kitchens-book')}
          </Soft>
        </View>
      </Margin>
    </View>
  );
}

function WorkOf({ id, book }: { readonly id: string; readonly book: KitchenBook }) {
  const days = useDays(book.kitchen.id);
  const stored = days?.find((each) => each.id === id);
  useTitle(stored ? say('working.at-work', { day: stored.data.name }) : say('day.plan'));
  if (stored) return <Work key={id} stored={stored} book={book} />;
  if (!days) return null;
  return (
    <>
      <Head name={say('day.plan')} back={say('day.back')} to="/plan" />
      <Margin>
        <Notice kind="hint">{say('day.not-here')}</Notice>
      </Margin>
    </>
  );
}

/** A day while it is worked: one task after another, on every device alike. */
export function WorkScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WhenHere loading={useKitchenBook()}>{(book) => <WorkOf id={id} book={book} />}</WhenHere>;
}
