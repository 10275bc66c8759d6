import {
  FREEZER_PLACES,
  NOTHING_IN_HAND,
  type DayData,
  type StoredDay,
} from '@hollow-moon/contract';
import type { OwnPace } from '@hollow-moon/core';
import { say } from '@hollow-moon/words';
import { addDays, format, parseISO } from 'date-fns';
import { useCallback, useMemo, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { useWriting } from '../equipment';
import { useWrites } from '../outgoing/useWrites';
import { merged } from '../outgoing/merged';
import { dataUnderWay, queued, type Write } from '../outgoing/writes';
import { useDaysQuery } from '../wire/api';
import { useAppDispatch } from '../state/state';
import { notBeforeOf } from './when';

const isOfDays = ({ work }: Write): boolean => work.op === 'put' && work.kind === 'days';

/** The days of a kitchen as they will be when what is on its way has come into the book, the latest first. */
export function useDays(kitchenId: string): readonly StoredDay[] | undefined {
  const { data } = useDaysQuery(kitchenId);
  const writes = useWrites(isOfDays);
  return useMemo(() => {
    if (!data) return undefined;
    const underWay = dataUnderWay(writes, 'days') as ReadonlyMap<string, DayData>;
    const known = data.map((day) => ({ ...day, data: underWay.get(day.id) ?? day.data }));
    const begun = [...underWay].flatMap(([id, each]) =>
      data.some((day) => day.id === id) ? [] : [{ id, version: 0, updatedAt: '', data: each }],
    );
    return [...known, ...begun].sort((a, b) => b.data.date.localeCompare(a.data.date));
  }, [data, writes]);
}

/** Keeps a new day; it is on its way to the book at once. Answers its id. */
export function useKeepDay(kitchenId: string): (data: DayData) => string {
  const dispatch = useAppDispatch();
  return (data) => {
    const thing = uuid();
    dispatch(queued({ kitchenId, thing, work: { op: 'put', kind: 'days', version: 0, data } }));
    return thing;
  };
}

/** Hours of a night baker, min after midnight. Common practice. */
const NIGHT = { fromMin: 20 * 60, toMin: 30 * 60 } as const;

/** A date that a day is put on now: what is gone by then is not planned with. */
export const onDate = (date: string, now: Date): Pick<DayData, 'date' | 'nowMin'> => ({
  date,
  nowMin: notBeforeOf(date, now),
});

/** A day nobody has said anything of yet: tomorrow, with one cook through the night, and work as it goes in this kitchen. */
export const emptyDay = (now: Date, paces: readonly OwnPace[] = []): DayData => ({
  name: say('day.new-name'),
  ...onDate(format(addDays(now, 1), 'yyyy-MM-dd'), now),
  beginsMin: -1440,
  wanted: [],
  people: [{ id: uuid(), name: say('day.new-person', { which: 1 }), ...NIGHT }],
  rings: 4,
  mixers: 1,
  fridgePlaces: 20,
  freezerPlaces: FREEZER_PLACES,
  locks: [],
  changes: [],
  presence: 0.5,
  way: null,
  inHand: NOTHING_IN_HAND,
  paces: [...paces],
  archived: false,
});

/** The same day a week later, as a standing order has it: what is wanted and who works, and nothing that was done by hand. */
export const aWeekLater = (day: DayData, paces: readonly OwnPace[], now: Date): DayData => ({
  ...day,
  ...onDate(format(addDays(parseISO(day.date), 7), 'yyyy-MM-dd'), now),
  locks: [],
  inHand: NOTHING_IN_HAND,
  // Who plans by what is usual goes on with it.
  paces: day.paces.length > 0 ? [...paces] : [],
});

/** A day before a change of this device and after it; others may have changed it since. */
interface Step {
  readonly before: DayData;
  readonly after: DayData;
}

export type EditDay = (change: (data: DayData) => DayData, field?: string) => void;

export interface DayEdits {
  /** Changes of one `field` one after another, as letters are typed, are one step of undo. */
  readonly edit: EditDay;
  readonly undo: (() => void) | undefined;
  readonly redo: (() => void) | undefined;
}

/** Changing a day: each change is on its way to the book at once, and can be taken back. */
export function useDayEdits(kitchenId: string, { id, version, data }: StoredDay): DayEdits {
  const write = useWriting('days', kitchenId, id);
  const [past, setPast] = useState<readonly Step[]>([]);
  const [future, setFuture] = useState<readonly Step[]>([]);
  const [field, setField] = useState<string>();
  const edit: EditDay = useCallback(
    (change, of) => {
      const next = change(data);
      if (JSON.stringify(next) === JSON.stringify(data)) return;
      const last = of !== undefined && of === field ? past.at(-1) : undefined;
      const step = { before: last?.before ?? data, after: next };
      setPast([...(last ? past.slice(0, -1) : past), step]);
      setField(of);
      setFuture([]);
      write(next, version, { base: data });
    },
    [data, past, field, version, write],
  );
  const moved = (
    step: Step | undefined,
    keep: (step: Step) => void,
    to: (step: Step) => DayData,
  ) => {
    if (!step) return undefined;
    return () => {
      keep(step);
      setField(undefined);
      write(to(step), version, { base: data });
    };
  };
  return {
    edit,
    undo: moved(
      past.at(-1),
      (step) => {
        setPast(past.slice(0, -1));
        setFuture([...future, step]);
      },
      ({ before, after }) => merged(after, before, data).value,
    ),
    redo: moved(
      future.at(-1),
      (step) => {
        setFuture(future.slice(0, -1));
        setPast([...past, step]);
      },
      ({ before, after }) => merged(before, after, data).value,
    ),
  };
}
