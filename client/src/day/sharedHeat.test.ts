/** Two tarts whose settings are near: what one heat for both would do is computed by the core, without threads. */
import { AS_USUAL, type DayData } from '@hollow-moon/contract';
import { workAskOf, workedBakeOf } from '@hollow-moon/contract/planning';
import { forecast, forecastBlind } from '@hollow-moon/core';
import { computedFrom, construct, measure, modelOf, wayFor } from '@hollow-moon/core/planning';
import { bookOf } from '../book/book';
import { pool } from '../jobs';
import type { Ask } from '../jobs/jobs';
import { book as small, storedTart, TART_ID } from '../testing/book';
import { candidatesIn, offersOf, type DayAsked } from './sharedHeat';
import { emptyDay } from './useDay';
import { planned } from './usePlan';
import { workedIn } from './useWorks';

jest.mock('../jobs', () => ({ pool: jest.fn() }));

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const COOLER_ID = id(42);

const tartAt = (setC: number, headspaceMm = 3) => ({
  ...storedTart.data,
  ...{ setC, headspaceMm, shell: 'none' as const },
});
const book = (coolerC: number) =>
  bookOf({
    kitchen: small.kitchen,
    vessels: [...small.vessels],
    ovens: [...small.ovens],
    pantry: [],
    formulas: [
      { ...storedTart, data: { ...tartAt(140), name: 'Tart' } },
      { ...storedTart, id: COOLER_ID, data: { ...tartAt(coolerC), name: 'Cooler' } },
    ],
  });

/** A day with so many bakes of each of two formulas, planned. */
function asked(coolerC: number, wanted: readonly (readonly [number, string, number])[]): DayAsked {
  const of = book(coolerC);
  const day: DayData = {
    ...emptyDay(new Date('2026-03-05T12:00:00')),
    nowMin: null,
    wanted: wanted.map(([n, formulaId, dueMin]) => ({
      ...{ id: id(n), formulaId, vessels: 1, dueMin, forWhom: '', ...AS_USUAL },
    })),
  };
  const where = workedIn(of);
  const bakes = day.wanted.map((each) => {
    const { bake } = workAskOf(of.formulaOf(each.formulaId)!, where);
    const baked = forecast(bake!);
    if (!baked.ok) throw new Error(baked.problem.code);
    const worked = workedBakeOf(each, computedFrom({ forecast: baked.value }), where);
    if (!worked || !('bake' in worked)) throw new Error('a tart without tasks');
    return worked.bake;
  });
  const works = { bakes, unknown: [], moons: new Map(), done: 2, all: 2 };
  const made = planned(day, works, of);
  if (!('planned' in made)) throw new Error(made.problem.code);
  return { day, works, book: of, planned: made.planned };
}

beforeEach(() => {
  const answerTo = (kind: string, ask: unknown): unknown => {
    switch (kind) {
      case 'forecast':
        return forecast((ask as Ask<'forecast'>).plan);
      case 'blind':
        return forecastBlind((ask as Ask<'blind'>).plan);
      default: {
        const { session, before, presence } = ask as Ask<'planned'>;
        const model = modelOf(session);
        if (!model.ok) return null;
        const way = wayFor(model.value, before ?? undefined, presence);
        const plan = construct(model.value, way);
        return { late: plan.late, left: plan.left, measures: measure(model.value, plan), way };
      }
    }
  };
  jest.mocked(pool).mockReturnValue({
    ask: (kind: string, ask: unknown) => ({ answer: Promise.resolve(answerTo(kind, ask)) }),
  } as unknown as ReturnType<typeof pool>);
});

const DUE = 8 * 60;

it('a formula is a candidate once, with all its bakes that are wanted at its heat', () => {
  const of = asked(132, [
    [1, TART_ID, DUE],
    [2, COOLER_ID, DUE],
    [3, COOLER_ID, DUE + 60],
  ]);
  expect(candidatesIn(of.day, of.planned.session)).toEqual([
    {
      ...{ formulaId: TART_ID, bakes: [id(1)], fromC: 140, toC: 132 },
      beside: [id(2), id(3)],
    },
    { ...{ formulaId: COOLER_ID, bakes: [id(2), id(3)], fromC: 132, toC: 140 }, beside: [id(1)] },
  ]);
});

it('settings that are far apart are no candidates', () => {
  const of = asked(125, [
    [1, TART_ID, DUE],
    [2, COOLER_ID, DUE],
  ]);
  expect(candidatesIn(of.day, of.planned.session)).toEqual([]);
});

it('one heat is offered with both forecasts, a change of heat less, and the day that has it', async () => {
  const of = asked(132, [
    [1, TART_ID, DUE],
    [2, COOLER_ID, DUE],
  ]);
  const told: number[] = [];
  const candidates = candidatesIn(of.day, of.planned.session);
  const offers = await offersOf(of, candidates, (done) => told.push(done));
  expect(told).toEqual([0, 1]);
  expect(offers.length).toBeGreaterThan(0);
  for (const { bakes, toC, was, now, lessHeats, lessThereMin, day } of offers) {
    expect([was.kind, now.kind]).toEqual(['window', 'window']);
    expect(lessHeats + lessThereMin).toBeGreaterThan(0);
    // Only its own bakes have another heat.
    expect(day.wanted.map((each) => each.ovenC)).toEqual(
      of.day.wanted.map((each) => (bakes.includes(each.id) ? toC : null)),
    );
    // Hotter it is done sooner, cooler later. Common practice.
    const [before, after] = [was, now].map((verdict) =>
      verdict.kind === 'window' ? verdict.best.timeS : NaN,
    );
    expect(Math.sign(after! - before!)).toBe(toC > 135 ? -1 : 1);
  }
});

it('nothing is offered of a bake that is not wanted, nor of a formula that is not in the book', async () => {
  const of = asked(132, [
    [1, TART_ID, DUE],
    [2, COOLER_ID, DUE],
  ]);
  const [candidate] = candidatesIn(of.day, of.planned.session);
  const none = [
    { ...candidate!, bakes: [id(9)] },
    { ...candidate!, formulaId: id(99) },
  ];
  expect(await offersOf(of, none, () => undefined)).toEqual([]);
});
