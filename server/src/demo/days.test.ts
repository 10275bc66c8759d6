/** The demonstration's formulas as work, and its night as a plan. */
import { AS_USUAL, ownIngredients, type PantryItem } from '@hollow-moon/contract';
import { sessionOf, workAskOf, workListOf, type WorkedIn } from '@hollow-moon/contract/planning';
import { forecast, forecastBlind } from '@hollow-moon/core';
import {
  betterOn,
  checkPlan,
  computedFrom,
  elapsedMin,
  firstPlan,
  atFullest,
  leastPresence,
  measure,
  modelOf,
  soonest,
  tooLongOut,
  type WorkList,
} from '@hollow-moon/core/planning';
import { demoDays } from './days';
import { demoFormulas } from './formulas';
import { demoKitchen, demoOvens, demoVessels } from './kitchen';
import { FORMULA } from './list';
import { demoPantry } from './pantry';

const where: WorkedIn = {
  kitchen: demoKitchen,
  vesselOf: (id) => demoVessels[id],
  ovens: Object.entries(demoOvens).map(([id, data]) => ({ id, data })),
  own: ownIngredients(
    Object.entries(demoPantry).map(([id, data]): PantryItem => ({
      id,
      version: 1,
      updatedAt: '2026-01-01T00:00:00Z',
      data,
    })),
  ),
  formulaOf: (id) => demoFormulas[id],
};

const known = new Map<string, WorkList>();
function workFor(id: string, vessels: number): WorkList {
  const key = `${id} ${vessels}`;
  const before = known.get(key);
  if (before) return before;
  const data = demoFormulas[id]!;
  const { bake, blind } = workAskOf(data, where);
  const baked = bake && forecast(bake);
  const shell = blind && forecastBlind(blind);
  const computed = computedFrom({
    ...(baked?.ok ? { forecast: baked.value } : {}),
    ...(shell?.ok ? { blind: shell.value } : {}),
  });
  const work = workListOf(data, { ...AS_USUAL, vessels }, where, computed);
  if (!work.ok) throw new Error(`${data.name}: ${work.problem.code}`);
  known.set(key, work.value);
  return work.value;
}

// From the first of it to the table, butter and cheese being out of the fridge already, in hours. Common practice: cheese
// tart 14 to 16 (this one is small and thin: 13), starch cream in a shell 7 to 8 (poured hot into a sweet one: 6), nut
// pie 4 and an hour for the shell that is baked first, nut cream with fruit 3½, a gelatine layer 8 from cold.
it.each([
  ['bay', 5, 6.5],
  ['milkPie', 5, 6.5],
  ['buckwheat', 4, 5.5],
  ['bergamot', 5.5, 7],
  ['malted', 5.5, 8],
  ['parsnip', 3, 5],
  ['barley', 4, 5.5],
  ['plum', 3, 4.5],
  ['fig', 12.5, 16],
  ['greengage', 2, 3.5],
  ['gooseberry', 4, 5.5],
  ['seaBuckthorn', 8, 9.5],
  ['passionFruit', 5.5, 7.5],
  ['toastedRice', 5, 7.5],
  ['blackTea', 4, 5],
  ['ryeDough', 0.1, 0.5],
  ['flakyDough', 0.1, 0.5],
] as const)('%s takes %p to %p h', (name, least, most) => {
  const id = FORMULA[name];
  const work = workFor(id, demoFormulas[id]!.vesselCount);
  const hours = elapsedMin(work) / 60;
  expect(hours).toBeGreaterThanOrEqual(least);
  expect(hours).toBeLessThanOrEqual(most);
});

it('what the cards pour into a shell goes in before it is baked, and what is put on comes last', () => {
  for (const [name, verbs] of [
    ['bay', ['blind-bake', 'fill', 'bake']],
    ['plum', ['roll-and-line', 'fill', 'lay-on', 'bake']],
    ['toastedRice', ['coat', 'fill', 'bake', 'to-the-fridge', 'turn-out']],
    ['passionFruit', ['blind-bake', 'fill', 'meringue']],
    ['malted', ['fill', 'put-on']],
  ] as const) {
    const { tasks } = workFor(FORMULA[name], demoFormulas[FORMULA[name]]!.vesselCount);
    const starts = soonest(tasks);
    const at = verbs.map((verb) => starts.get(tasks.find((task) => task.verb === verb)!.id)!);
    expect(at).toEqual([...at].sort((a, b) => a - b));
  }
});

describe('the night', () => {
  const [day] = Object.values(demoDays(new Date('2026-11-30T08:00:00Z')));
  const session = sessionOf(
    day!,
    day!.wanted.map(({ id, formulaId, vessels }) => ({
      id,
      name: demoFormulas[formulaId]!.name,
      work: workFor(formulaId, vessels),
    })),
    where,
  );
  const model = modelOf(session);
  if (!model.ok) throw new Error(model.problem.code);
  const first = firstPlan(model.value);

  it('is for the morning after', () => expect(day!.date).toBe('2026-12-01'));

  it('has all twelve bakes ready in time, by a plan that breaks nothing', () => {
    expect(session.wanted).toHaveLength(12);
    expect([first.plan.late, first.plan.left]).toEqual([[], []]);
    expect(checkPlan(model.value, first.plan)).toEqual([]);
    expect(first.plan.placed).toHaveLength(model.value.jobs.length);
    // Nothing of egg and dairy stands out of the cold for more than its hours, and nothing is past its best.
    expect(tooLongOut(model.value, first.plan)).toEqual([]);
    expect(measure(model.value, first.plan).pastBestMin).toBe(0);
  });

  it('makes each dough once, and keeps within the fridge', () => {
    const doughs = model.value.jobs.filter(({ task }) => task.verb === 'mix-dough');
    expect(doughs.map(({ bakes }) => bakes.length).sort()).toEqual([3, 6]);
    expect(atFullest(model.value, first.plan, 'fridge').vessels).toBeLessThanOrEqual(
      session.means.fridgePlaces,
    );
  });

  it('is bettered by the search, and never under what its hands add up to', () => {
    const weights = { presence: day!.presence };
    const before = firstPlan(model.value, weights);
    const better = betterOn(model.value, before, { round: 1, weights });
    expect(checkPlan(model.value, better.plan)).toEqual([]);
    expect(better.cost).toBeLessThan(before.cost);
    // Nobody is there for as long, at no bake's cost.
    expect(measure(model.value, better.plan)).toMatchObject({ left: 0, lateMin: 0 });
    expect(measure(model.value, better.plan).presenceMin).toBeGreaterThan(
      leastPresence(model.value),
    );
  });
});
