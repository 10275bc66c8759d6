/** The rounds of the search for a better plan: which search each is, and what it begins with. */
import { made } from '../testing/anySession';
import { chain, KITCHEN, plainTask, workFrom } from '../testing/sessions';
import { betterOn, TRIES } from './better';
import { firstPlan } from './improve';
import { measure } from './measure';
import { recreate } from './recreate';
import { tighten } from './tighten';

const bake = (id: string, dueMin: number) => ({
  ...{ id, name: id, dueMin },
  work: workFrom(chain([plainTask('begin', 5), plainTask('end', 5)], 60), 0, 5000),
});

const model = made({
  fromMin: 0,
  wanted: [bake('early', 300), bake('late', 900), bake('later', 960)],
  means: {
    ...KITCHEN,
    people: [{ id: 'cook', name: 'Cook', hours: [[0, 300] as const, [600, 960] as const] }],
  },
});
const weights = { presence: 1 };
const first = firstPlan(model, weights);

it('of three rounds two look in other hours, from what was tried, and one near the plan', () => {
  const one = betterOn(model, first, { round: 1, weights });
  const ask = { tries: TRIES, weights };
  expect(one).toEqual(tighten(model, { ...ask, from: first.way, seed: 1 }));
  const two = betterOn(model, one, { round: 2, weights });
  expect(two).toEqual(tighten(model, { ...ask, from: one.way, tried: one.tried!, seed: 2 }));
  const three = betterOn(model, two, { round: 3, weights });
  expect(three).toEqual(recreate(model, { ...ask, from: two.way, seed: 3 }));
  expect(betterOn(model, first, { round: 4, weights })).toEqual(
    tighten(model, { ...ask, from: first.way, seed: 4 }),
  );
  expect([one.cost, two.cost, three.cost]).toEqual(
    [one.cost, two.cost, three.cost].sort((a, b) => b - a),
  );
});

it('what is worked already is only looked at near the plan', () => {
  const [begun] = first.plan.placed;
  const worked = made({ ...model.session, past: [begun!] });
  const found = betterOn(worked, first, { round: 1, weights });
  expect(found).toEqual(recreate(worked, { from: first.way, tries: TRIES, weights, seed: 1 }));
});

// By hand: the early one takes 5 + 60 + 5 = 70 min of the first stretch. Each of the others adds five: begun in the same hour's
// wait, it ends after the one begun before it, or by itself in the second stretch. That is 80, however they are shared out.
it('finds the least there is of three bakes, of which one is early', () => {
  const found = betterOn(model, first, { round: 1, weights });
  expect(measure(model, found.plan)).toMatchObject({ presenceMin: 80, left: 0, lateMin: 0 });
});
