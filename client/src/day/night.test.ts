/** The picture of a night, its lanes counted with a pen. */
import {
  modelOf,
  type DayPlan,
  type Session,
  type Task,
  type Wait,
} from '@hollow-moon/core/planning';
import { extentOf, hoursTo, lanesOf, threadOf } from './night';

const task = (id: string, verb: Task['verb'], after?: readonly [string, Wait]): Task => ({
  ...{ id, verb, of: 'filling', what: id, vessels: 1, grams: 0, station: 'bench', from: 'usual' },
  span: { earliestMin: 10, expectedMin: 10, latestMin: 10 },
  hands: [{ at: 'start', offsetMin: 0, minutes: 10 }],
  after: after ? [{ task: after[0], wait: after[1], leastMin: 0 }] : [],
});
const session: Session = {
  fromMin: 0,
  wanted: [
    {
      ...{ id: 'tart', name: 'Tart', dueMin: 800 },
      work: {
        tasks: [
          task('line', 'roll-and-line'),
          task('bake', 'bake', ['line', 'rest-cold']),
          task('cut', 'glaze', ['bake', 'cool']),
        ],
        ready: [{ task: 'cut', leastMin: 0, mostMin: 600 }],
        besides: [],
      },
    },
  ],
  means: {
    people: [
      { id: 'ada', name: 'Ada', hours: [[0, 900]] },
      { id: 'ben', name: 'Ben', hours: [[0, 900]] },
    ],
    ovens: (['deck', 'fan'] as const).map((kind) => ({
      ...{ id: kind, name: kind, kind, offsetK: 0, shelves: 2, lengthMm: 400, breadthMm: 300 },
    })),
    ...{ rings: 1, mixers: 1, fridgePlaces: 4, freezerPlaces: 2, roomC: 22 },
  },
};
const made = modelOf(session);
if (!made.ok) throw new Error(made.problem.code);
const plan: DayPlan = {
  placed: [
    { task: 'tart:line', startMin: 300, endMin: 310, people: ['ada'] },
    { task: 'tart:bake', startMin: 400, endMin: 440, ovenId: 'fan', people: ['ben'] },
    { task: 'tart:cut', startMin: 500, endMin: 510, people: ['ben'] },
  ],
  late: [],
  left: [],
};
const planned = { model: made.value, plan, session };
const lanes = lanesOf(made.value);

// By hand: hours 24 px; two ovens of 108 px, the fridge of 44, two people of 38, and six more.
it('has a lane for each oven, for the fridge, and for each of its people', () => {
  expect([...lanes.ovens.values()]).toEqual([24, 132]);
  expect([...lanes.cold]).toEqual([['fridge', 240]]);
  expect([...lanes.people.values()]).toEqual([284, 322]);
  expect(lanes.height).toBe(366);
});

// By hand: from an hour before the first thing, 240, down to a whole hour; to ten minutes past the hour of service, 810, up.
it('goes from the heating of the first oven to past the last hour, in whole hours', () => {
  expect(extentOf(planned)).toEqual([240, 840]);
  const x = hoursTo([240, 840], 300);
  expect([x(240), x(540), x(840), x(Infinity)]).toEqual([0, 150, 300, 300]);
});

it('leads a bake through whoever does it, the oven it is in, and the cold where it waits', () => {
  expect(threadOf(planned, lanes, 'tart')).toEqual([
    // Ada's lane, and then the middle of the fridge until the bake.
    { fromMin: 300, toMin: 310, y: 284 + 26 },
    { fromMin: 310, toMin: 400, y: 240 + 22 },
    // The loads of the second oven, in the middle of their 34 px.
    { fromMin: 400, toMin: 440, y: 132 + 108 - 17 },
    // What cools in the room is nowhere; Ben's lane.
    { fromMin: 500, toMin: 510, y: 322 + 26 },
  ]);
  expect(threadOf(planned, lanes, 'pie')).toEqual([]);
});
