/** A change of a day that is taken back, or made again, after somebody else has changed it too. */
import { AS_USUAL, type DayData } from '@hollow-moon/contract';
import { rebased } from './rebased';
import { emptyDay } from './useDay';

const bake = (id: string, vessels = 1): DayData['wanted'][number] => ({
  ...{ id, formulaId: 'f', vessels, dueMin: 400, forWhom: '', ...AS_USUAL },
});
const day: DayData = {
  ...emptyDay(new Date('2026-11-30T12:00:00')),
  wanted: [bake('tart'), bake('pie')],
  locks: [{ task: 'tart:bake', startMin: 60 }],
};
const bakes = (of: DayData) => of.wanted.map(({ id, vessels }) => `${id} ${vessels}`);

it('is as it was where nobody else was at it, the order of its lists too', () => {
  const after = { ...day, wanted: [bake('pie'), bake('curd'), bake('tart')], rings: 2 };
  expect(rebased(after, day, after)).toBe(day);
  expect(rebased(day, after, day)).toBe(after);
});

it('leaves what somebody else has changed: another field, another bake, another task', () => {
  const mine: DayData = { ...day, rings: 2, wanted: [...day.wanted, bake('curd')] };
  const theirs: DayData = {
    ...{ ...mine, mixers: 3 },
    wanted: [bake('tart', 4), bake('pie'), bake('curd'), bake('flan')],
    locks: [...day.locks, { task: 'pie:bake', startMin: 90 }],
  };
  const back = rebased(mine, day, theirs);
  expect(bakes(back)).toEqual(['tart 4', 'pie 1', 'flan 1']);
  expect([back.rings, back.mixers, back.locks]).toEqual([day.rings, 3, theirs.locks]);
  // And made again it has mine and theirs.
  const again = rebased(day, mine, back);
  expect(bakes(again)).toEqual(['tart 4', 'pie 1', 'flan 1', 'curd 1']);
  expect([again.rings, again.mixers]).toEqual([2, 3]);
});

it('brings back what was removed, changes back what was changed, and holds where both have changed the same', () => {
  const mine = { ...day, wanted: [bake('pie', 5)], locks: [], name: 'Boat' };
  const theirs = { ...mine, wanted: [bake('pie', 5), bake('flan')], name: 'Fair' };
  const back = rebased(mine, day, theirs);
  expect(bakes(back)).toEqual(['pie 1', 'flan 1', 'tart 1']);
  expect([back.locks, back.name]).toEqual([day.locks, day.name]);
});

it('does not bring in twice what is there by then', () => {
  const without = { ...day, wanted: [bake('pie')] };
  const theirs = { ...without, wanted: [bake('pie'), bake('tart', 2)], rings: 1 };
  expect(bakes(rebased(without, day, theirs))).toEqual(['pie 1', 'tart 2']);
});

it('a change of a task is that of its bake, and of its kind', () => {
  const dropped = (bake: string) => ({ bake, task: 'roll', kind: 'dropped' }) as const;
  const split = { bake: 'tart', task: 'roll', kind: 'split', minutes: 5 } as const;
  const mine: DayData = { ...day, changes: [dropped('tart')] };
  const theirs: DayData = { ...mine, changes: [dropped('tart'), dropped('pie'), split] };
  expect(rebased(mine, day, theirs).changes).toEqual([dropped('pie'), split]);
});

it('what has no name of its own is as the change has it', () => {
  const mine = { ...day, inHand: { grams: { cream: 5 }, eggs: 2 } };
  const theirs = { ...mine, inHand: { grams: { cream: 5 }, eggs: 9 }, rings: 1 };
  const back = rebased(mine, day, theirs);
  expect([back.inHand, back.rings]).toEqual([day.inHand, 1]);
});
