import { analyse } from '../formula';
import { readLine } from '../written';
import { catalogueWith, findAmong, findIngredient } from './catalogue';
import { labelOf, likeBut } from './own';
import { rawNeed } from './yields';
import { totalFraction } from './composition';

describe('an ingredient of the kitchen’s own', () => {
  const cream = findIngredient('cream')!;

  it('is like one of the catalogue but for its label', () => {
    const label = { ...labelOf(cream.composition), fat: 45, water: 48 };
    const thick = likeBut(cream.composition, label)!;
    expect(thick.fat).toBeGreaterThan(0.44);
    expect(totalFraction(thick)).toBeCloseTo(1, 9);
    expect(thick.milkProtein).toBeGreaterThan(0);
    expect(thick.eggYolkProtein).toBe(0);
    // Its own label changes it by no more than the rounding of the table.
    const same = likeBut(cream.composition, labelOf(cream.composition))!;
    expect(same.fat).toBeCloseTo(cream.composition.fat, 2);
  });

  it('is refused when its label comes to more than there is', () => {
    const label = labelOf(cream.composition);
    expect(likeBut(cream.composition, { ...label, fat: 80 })).toBeUndefined();
    expect(likeBut(cream.composition, { ...label, fat: -1 })).toBeUndefined();
  });

  it('adds to the catalogue or corrects it', () => {
    const own = { ...cream, id: 'own-1', name: 'River cream' };
    const find = findAmong([own, { ...cream, name: 'Ours' }]);
    expect(find('own-1')?.name).toBe('River cream');
    expect(find('cream')?.name).toBe('Ours');
    expect(find('milk')).toBe(findIngredient('milk'));
    const names = catalogueWith([own]).filter((each) => /cream/i.test(each.name));
    expect(names.map(({ id }) => id)).toEqual(expect.arrayContaining(['own-1', 'cream']));
    const line = { id: 'l', ingredientId: 'own-1', amount: 100, unit: 'g' } as const;
    expect(analyse([line], 'EU M').mixtureG).toBe(0);
    expect(analyse([line], 'EU M', find).mixtureG).toBe(100);
  });
});

describe('a list that names it', () => {
  const own = { ...findIngredient('cream')!, id: 'own-1', name: 'River farm cream, 44 %' };

  it.each(['400 g river farm cream', '400 g River farm cream, 44 %'])('is read: %s', (text) => {
    expect(readLine(text, 'en', [own]).ingredientId).toBe('own-1');
    expect(readLine(text, 'en').ingredientId).not.toBe('own-1');
  });

  it('is read as the catalogue’s where it is not named', () => {
    expect(readLine('400 g double cream', 'en', [own]).ingredientId).toBe('double-cream');
  });
});

describe('what to buy', () => {
  // Source: common practice: 700 g of roots give 430 g of purée. A lemon gives about 45 g (from memory).
  it('is said raw where the list weighs it prepared', () => {
    expect(rawNeed(findIngredient('parsnip-puree')!, 430)).toEqual({
      code: 'raw.weight',
      values: { raw: { code: 'raw.parsnips' }, grams: 700 },
    });
    expect(rawNeed(findIngredient('lemon-juice')!, 180)).toEqual({
      code: 'raw.pieces',
      values: { raw: { code: 'raw.lemons' }, count: 4 },
    });
    expect(rawNeed(findIngredient('milk')!, 180)).toBeUndefined();
  });
});
