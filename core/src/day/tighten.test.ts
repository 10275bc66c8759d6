/** Plans in fewer hours: what can be worked out by hand, and that nothing breaks whatever is asked. */
import fc from 'fast-check';
import { anySession, made } from '../testing/anySession';
import { draws } from '../testing/draws';
import { chain, KITCHEN, plainTask, workFrom } from '../testing/sessions';
import { checkPlan } from './check';
import { construct } from './construct';
import { firstPlan, improve } from './improve';
import { measure } from './measure';
import { tighten } from './tighten';

/** Five minutes, an hour's wait, five minutes; it keeps for days. */
const twice = (id: string, dueMin: number) => ({
  ...{ id, name: id, dueMin },
  work: workFrom(chain([plainTask('begin', 5), plainTask('end', 5)], 60), 0, 5000),
});

describe('two bakes with an hour’s wait in each, wanted in different stretches', () => {
  const model = made({
    fromMin: 0,
    wanted: [twice('early', 300), twice('late', 900)],
    means: {
      ...KITCHEN,
      people: [
        {
          id: 'cook',
          name: 'Cook',
          hours: [
            [0, 300],
            [600, 900],
          ],
        },
      ],
    },
  });
  const weights = { presence: 1 };
  const first = firstPlan(model, weights);

  // By hand: 70 min in each stretch, each as late as it can be. In one stretch the two waits are the same hour: begun at 0 and
  // 5, over at 70 and 75.
  it('are made in one of them', () => {
    expect(measure(model, first.plan).presenceMin).toBe(140);
    const search = { tries: 120, seed: 3, from: first.way, weights };
    const { plan, cost, way } = tighten(model, search);
    expect(checkPlan(model, plan)).toEqual([]);
    expect(measure(model, plan)).toMatchObject({ presenceMin: 75, left: 0, lateMin: 0 });
    expect(construct(model, way)).toEqual(plan);
    expect(cost).toBeLessThan(first.cost);
  });

  it('stay as they are where nothing is tried, or the search is stopped', () => {
    const still = tighten(model, { tries: 0, from: first.way, weights });
    expect(still.cost).toBeLessThanOrEqual(first.cost);
    const stopped = tighten(model, { tries: 100, from: first.way, weights, stop: () => true });
    expect(stopped.plan).toEqual(still.plan);
  });

  it('are found the same again by the same seed, and each better plan is told', () => {
    const told: number[] = [];
    const search = { tries: 60, seed: 9, from: first.way, weights };
    const one = tighten(model, { ...search, onBetter: ({ cost }) => told.push(cost) });
    expect(tighten(model, search)).toEqual(one);
    expect(told.length).toBeGreaterThan(0);
    expect(told).toEqual([...told].sort((a, b) => b - a));
  });
});

it('a day of nothing is a plan of nothing', () => {
  const model = made({ fromMin: 0, wanted: [], means: KITCHEN });
  expect(tighten(model, { tries: 10, from: { order: [] } }).plan.placed).toEqual([]);
});

it('whatever is asked, its plan breaks nothing in the hours there are, and is no worse', () => {
  let better = 0;
  fc.assert(
    fc.property(anySession, fc.integer({ min: 1, max: 1000 }), (session, seed) => {
      const model = made(session);
      const weights = { presence: (seed % 11) / 10 };
      const before = improve(model, { tries: 3, seed, weights });
      const after = tighten(model, { tries: 15, seed, weights, from: before.way });
      expect(checkPlan(model, after.plan)).toEqual([]);
      expect(after.cost).toBeLessThanOrEqual(before.cost + 1e-9);
      if (after.cost < before.cost - 1e-9) better += 1;
    }),
    { numRuns: draws(25), seed: 20261201 },
  );
  expect(better).toBeGreaterThan(draws(25) / 4);
});
