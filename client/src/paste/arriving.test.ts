import type { FormulaData } from '@hollow-moon/contract';
import { book, tart } from '../testing/book';
import { ownArriving, renamed, withGrade } from './arriving';

const label = {
  ...{ name: 'Ferry cream 50 %', like: 'cream', gramsPerMl: 0.99, gramsPerPiece: null },
  label: { water: 45, fat: 50, sugars: 2.5, starch: 0, protein: 1.7, alcohol: 0 },
  allergens: ['milk' as const],
  diet: 'vegetarian' as const,
};
const arriving = [{ ingredientId: 'own-1', own: label }];

it('has a new ingredient join the pantry, and its lines follow it', () => {
  const { writes, ids } = ownArriving(arriving, book);
  expect(writes).toHaveLength(1);
  const [{ data }] = writes as [(typeof writes)[number]];
  expect(data).toMatchObject({ own: label, price: null });
  expect(ids.get('own-1')).toBe(data.ingredientId);
  const line = { id: 'a', ingredientId: 'own-1', amount: 5, unit: 'g' as const };
  const formula: FormulaData = {
    ...tart,
    lines: [{ ...line, instead: { ingredientId: 'own-1', amount: 4, unit: 'g' } }],
  };
  expect(renamed(formula, ids).lines).toMatchObject([
    { ingredientId: data.ingredientId, instead: { ingredientId: data.ingredientId } },
  ]);
});

it('takes what this kitchen has just so for it, and changes nothing that is there', () => {
  const item = {
    ...{ id: '11111111-1111-4111-8111-111111111111', kitchenId: book.kitchen.id, version: 3 },
    ...{ updatedAt: '2026-11-01T00:00:00.000Z', lastWriteId: '' },
    data: { ingredientId: 'own-7', price: null, own: label, archived: false },
  };
  const with7 = { ...book, pantry: [item] as typeof book.pantry };
  expect(ownArriving(arriving, with7)).toEqual({ writes: [], ids: new Map([['own-1', 'own-7']]) });
  const fatter = [{ ingredientId: 'own-1', own: { ...label, name: 'Another' } }];
  expect(ownArriving(fatter, with7).writes).toHaveLength(1);
});

it('says by which grade eggs were counted where that differs', () => {
  const counted: FormulaData = {
    ...tart,
    note: 'As ever.',
    lines: [{ id: 'a', ingredientId: 'egg', amount: 3, unit: 'piece' }],
  };
  const here = book.kitchen.data.eggGrade;
  const other = here === 'US large' ? ('EU M' as const) : ('US large' as const);
  expect(withGrade(counted, other, book).note).toMatch(/^As ever\.\nEggs were counted as /);
  expect(withGrade(counted, here, book).note).toBe('As ever.');
  expect(withGrade({ ...counted, lines: [] }, other, book).note).toBe('As ever.');
  // Weighed eggs have no grade, and pieces of something else are no eggs.
  const [line] = tart.lines;
  for (const uncounted of [
    { ...line!, ingredientId: 'egg', amount: 150, unit: 'g' as const },
    { ...line!, ingredientId: 'lemon-juice', amount: 2, unit: 'piece' as const },
    { ...line!, ingredientId: 'nobody-knows', amount: 2, unit: 'piece' as const },
  ])
    expect(withGrade({ ...counted, lines: [uncounted] }, other, book).note).toBe('As ever.');
});
