/** A thing that two have changed, put together; and a change taken back after somebody else has changed it too. */
import { AS_USUAL, type DayData } from '@hollow-moon/contract';
import { emptyDay } from '../day/useDay';
import { merged } from './merged';

const bake = (id: string, vessels = 1): DayData['wanted'][number] => ({
  ...{ id, formulaId: 'f', vessels, dueMin: 400, forWhom: '', ...AS_USUAL },
});
const day: DayData = {
  ...emptyDay(new Date('2026-11-30T12:00:00')),
  wanted: [bake('tart'), bake('pie')],
  locks: [{ task: 'tart:bake', startMin: 60 }],
};
const bakes = ({ value }: { readonly value: DayData }) =>
  value.wanted.map(({ id, vessels }) => `${id} ${vessels}`);
const dropped = (of: string) => ({ bake: of, task: 'roll', kind: 'dropped' }) as const;
const split = { bake: 'tart', task: 'roll', kind: 'split', minutes: 5 } as const;

it('is as one has it where the other has changed nothing, the order of its lists too', () => {
  const mine = { ...day, wanted: [bake('pie'), bake('curd'), bake('tart')], rings: 2 };
  expect(merged(day, mine, day)).toEqual({ value: mine, clear: true });
  expect(merged(day, day, mine)).toEqual({ value: mine, clear: true });
  expect(merged(day, mine, mine)).toEqual({ value: mine, clear: true });
});

it('has what either has changed: another field, another bake, another task', () => {
  const mine: DayData = {
    ...{ ...day, rings: 2, wanted: [bake('tart', 4), bake('pie'), bake('curd')] },
    changes: [dropped('tart')],
  };
  const theirs: DayData = {
    ...{ ...day, mixers: 3, wanted: [bake('flan'), bake('tart')] },
    ...{ locks: [...day.locks, { task: 'pie:bake', startMin: 90 }] },
    changes: [split, dropped('pie')],
  };
  const both = merged(day, mine, theirs);
  expect(both.clear).toBe(true);
  expect(bakes(both)).toEqual(['flan 1', 'tart 4', 'curd 1']);
  const { rings, mixers, locks, changes } = both.value;
  expect([rings, mixers, locks]).toEqual([2, 3, theirs.locks]);
  expect(changes).toEqual([split, dropped('pie'), dropped('tart')]);
});

it.each<[string, Partial<DayData>, Partial<DayData>, Partial<DayData>]>([
  ['the same figure', { rings: 2 }, { rings: 6 }, { rings: 2 }],
  [
    'the same bake',
    { wanted: [bake('tart', 2), bake('pie')] },
    { wanted: [bake('tart', 3), bake('pie')] },
    { wanted: [bake('tart', 2), bake('pie')] },
  ],
  [
    'a bake that is gone',
    { wanted: [bake('tart', 2), bake('pie')] },
    { wanted: [bake('pie')] },
    { wanted: [bake('pie'), bake('tart', 2)] },
  ],
  [
    'a bake that was changed, by leaving it out',
    { wanted: [bake('pie')] },
    { wanted: [bake('tart', 3), bake('pie')] },
    { wanted: [bake('pie')] },
  ],
  [
    'the same figure of what is in hand',
    { inHand: { grams: { cream: 5 }, eggs: 2 } },
    { inHand: { grams: { cream: 7 }, eggs: 2 } },
    { inHand: { grams: { cream: 5 }, eggs: 2 } },
  ],
  [
    'the plan, which holds together',
    { way: { order: ['tart', 'pie'], soonerMin: { tart: 5 } } },
    { way: { order: ['tart', 'pie'], soonerMin: { pie: 5 } } },
    { way: { order: ['tart', 'pie'], soonerMin: { tart: 5 } } },
  ],
])('is not clear where both have changed %s, and has mine there', (_, mine, theirs, has) => {
  const { value, clear } = merged(day, { ...day, ...mine }, { ...day, ...theirs, mixers: 5 });
  expect(clear).toBe(false);
  expect(value).toEqual({ ...day, ...has, mixers: 5 });
});

it('has what two have counted of different things, and no more what one has taken away', () => {
  const counted = (grams: Readonly<Record<string, number>>, eggs: number) => ({
    ...{ ...day, inHand: { grams, eggs } },
  });
  const base = counted({ milk: 900 }, 0);
  const { value, clear } = merged(base, counted({ milk: 900, cream: 500 }, 0), counted({}, 12));
  expect([value.inHand, clear]).toEqual([{ grams: { cream: 500 }, eggs: 12 }, true]);
});

it('is clear where both have changed the same alike', () => {
  const both = { rings: 2, wanted: [bake('pie')] };
  const found = merged(day, { ...day, ...both }, { ...day, ...both, mixers: 5 });
  expect(found).toEqual({ value: { ...day, ...both, mixers: 5 }, clear: true });
});

it('a change taken back leaves what somebody else has changed, and made again it is there again', () => {
  const mine: DayData = { ...day, rings: 2, wanted: [...day.wanted, bake('curd')] };
  const now: DayData = {
    ...{ ...mine, mixers: 3 },
    wanted: [bake('tart', 4), bake('pie'), bake('curd'), bake('flan')],
  };
  const back = merged(mine, day, now);
  expect(bakes(back)).toEqual(['tart 4', 'pie 1', 'flan 1']);
  expect([back.value.rings, back.value.mixers]).toEqual([day.rings, 3]);
  const again = merged(day, mine, back.value);
  expect(bakes(again)).toEqual(['tart 4', 'pie 1', 'flan 1', 'curd 1']);
  expect([again.value.rings, again.value.mixers]).toEqual([2, 3]);
});
