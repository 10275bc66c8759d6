import type { MarkData, StoredDay } from '@hollow-moon/contract';
import { say } from '@hollow-moon/words';
import { useLocalSearchParams } from 'expo-router';
import { useCallback, useState } from 'react';
import { View } from 'react-native';
import { useKitchenBook, type KitchenBook } from '../book/book';
import { hourOf, NoSuchDay, useDays, useMarks, usePlan, useWorks } from '../day';
import { Button, focusOn, icons, Soft } from '../design';
import { Head, Margin, Opening, useTitle, WhenHere } from '../layout';
import { useAppSelector } from '../state/state';
import { nextTap } from './Actions';
import { Panes, PastDay } from './Panes';
import { StandView } from './StandView';
import { useAtWork, type AtWork, type Given } from './useAtWork';

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
  if (!days) return <Opening />;
  return (
    <>
      <Head name={say('day.plan')} back={say('day.back')} to="/plan" />
      <NoSuchDay />
    </>
  );
}

/** A day while it is worked: one task after another, on every device alike. */
export function WorkScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WhenHere loading={useKitchenBook()}>{(book) => <WorkOf id={id} book={book} />}</WhenHere>;
}
