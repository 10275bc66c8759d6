import type { MarkData, StoredDay } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import { useEffect, useMemo, useState } from 'react';
import { useNow } from '../bake/useNow';
import type { KitchenBook } from '../book/book';
import { asTapped, exactMinuteOf, type WorkedPlan, type Works } from '../day';
import { focusOn } from '../design';
import { useAppDispatch, useAppSelector } from '../state/state';
import { mostPressing, rowsOf, type Row, type Rows } from './order';
import { useAgenda } from './useAgenda';
import { bakeOf, heldHere, useTaps, type Taps } from './useTaps';

/** A day is over two days after it began: nothing of it can be begun any more. */
const OVER_MIN = BEFORE_MIN + 2 * 1440;

/** All that the parts of the screen are given. */
export interface AtWork {
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

export type Given = Omit<AtWork, 'rows' | 'nowMin' | 'row' | 'pressing' | 'onChoose' | 'taps'>;

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
export function useAtWork(given: Given): AtWork & { readonly over: boolean } {
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
  const taps = useTaps(stored, worked.worked.asked, book, marks);
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
