/** A new formula, and one that is made of what is left over. */
import type { BuiltPart } from '@hollow-moon/core';
import { emptyFormula, fromLeftOver, leavesEnough, newLine } from './newFormula';

const built = (over: Partial<BuiltPart> & { readonly kind: string }): BuiltPart =>
  ({
    part: {
      ...{ id: 'p', name: 'Rye shell', kind: over.kind, formulaId: null, eachG: 250 },
      lines: [
        { id: 'a', ingredientId: 'butter', amount: 100, unit: 'g' },
        { id: 'b', ingredientId: 'milk', amount: 300, unit: 'g' },
      ],
    },
    leftG: 100,
    batchG: 400,
    ...over,
  }) as unknown as BuiltPart;

it('begins with nothing on its list, at a setting that the dial has', () => {
  const empty = emptyFormula('C');
  expect(empty).toMatchObject({ lines: [], parts: [], setC: 140, vesselCount: 1, note: '' });
  // 140 °C is 284 °F; a dial in steps of 5 °F has 285 °F, which is 140.56 °C.
  expect(emptyFormula('F').setC).toBeCloseTo(140.556, 3);
  expect(newLine()).toMatchObject({ ingredientId: 'milk', amount: 0, unit: 'g' });
  expect(newLine().id).not.toBe(newLine().id);
});

// Common practice: an ounce, and a twentieth of the batch.
it.each([
  [30, 600, true],
  [29, 100, false],
  [40, 801, false],
  [40, 800, true],
])('%d g that are left of %d g are worth a bake of their own: %p', (leftG, batchG, worth) => {
  expect(leavesEnough(built({ kind: 'sweet-dough', leftG, batchG }))).toBe(worth);
});

it('what is made by another formula is not made of its rest', () => {
  const own = built({ kind: 'sweet-dough' });
  expect(leavesEnough({ ...own, part: { ...own.part, formulaId: 'other' } })).toBe(false);
});

it('what is left of a dough is the shell of the next, in the amounts that are left', () => {
  const made = fromLeftOver(built({ kind: 'sweet-dough' }), 'C');
  expect(made).toMatchObject({ shell: 'sweet-dough', lines: [] });
  expect(made.name).toContain('Rye shell');
  expect(made.parts).toHaveLength(1);
  expect(made.parts[0]!.lines.map(({ amount }) => amount)).toEqual([25, 75]);
  expect(made.parts[0]!.id).not.toBe('p');
});
