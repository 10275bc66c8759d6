/** What is said of a plan as a whole; the plan is a stand-in: one bake with half an hour of hands from 05:00 to 06:40. */
import { render } from '@testing-library/react';
import type { Planned } from './usePlan';
import { Verdict } from './Verdict';

const MIDNIGHT_MIN = 2 * 1440;
const planned = (change: Partial<Planned['plan']> = {}, presenceMin = 45) =>
  ({
    plan: {
      placed: [
        { task: 'mix', startMin: MIDNIGHT_MIN + 300, endMin: MIDNIGHT_MIN + 330, people: ['one'] },
        { task: 'finish', startMin: MIDNIGHT_MIN + 385, endMin: MIDNIGHT_MIN + 400, people: [] },
      ],
      ...{ late: [], left: [] },
      ...change,
    },
    measures: { presenceMin, busyMin: 30, changes: 0 },
    model: { jobs: [{ busy: [{ fromMin: 0, minutes: 30 }] }], session: { means: { ovens: [] } } },
    session: { wanted: [{ id: 'tart', name: 'Tart' }] },
  }) as unknown as Planned;

/** Its lines, as they stand one under another. */
function lines(of: Planned, { done = 1, all = 1, proved = false } = {}) {
  const { container } = render(
    <Verdict
      day={{ date: '2026-11-30' }}
      planned={of}
      works={{ done, all }}
      energy={{ kWhPrice: null, currency: 'EUR' }}
      proved={proved}
    />,
  );
  return [...container.firstElementChild!.children].map((each) =>
    each.textContent.replaceAll('\u00a0', ' '),
  );
}

const times = [
  'Begins Mon 05:00, last hand Mon 06:40',
  'There for 45 min in all, busy for 30 min of that',
];

it('is whether all is ready in time, when, and how far from the least that the hands allow', () => {
  expect(lines(planned())).toEqual([
    'It is ready in time',
    ...times,
    'No plan needs less than 30 min: that is what the hands add up to. The true least may be more.',
  ]);
  expect(lines(planned({}, 30)).at(-1)).toBe(
    'No plan needs less: that is what the hands add up to.',
  );
  expect(lines(planned(), { proved: true })).toEqual(['It is ready in time', ...times]);
});

it('says of a plan of some bakes that it is so far, and nothing of the least there can be', () => {
  expect(lines(planned(), { done: 1, all: 12 })).toEqual([
    'Working out 1 of 12',
    'One is ready in time so far',
    ...times,
  ]);
});

it('does not say that what is late or left out is ready', () => {
  const late = [{ bake: 'tart', minutes: 20 }];
  expect(lines(planned({ late }))[0]).toBe(times[0]);
  expect(lines(planned({ left: ['tart'] }), { done: 1, all: 2 })).toEqual([
    'Working out 1 of 2',
    ...times,
  ]);
  expect(lines(planned({ placed: [] }))).toEqual([]);
});
