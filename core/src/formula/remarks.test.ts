import { analyse } from './analysis';
import { remarksOn } from './remarks';
import { swapped, type Line } from './line';

const line = (ingredientId: string, amount: number, over: Partial<Line> = {}): Line => ({
  id: ingredientId,
  ingredientId,
  amount,
  unit: 'g',
  ...over,
});
const remarks = (...lines: Line[]) => remarksOn(analyse(lines, 'EU M'));

describe('remarks on a list', () => {
  // Source: typical labels, from memory: 1.8 % of 200 g of salted butter is 3.6 g; of 5 g 1.4 are left.
  it('find salt twice', () => {
    const [remark] = remarks(line('salted-butter', 200), line('salt', 5));
    expect(remark).toMatchObject({ lineId: 'salt', likely: { line: { amount: 1.4, unit: 'g' } } });
    expect(remarks(line('butter', 200), line('salt', 5))).toEqual([]);
  });

  it('ask for the size of a sachet', () => {
    const [remark] = remarks(line('vanilla-sugar', 2, { unit: 'piece' }));
    expect(remark?.likely?.line).toMatchObject({ amount: 16, unit: 'g' });
  });

  it('keep back no more than there is', () => {
    expect(remarks(line('milk', 200, { heldBack: 60 }))).toEqual([]);
    expect(remarks(line('milk', 50, { heldBack: 60 }))[0]?.likely?.line.heldBack).toBe(50);
  });
});

describe('what may be used instead', () => {
  it('changes places with what is used', () => {
    const pod = line('vanilla-pod', 1, {
      unit: 'piece',
      instead: { ingredientId: 'vanilla-extract', amount: 2, unit: 'tsp' },
    });
    const extract = swapped(pod);
    expect(extract).toMatchObject({ ingredientId: 'vanilla-extract', amount: 2, unit: 'tsp' });
    expect(swapped(extract)).toEqual(pod);
    expect(swapped(line('milk', 1))).toEqual(line('milk', 1));
  });
});
