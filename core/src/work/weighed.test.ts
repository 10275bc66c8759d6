/** What is weighed in which task: every gram of a bake in one task, and in no other. */
import { TART } from '../testing/bakes';
import { madeOf, partOf, planOfWork } from '../testing/made';
import type { Computed, MadeFormula, WorkPlan } from './plan';
import { vagueFor, weighedFor } from './weighed';
import { workOf } from './work';

const span = { earliestMin: 30, expectedMin: 35, latestMin: 40 };
const COMPUTED: Computed = { blind: span, bake: span };

const SWEET = partOf('sweet-dough', 'shell', {
  'wheat-flour': 200,
  butter: 110,
  sugar: 60,
  egg: 50,
});
const CUSTARD = { cream: 400, milk: 200, 'egg-yolk': 90, sugar: 80 };

function weighed(formula: MadeFormula) {
  const plan: WorkPlan = planOfWork(formula, COMPUTED, TART.vessel);
  const work = workOf(plan);
  if (!work.ok) throw new Error(work.problem.code);
  return work.value.tasks.flatMap((task) => {
    const needs = weighedFor(task, plan.build);
    return needs.length > 0
      ? [
          [
            task.verb,
            Object.fromEntries(needs.map(({ ingredient, grams }) => [ingredient.id, grams])),
          ] as const,
        ]
      : [];
  });
}

it('a custard poured warm: its dairy where that is warmed, the rest where it is mixed', () => {
  const formula = madeOf('baked-custard', CUSTARD, {
    shell: 'sweet-dough',
    parts: [SWEET],
    fillingStartC: 60,
  });
  expect(weighed(formula)).toEqual([
    ['mix-dough', { 'wheat-flour': 200, butter: 110, sugar: 60, egg: 50 }],
    ['warm-dairy', { cream: 400, milk: 200 }],
    ['mix-custard', { 'egg-yolk': 90, sugar: 80 }],
  ]);
});

it('a custard mixed cold: all of it in one task', () => {
  expect(weighed(madeOf('baked-custard', CUSTARD))).toEqual([['mix-custard', CUSTARD]]);
});

it('a cheese is weighed when it is blended, not when it is taken out of the fridge', () => {
  const grams = { ricotta: 600, sugar: 120, egg: 150 };
  expect(weighed(madeOf('fresh-cheese', grams))).toEqual([['blend-cheese', grams]]);
});

it('what is kept back is told with what it is kept back of', () => {
  const formula = madeOf('starch-cream', { milk: 500, cornflour: 40, 'egg-yolk': 80, sugar: 100 });
  const lines = formula.lines.map((line) =>
    line.ingredientId === 'milk' ? { ...line, heldBack: 60 } : line,
  );
  const plan = planOfWork({ ...formula, lines }, COMPUTED, TART.vessel);
  const work = workOf(plan);
  if (!work.ok) throw new Error(work.problem.code);
  const cook = work.value.tasks.find(({ verb }) => verb === 'cook-cream')!;
  const milk = weighedFor(cook, plan.build).find(({ ingredient }) => ingredient.id === 'milk')!;
  expect([milk.grams, milk.heldBackG]).toEqual([500, 60]);
});

it('what nobody knows the amount of is named in its task, and in no other', () => {
  const formula = madeOf('baked-custard', CUSTARD, { fillingStartC: 60 });
  const lines = formula.lines.map((line) =>
    line.ingredientId === 'milk' ? { ...line, amount: 0, vague: 'unknown' as const } : line,
  );
  const plan = planOfWork({ ...formula, lines }, COMPUTED, TART.vessel);
  const vague = (verb: 'warm-dairy' | 'mix-custard') =>
    vagueFor(
      verb === 'warm-dairy'
        ? { verb, of: 'filling', after: [] }
        : { verb, of: 'filling', after: [{ task: 'w', wait: 'steep', leastMin: 0 }] },
      plan.build,
    ).map(({ ingredient }) => ingredient?.id);
  expect([vague('warm-dairy'), vague('mix-custard')]).toEqual([['milk'], []]);
});
