/** What a cook changes of a list of work, by hand. */
import { chain, plainTask, workFrom } from '../testing/sessions';
import { withChanges } from './changes';

const work = workFrom(
  chain([plainTask('mix', 10), plainTask('seal', 5), plainTask('fill', 8)], 20),
);

it('takes as long as the cook says, with hands on it throughout', () => {
  const { work: changed, unfit } = withChanges(work, [
    { task: 'mix', kind: 'retimed', minutes: 25 },
  ]);
  const [mix, ...rest] = changed.tasks;
  expect(mix).toMatchObject({ from: 'cook', hands: [{ at: 'start', offsetMin: 0, minutes: 25 }] });
  expect(mix!.span).toEqual({ earliestMin: 25, expectedMin: 25, latestMin: 25 });
  expect(rest).toEqual(work.tasks.slice(1));
  expect(unfit).toEqual([]);
});

it('keeps the looks of an oven where they are', () => {
  const hands = [
    { at: 'start', offsetMin: 0, minutes: 2 },
    { at: 'end', offsetMin: 0, minutes: 2 },
  ] as const;
  const baked = workFrom([plainTask('bake', 40, { hands })]);
  const { work: changed } = withChanges(baked, [{ task: 'bake', kind: 'retimed', minutes: 50 }]);
  expect(changed.tasks[0]!.hands).toEqual(hands);
});

// By hand: 20 min before the seal and 20 after it are 40 between mixing and filling.
it('closes the gap where something is not done, with the waits of both', () => {
  const { work: changed } = withChanges(work, [{ task: 'seal', kind: 'dropped' }]);
  expect(changed.tasks.map(({ id }) => id)).toEqual(['mix', 'fill']);
  expect(changed.tasks[1]!.after).toEqual([{ task: 'mix', wait: 'stand', leastMin: 40 }]);
});

it('tells what fits nothing any more, and does not leave out what the table waits for', () => {
  const changes = [
    { task: 'glaze', kind: 'retimed', minutes: 5 },
    { task: 'fill', kind: 'dropped' },
  ] as const;
  expect(withChanges(work, changes)).toEqual({ work, unfit: changes });
});
