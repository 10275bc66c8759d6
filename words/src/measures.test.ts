/** So much of something, as a cook says it. */
import { CATALOGUE, findIngredient, type LineUnit } from '@hollow-moon/core';
import { measureInWords, unitInWords } from './measures';
import { isMessage } from './say';

const said = (amount: number, unit: LineUnit, id: string) =>
  measureInWords(amount, unit, findIngredient(id)!).replaceAll('\u00a0', ' ');

it.each([
  [6, 'piece', 'egg-yolk', '6 egg yolks'],
  [1, 'piece', 'egg-yolk', '1 egg yolk'],
  [4, 'piece', 'egg', '4 whole eggs'],
  [2, 'piece', 'egg-white', '2 egg whites'],
  [1.5, 'cup', 'milk', '1.5 cups whole milk'],
  [1, 'cup', 'milk', '1 cup whole milk'],
  [250, 'g', 'butter', '250 g butter, unsalted'],
  [0.5, 'tsp', 'cardamom', '0.5 tsp cardamom'],
  [3, 'piece', 'gelatine-leaf', 'gelatine leaf, gold (200 bloom), 3 leaves'],
] as const)('%p %s of %s is said as %s', (amount, unit, id, words) => {
  expect(said(amount, unit, id)).toBe(words);
});

it('knows the plural of all that comes in pieces', () => {
  const pieces = CATALOGUE.flatMap(({ pieceName }) => pieceName ?? []);
  expect(pieces.length).toBeGreaterThan(10);
  expect(pieces.filter((name) => !isMessage(`counted.${name}`))).toEqual([]);
});

it('writes a unit that has no plural as it is', () => {
  expect(unitInWords('fl oz', undefined, 3)).toBe('fl oz');
  expect(unitInWords('piece', undefined, 2)).toBe('pieces');
});
