/** What may share a heat is held to pairs worked out by hand. */
import { chain, inOvenAt, plainTask, workFrom } from '../testing/sessions';
import type { OvenNeed, Verb } from '../work';
import { NEAR_K, nearHeats } from './nearHeats';

const bakeAt = (id: string, setC: number, given: Partial<OvenNeed> = {}, verb: Verb = 'bake') => ({
  id,
  name: id,
  dueMin: 600,
  work: workFrom(
    chain([
      plainTask('mix', 5),
      plainTask('in', 40, { verb, ...inOvenAt(setC, { programme: `/${setC}`, ...given }) }),
    ]),
  ),
});

it('takes in 25 °F, a step of a dial, and no more', () => {
  // 25 °F × 5/9 = 13.9 K.
  expect(NEAR_K).toBeGreaterThanOrEqual((25 * 5) / 9);
  const at = (setC: number) => nearHeats({ wanted: [bakeAt('a', 150), bakeAt('b', setC)] });
  expect(at(164)).toHaveLength(2);
  expect(at(165)).toEqual([]);
  expect(at(150)).toEqual([]);
});

it('offers each the heat of the other, the nearest first, with all that stand at it', () => {
  const wanted = [bakeAt('a', 150), bakeAt('b', 160), bakeAt('c', 155), bakeAt('d', 160)];
  expect(nearHeats({ wanted })).toEqual([
    { bake: 'a', fromC: 150, toC: 155, beside: ['c'] },
    { bake: 'b', fromC: 160, toC: 155, beside: ['c'] },
    { bake: 'c', fromC: 155, toC: 150, beside: ['a'] },
    { bake: 'c', fromC: 155, toC: 160, beside: ['b', 'd'] },
    { bake: 'd', fromC: 160, toC: 155, beside: ['c'] },
    { bake: 'a', fromC: 150, toC: 160, beside: ['b', 'd'] },
    { bake: 'b', fromC: 160, toC: 150, beside: ['a'] },
    { bake: 'd', fromC: 160, toC: 150, beside: ['a'] },
  ]);
});

it('a shell keeps its heat, though a filling may come to it', () => {
  const wanted = [bakeAt('tart', 180), bakeAt('shell', 190, {}, 'blind-bake')];
  expect(nearHeats({ wanted })).toEqual([
    { bake: 'tart', fromC: 180, toC: 190, beside: ['shell'] },
  ]);
});

it('not what is turned on its way, stands in another oven, or has that oven otherwise', () => {
  for (const given of [
    { staged: true },
    { ovenId: 'second' },
    { programme: 'fan/160' },
  ] satisfies Partial<OvenNeed>[]) {
    expect(nearHeats({ wanted: [bakeAt('a', 150), bakeAt('b', 160, given)] })).toEqual([]);
  }
});
