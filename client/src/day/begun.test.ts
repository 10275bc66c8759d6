/** A day that is worked while it is changed: what is added, what has begun, and that its plan stays as it was. */
import { AS_USUAL, type FormulaData, type WantedData } from '@hollow-moon/contract';
import { BEFORE_MIN } from '@hollow-moon/contract/planning';
import type { DayPlan, Ran } from '@hollow-moon/core/planning';
import { tart } from '../testing/book';
import { addedTo, bookDoughOf, isBakeBegun, isDoughBegun } from './begun';
import { keptAsPlanned } from './kept';
import { emptyDay } from './useDay';

const shell = (formulaId: string | null): FormulaData => ({
  ...tart,
  parts: [
    {
      ...{ id: 'shell', name: 'Shell', kind: 'sweet-dough', place: 'shell', formulaId, lines: [] },
      ...{ eachG: null, vessels: null, bakesAlong: false },
    },
  ],
});
const wanted: WantedData = {
  ...{ id: 'more', formulaId: 'tart', vessels: 2, dueMin: 400, forWhom: '', ...AS_USUAL },
};
const ran = (state: Ran['state']): Ran => ({ state, begunMin: 1, sinceMin: 2, restedMin: 0 });

describe('the dough of a bake that is added', () => {
  it.each([
    ['was begun', 'running', true],
    ['was made', 'done', true],
    ['is not made today', 'skipped', false],
  ] as const)('which others share and which %s', (_, state, apart) => {
    const happened = new Map([['shared:dough:rye', ran(state)]]);
    expect(addedTo(happened, wanted, shell('rye'))).toEqual({ ...wanted, doughApart: apart });
    // Another dough is another matter, and so is one of its own.
    expect(addedTo(happened, wanted, shell('flaky')).doughApart).toBe(false);
    expect(addedTo(happened, wanted, shell(null)).doughApart).toBe(false);
  });

  it('is none where shells come from the freezer, or there is no shell', () => {
    expect(bookDoughOf(shell('rye'), wanted)).toBe('rye');
    expect(bookDoughOf(shell('rye'), { frozenShell: true })).toBeUndefined();
    expect(bookDoughOf({ ...shell('rye'), shell: 'none' }, wanted)).toBeUndefined();
    expect(isDoughBegun('flaky', new Map([['shared:dough:rye', ran('done')]]))).toBe(false);
    expect(isDoughBegun(undefined, new Map([['shared:dough:rye', ran('done')]]))).toBe(false);
  });
});

it('a bake has begun with a task of its own that is not left out', () => {
  const happened = new Map([
    ['shared:dough:rye', ran('done')],
    ['one:shell/line', ran('running')],
    ['two:shell/line', ran('skipped')],
  ]);
  expect(['one', 'two', 'on'].map((id) => isBakeBegun(id, happened))).toEqual([true, false, false]);
});

describe('the plan of a day that is begun', () => {
  const day = emptyDay(new Date('2026-11-30T12:00:00'));
  const plan: DayPlan = {
    placed: [
      { task: 'a:mix', startMin: 100, endMin: 110, people: ['cook'] },
      { task: 'a:bake', startMin: 120, endMin: 150, people: ['cook', 'cook'], ovenId: 'deck' },
    ],
    late: [],
    left: [],
  };
  const asked = { plan, way: { order: ['a'], soonerMin: { a: 30 } } };

  it('is kept task by task, on the clock of its day', () => {
    expect(keptAsPlanned(day, asked)!.way).toEqual({
      order: ['a'],
      soonerMin: {},
      keep: [
        { task: 'a:mix', startMin: 100 - BEFORE_MIN, people: ['cook'] },
        { task: 'a:bake', startMin: 120 - BEFORE_MIN, people: ['cook', 'cook'], ovenId: 'deck' },
      ],
    });
  });

  it('is kept once, and again where something was added', () => {
    const kept = keptAsPlanned(day, asked)!;
    expect(keptAsPlanned(kept, asked)).toBeUndefined();
    const more = [...plan.placed, { task: 'b:mix', startMin: 90, endMin: 95, people: ['cook'] }];
    const again = keptAsPlanned(kept, { ...asked, plan: { ...plan, placed: more } })!;
    expect(again.way!.keep!.map(({ task }) => task)).toEqual(['a:mix', 'a:bake', 'b:mix']);
  });
});
