/** What a cook changes of a list of work, by hand. */
import { chain, plainTask, workFrom } from '../testing/sessions';
import { canFollow, canSplit, withChanges } from './changes';

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

describe('a step of the cook’s own', () => {
  const added = (after: string) =>
    withChanges(work, [
      { task: 'own/1', kind: 'added', name: 'Dust with flour', minutes: 3, after },
    ]);

  it('stands between another and what follows that, which waits for both', () => {
    const { work: changed, unfit } = added('mix');
    expect(changed.tasks.map(({ id }) => id)).toEqual(['mix', 'own/1', 'seal', 'fill']);
    expect(changed.tasks[1]).toEqual({
      ...{ id: 'own/1', verb: 'own', of: 'filling', what: 'Dust with flour', vessels: 1, grams: 0 },
      ...{ station: 'bench', from: 'cook' },
      span: { earliestMin: 3, expectedMin: 3, latestMin: 3 },
      hands: [{ at: 'start', offsetMin: 0, minutes: 3 }],
      after: [{ task: 'mix', wait: 'stand', leastMin: 0 }],
    });
    // The twenty minutes after mixing are as they were: the step is done while they pass.
    expect(changed.tasks[2]!.after).toEqual([
      { task: 'mix', wait: 'stand', leastMin: 20 },
      { task: 'own/1', wait: 'stand', leastMin: 0 },
    ]);
    expect(changed.ready).toEqual(work.ready);
    expect(unfit).toEqual([]);
  });

  it('after the last is waited for by the table too, at its best for as long', () => {
    const ready = [{ task: 'fill', leastMin: 30, mostMin: 240 }];
    const { work: changed } = withChanges({ ...work, ready }, [
      { task: 'own/1', kind: 'added', name: 'Box', minutes: 4, after: 'fill' },
    ]);
    expect(changed.ready).toEqual([...ready, { task: 'own/1', leastMin: 0, mostMin: 240 }]);
  });

  it('fits nothing where what it follows is gone, or where there is one of its name', () => {
    expect(added('glaze').work).toBe(work);
    expect(added('glaze').unfit).toHaveLength(1);
    const twice = { task: 'seal', kind: 'added', name: 'Seal', minutes: 2, after: 'mix' } as const;
    expect(withChanges(work, [twice])).toEqual({ work, unfit: [twice] });
  });
});

describe('a task in two parts', () => {
  const sign = { code: 'work.smooth', values: {} };
  const long = workFrom(
    chain([
      plainTask('mix', 10),
      plainTask('line', 31, { sign, steps: ['Line it.'], shared: 'line', usualMin: 20 }),
      plainTask('fill', 8),
    ]),
    15,
  );
  const { work: parted } = withChanges(long, [{ task: 'line', kind: 'split', minutes: 12 }]);

  // By hand: 31 - 12 = 19.
  it('takes as long as before in both together, the second after the first', () => {
    const [, first, second] = parted.tasks;
    expect([first!.id, second!.id]).toEqual(['line', 'line/2']);
    expect([first!.part, second!.part]).toEqual([1, 2]);
    expect([first!.span.expectedMin, second!.span.expectedMin]).toEqual([12, 19]);
    expect([first!.hands, second!.hands]).toEqual([
      [{ at: 'start', offsetMin: 0, minutes: 12 }],
      [{ at: 'start', offsetMin: 0, minutes: 19 }],
    ]);
    expect(first!.after).toEqual(long.tasks[1]!.after);
    expect(second!.after).toEqual([{ task: 'line', wait: 'stand', leastMin: 0 }]);
  });

  it('is looked at at the end of the second, read at the first, and done for no other bake', () => {
    const [, first, second, fill] = parted.tasks;
    expect([first!.sign, second!.sign]).toEqual([undefined, sign]);
    expect([first!.steps, second!.steps]).toEqual([['Line it.'], undefined]);
    for (const part of [first!, second!]) {
      expect(part).not.toHaveProperty('shared');
      expect(part).not.toHaveProperty('usualMin');
    }
    expect(fill!.after.map(({ task }) => task)).toEqual(['line/2']);
  });

  it('is waited for by the table with its second part, and each part can take another time', () => {
    const { work: last } = withChanges(workFrom([plainTask('pipe', 20)]), [
      { task: 'pipe', kind: 'split', minutes: 10 },
      { task: 'pipe/2', kind: 'retimed', minutes: 25 },
    ]);
    expect(last.ready.map(({ task }) => task)).toEqual(['pipe/2']);
    expect(last.tasks.map(({ span }) => span.expectedMin)).toEqual([10, 25]);
  });

  it.each([
    ['a bake', plainTask('x', 40, { station: 'oven' })],
    ['what is on the fire', plainTask('x', 40, { station: 'hob' })],
    ['what is worked out', plainTask('x', 40, { from: 'computed' })],
    ['a part', plainTask('x', 40, { part: 1 })],
    ['a minute', plainTask('x', 1)],
    ['what stands by itself', plainTask('x', 40, { hands: [] })],
  ])('is not made of %s', (_, task) => {
    expect(canSplit(task)).toBe(false);
    const change = { task: 'x', kind: 'split', minutes: 1 } as const;
    expect(withChanges(workFrom([task]), [change]).unfit).toEqual([change]);
  });

  it('has something in either part', () => {
    const change = { task: 'line', kind: 'split', minutes: 31 } as const;
    expect(withChanges(long, [change]).unfit).toEqual([change]);
    const least = withChanges(long, [{ ...change, minutes: 30 }]);
    expect(least.work.tasks.map(({ span }) => span.expectedMin)).toEqual([10, 30, 1, 8]);
  });
});

describe('another order', () => {
  const after = (task: string, other: string, atOnce = false) =>
    withChanges(work, [{ task, kind: 'after', after: other, atOnce }]);
  const apart = workFrom([plainTask('whip', 5), plainTask('glaze', 6)]);

  it('makes a task wait for one it did not wait for', () => {
    const change = { task: 'glaze', kind: 'after', after: 'whip', atOnce: false } as const;
    expect(withChanges(apart, [change]).work.tasks[1]!.after).toEqual([
      { task: 'whip', wait: 'stand', leastMin: 0 },
    ]);
    expect(withChanges(apart, [{ ...change, atOnce: true }]).work.tasks[1]!.after).toEqual([
      { task: 'whip', wait: 'stand', leastMin: 0, mostMin: 0 },
    ]);
  });

  it('joins what follows already: no longer a wait than it must', () => {
    expect(after('seal', 'mix', true).work.tasks[1]!.after).toEqual([
      { task: 'mix', wait: 'stand', leastMin: 20, mostMin: 20 },
    ]);
    expect(after('seal', 'mix').work).toEqual(work);
  });

  it('never goes round in a circle', () => {
    for (const other of ['seal', 'fill', 'mix', 'gone']) {
      expect(after('mix', other).unfit).toHaveLength(1);
    }
    expect(canFollow(work.tasks, 'mix')).toEqual([]);
    expect(canFollow(work.tasks, 'fill').map(({ id }) => id)).toEqual(['mix', 'seal']);
    expect(canFollow(apart.tasks, 'glaze').map(({ id }) => id)).toEqual(['whip']);
  });
});

it('takes one change after another: a step of one’s own can be retimed, waited for, and left out', () => {
  const own = { task: 'own/1', kind: 'added', name: 'Rub in', minutes: 3, after: 'mix' } as const;
  const { work: changed, unfit } = withChanges(work, [
    own,
    { task: 'own/1', kind: 'retimed', minutes: 7 },
    { task: 'fill', kind: 'after', after: 'own/1', atOnce: false },
    { task: 'mix', kind: 'dropped' },
  ]);
  expect(unfit).toEqual([]);
  expect(changed.tasks.map(({ id, span }) => [id, span.expectedMin])).toEqual([
    ['own/1', 7],
    ['seal', 5],
    ['fill', 8],
  ]);
  expect(changed.tasks[0]!.after).toEqual([]);
  expect(changed.tasks[2]!.after.map(({ task }) => task)).toEqual(['seal', 'own/1']);
});
