import { foreseenFrom, type MarkData, type StoredDay } from '@hollow-moon/contract';
import { asWanted, workAskOf } from '@hollow-moon/contract/planning';
import { MODEL_VERSION } from '@hollow-moon/core';
import { tookOf, type Job } from '@hollow-moon/core/planning';
import { useMemo } from 'react';
import { v4 as uuid } from 'uuid';
import { pullMark, pullMarkId, type SaidOfPull } from '../bake/ofDay';
import { beginBake, changeBake, takeUp } from '../bake/writing';
import type { KitchenBook } from '../book/book';
import { exactMinuteOf, keptAsPlanned, workedIn, type Planned } from '../day';
import { useWriting } from '../equipment';
import { pool } from '../jobs';
import { queued } from '../outgoing/writes';
import { useAppDispatch, useAppSelector, type AppThunk } from '../state/state';
import { api } from '../wire/api';
import type { Row } from './order';
import { takenBack, tapped, type OfDay, type Said } from './taps';

/** Begins the bake of a task as one of the log, by the forecast of its formula. */
const bakeBegun =
  (
    bakeId: string,
    job: Job,
    { id: dayId, data: day }: StoredDay,
    book: KitchenBook,
    startedAt: string,
  ): AppThunk<Promise<void>> =>
  async (dispatch) => {
    const wanted = day.wanted.find(({ id }) => job.bakes.includes(id));
    const stored = book.formulas.find(({ id }) => id === wanted?.formulaId);
    if (!wanted || !stored) return;
    const data = asWanted(stored.data, wanted);
    const vessel = book.vessels.find(({ id }) => id === data.vesselId);
    const oven = book.ovens.find(({ id }) => id === data.ovenId);
    const plan = workAskOf(data, workedIn(book)).bake;
    if (!vessel || !oven || !plan) return;
    const asked = pool().ask('forecast', { plan }, { priority: 'now' });
    const forecast = await asked.answer.catch(() => undefined);
    if (!forecast?.ok) return;
    dispatch(
      beginBake(bakeId, book.kitchen.id, {
        formulaId: stored.id,
        vesselId: vessel.id,
        ovenId: oven.id,
        formulaName: data.name,
        vesselName: vessel.data.name,
        ovenName: oven.data.name,
        vesselCount: job.task.oven?.vessels ?? job.task.vessels,
        shell: data.shell,
        setC: data.setC,
        fillingStartC: data.fillingStartC,
        surfaceMm: Math.round(forecast.value.field.fill.topRadiusM * 2000),
        foreseen: foreseenFrom(forecast.value, data.ovenUse),
        planned: { plan, formulaVersion: stored.version, modelVersion: MODEL_VERSION },
        parts: [],
        startedAt,
        ofDay: { dayId, task: job.id },
        ...{ pulledAt: null, result: null, faults: [], note: '', archived: false },
      }),
    );
  };

/** The bake of the log that a task is, where it began as one. */
export const bakeOf = (marks: readonly MarkData[], task: string): string | undefined =>
  marks.findLast((mark) => mark.task === task && mark.bakeId !== undefined)?.bakeId;

/** A bake as the book has it, taken up on this device; says whether it is here now. */
const fetched =
  (kitchenId: string, id: string): AppThunk<Promise<boolean>> =>
  async (dispatch, getState) => {
    if (getState().bakes[id]) return true;
    const { data } = await dispatch(
      api.endpoints.bake.initiate({ kitchenId, id }, { subscribe: false, forceRefetch: true }),
    );
    if (data) dispatch(takeUp(kitchenId, data));
    return data !== undefined;
  };

/** A tap may be here sooner than the bake that it began: so often, and so long after, that is looked for again, ms. */
const SOUGHT = { times: 4, everyMs: 1500 } as const;

/** A bake of the book on this device too, so that its clock runs and calls here. */
export const heldHere =
  (kitchenId: string, id: string): AppThunk<Promise<void>> =>
  async (dispatch) => {
    for (let tries = 0; tries < SOUGHT.times; tries += 1) {
      await new Promise((done) => setTimeout(done, SOUGHT.everyMs));
      if (await dispatch(fetched(kitchenId, id))) return;
    }
  };

/** Pulls the bake of a task, which tells the day; where the book cannot be asked for it, the day alone is told. */
const pulled =
  (
    of: OfDay,
    bakeId: string,
    task: string,
    at: string,
    said: SaidOfPull,
  ): AppThunk<Promise<void>> =>
  async (dispatch) => {
    if (await dispatch(fetched(of.kitchenId, bakeId))) {
      dispatch(changeBake(bakeId, { pulledAt: at }, said));
      return;
    }
    const entry = pullMark(bakeId, task, at, said);
    const work = { op: 'note', kind: 'marks', entry } as const;
    dispatch(queued({ kitchenId: of.kitchenId, thing: of.dayId, work }));
  };

/** Takes marks back; a bake that began with one is put away, and one that was pulled with one is back in the oven. */
const unsaid =
  (of: OfDay, marks: readonly MarkData[]): AppThunk =>
  (dispatch, getState) => {
    for (const { bakeId, kind } of marks) {
      const bake = bakeId === undefined ? undefined : getState().bakes[bakeId];
      if (bakeId === undefined || !bake) continue;
      if (kind === 'begun') dispatch(changeBake(bakeId, { archived: true }));
      else if (bake.data.pulledAt !== null) dispatch(changeBake(bakeId, { pulledAt: null }));
    }
    // What the bake has told the day it has taken back by now.
    dispatch(
      takenBack(
        of,
        marks.filter(
          ({ id, bakeId }) =>
            bakeId === undefined || id !== pullMarkId(bakeId) || !getState().bakes[bakeId],
        ),
      ),
    );
  };

/** What was done otherwise than planned. */
export type Otherwise = Pick<Said, 'grams' | 'celsius' | 'note'>;

/** A task that went as planned, and of which nothing was tapped: when it was begun, and over. */
export interface AsPlanned {
  readonly job: Job;
  readonly begun: string;
  readonly done?: string;
}

/** Everything that can be tapped of a task of a day. */
export interface Taps {
  readonly begin: (row: Row) => void;
  readonly goOn: (row: Row) => void;
  readonly pause: (row: Row) => void;
  readonly more: (row: Row, minutes: number) => void;
  readonly finish: (row: Row, otherwise?: Otherwise) => void;
  readonly skip: (row: Row) => void;
  /** All of it was begun when it was planned, and done where that is over. */
  readonly asPlanned: (forgotten: readonly AsPlanned[]) => void;
  readonly takeBack: (marks: readonly MarkData[]) => void;
}

/** Tapping on the tasks of a day, as whoever holds this device. With the first tap its plan is kept as it was `asked`. */
export function useTaps(
  stored: StoredDay,
  asked: Pick<Planned, 'plan' | 'way'>,
  book: KitchenBook,
  marks: readonly MarkData[],
): Taps {
  const dispatch = useAppDispatch();
  const hand = useAppSelector((state) => state.settings.hand);
  const write = useWriting('days', book.kitchen.id, stored.id);
  return useMemo(() => {
    const kitchenId = book.kitchen.id;
    const of: OfDay = { kitchenId, dayId: stored.id };
    const known = stored.data.people.some(({ id }) => id === hand);
    const say = ({ job }: Row, kind: MarkData['kind'], more: Partial<Said> = {}): Said => ({
      task: job.id,
      kind,
      at: new Date().toISOString(),
      ...(known ? { by: hand } : {}),
      ...more,
    });
    const tap = (...said: Said[]) => {
      const kept = keptAsPlanned(stored.data, asked);
      if (kept) write(kept, stored.version, { unasked: true });
      dispatch(tapped(of, said));
    };
    return {
      begin(row) {
        if (row.job.task.verb !== 'bake') return tap(say(row, 'begun'));
        const bakeId = uuid();
        const said = say(row, 'begun', { bakeId });
        tap(said);
        void dispatch(bakeBegun(bakeId, row.job, stored, book, said.at));
      },
      goOn: (row) => tap(say(row, 'begun')),
      pause: (row) => tap(say(row, 'paused')),
      more: (row, minutes) => tap(say(row, 'more', { minutes })),
      finish(row, otherwise = {}) {
        const bakeId = bakeOf(marks, row.job.id);
        if (bakeId === undefined) {
          const endMin = exactMinuteOf(stored.data.date, new Date());
          const took = tookOf(row.job, row.standing.ran, endMin);
          return tap(say(row, 'done', { ...otherwise, ...took }));
        }
        const { at, by } = say(row, 'done');
        void dispatch(pulled(of, bakeId, row.job.id, at, { ...otherwise, ...(by ? { by } : {}) }));
      },
      skip: (row) => tap(say(row, 'skipped')),
      asPlanned: (forgotten) =>
        tap(
          ...forgotten.map(({ job, begun, done }): Said => {
            if (done !== undefined) return { task: job.id, kind: 'done', at: done };
            if (job.task.verb !== 'bake') return { task: job.id, kind: 'begun', at: begun };
            const bakeId = uuid();
            void dispatch(bakeBegun(bakeId, job, stored, book, begun));
            return { task: job.id, kind: 'begun', at: begun, bakeId };
          }),
        ),
      takeBack: (taken) => dispatch(unsaid(of, taken)),
    };
  }, [dispatch, hand, write, stored, asked, book, marks]);
}
