/** The dough of a tart: one of the book is made once for all who take it, unless it is to be made by itself. */
import { TART } from '../testing/bakes';
import { madeOf, partOf, planOfWork } from '../testing/made';
import { workOf } from './work';

const DOUGH = { 'wheat-flour': 200, butter: 110, sugar: 60, egg: 50 };
const span = { earliestMin: 30, expectedMin: 35, latestMin: 40 };

/** Tasks of a custard tart whose dough is of a formula of the book, or its own, with what they are shared as. */
function sharedIn(formulaId: string | null, doughApart?: boolean) {
  const shell = partOf('sweet-dough', 'shell', DOUGH, { formulaId });
  const formula = madeOf(
    'baked-custard',
    { cream: 400, egg: 100, sugar: 80 },
    { shell: 'sweet-dough', parts: [shell] },
  );
  const plan = planOfWork(formula, { bake: span, blind: span }, TART.vessel);
  const work = workOf(doughApart === undefined ? plan : { ...plan, doughApart });
  if (!work.ok) throw new Error(work.problem.code);
  return work.value.tasks.map(({ verb, shared }) => [verb, shared]);
}

it('of the book is made once for all, with its butter; what follows is done for each', () => {
  const tasks = sharedIn('rye');
  expect(tasks.slice(0, 3)).toEqual([
    ['take-out-butter', 'soft:rye'],
    ['mix-dough', 'dough:rye'],
    ['roll-and-line', undefined],
  ]);
  expect(tasks.slice(3).every(([, shared]) => shared === undefined)).toBe(true);
});

it.each([
  ['of its own', null, undefined],
  ['of the book, made by itself', 'rye', true],
] as const)('%s is made for this bake alone', (_, formulaId, doughApart) => {
  const apart = sharedIn(formulaId, doughApart);
  expect(apart).toEqual(sharedIn('rye', false).map(([verb]) => [verb, undefined]));
});
