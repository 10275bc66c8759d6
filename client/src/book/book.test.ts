/** The book that screens choose from. */
import type { PantryItem } from '@hollow-moon/contract';
import { book, tart, TART_ID, TIN_ID } from '../testing/book';
import { bookOf, inVessel, optionsOf, withUnderWay } from './book';

describe('the book', () => {
  const own: PantryItem = {
    id: '00000000-0000-4000-8000-000000000071',
    version: 1,
    updatedAt: '2026-11-24T03:00:00.000Z',
    data: {
      ingredientId: 'own-00000000-0000-4000-8000-000000000071',
      own: {
        name: 'Äpfel vom Hof',
        like: 'apples',
        label: { water: 84, fat: 0, sugars: 11, starch: 0, protein: 0, alcohol: 0 },
        gramsPerMl: 0.6,
        gramsPerPiece: 150,
        allergens: [],
        diet: 'vegan',
      },
      price: { amount: 1, unit: 'kg', price: 2.4 },
      archived: false,
    },
  };
  const cream: PantryItem = {
    ...own,
    id: '00000000-0000-4000-8000-000000000072',
    data: {
      ingredientId: 'cream',
      own: null,
      price: { amount: 1, unit: 'l', price: 5 },
      archived: false,
    },
  };
  const { kitchen, formulas, vessels, ovens } = book;
  const stocked = bookOf({ kitchen, formulas, vessels, ovens, pantry: [own, cream] });

  it('finds formulas by their id, and what the catalogue has', () => {
    expect(stocked.formulaOf(TART_ID)).toBe(tart);
    expect(stocked.formulaOf(TIN_ID)).toBeUndefined();
    expect(stocked.find('cream')?.name).toBeDefined();
  });

  it('has the kitchen’s own ingredient among the others, by name', () => {
    expect(stocked.catalogue.length).toBe(book.catalogue.length + 1);
    const names = stocked.ingredientOptions.map(({ label }) => label);
    expect(names).toContain('Äpfel vom Hof');
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
    expect(stocked.find(own.data.ingredientId)?.composition.water).toBeGreaterThan(0.8);
  });

  it('prices a gram of each, by weight or by measure', () => {
    expect(stocked.prices.get(own.data.ingredientId)).toBeCloseTo(0.0024, 6);
    // A litre of cream is about a kilo: 0.98 to 1.02.
    expect(stocked.prices.get('cream')!).toBeGreaterThan(0.005 / 1.02);
    expect(stocked.prices.get('cream')!).toBeLessThan(0.005 / 0.98);
    expect(stocked.prices.get('milk')).toBeUndefined();
  });

  it('knows nothing by what was put away', () => {
    const away = { ...own, data: { ...own.data, archived: true } };
    const without = bookOf({ kitchen, formulas, vessels, ovens, pantry: [away, cream] });
    expect(without.find(own.data.ingredientId)).toBeUndefined();
    expect([...without.prices.keys()]).toEqual(['cream']);
  });

  it('offers no tin that was put away, but the one that is in use', () => {
    const [tin] = vessels;
    const old = { ...tin!, id: TART_ID, data: { ...tin!.data, name: 'Old', archived: true } };
    const named = (chosen: string | null) =>
      optionsOf([tin!, old], chosen).map(({ label }) => label);
    expect(named(null)).toEqual(['Tin 24']);
    expect(named(TART_ID)).toEqual(['Tin 24', 'Old (put away)']);
  });
});

describe('what is on its way into the book', () => {
  const [tin] = book.vessels;
  const listed = [tin!, { ...tin!, id: TART_ID }];

  it('is shown as it will be: what was changed in its place, what is new after the others', () => {
    const wider = { ...tin!.data, topDiameterMm: 260 };
    const made = { ...tin!.data, name: 'Made just now' };
    const shown = withUnderWay(
      listed,
      new Map([
        ['new', made],
        [TIN_ID, wider],
      ]),
    );
    expect(shown).toEqual([
      { ...tin!, data: wider },
      { ...tin!, id: TART_ID },
      { id: 'new', version: 0, updatedAt: '', data: made },
    ]);
  });

  it('leaves the very list where nothing is', () => {
    expect(withUnderWay(listed, new Map())).toBe(listed);
  });
});

describe('another tin', () => {
  const vessel = (id: string, topDiameterMm: number) => {
    const [first] = book.vessels;
    return { ...first!, id, data: { ...first!.data, topDiameterMm } };
  };
  const vessels = [
    vessel('pot', 90),
    vessel('tartlet', 130),
    vessel('little-tart', 131),
    vessel('tart', 240),
  ];
  const portions = (from: number, to: string | null) =>
    inVessel({ ...tart, portionsEach: from }, to, vessels).portionsEach;

  it('has one portion where it is for one, and keeps what a cook has said', () => {
    expect(portions(8, 'pot')).toBe(1);
    expect(portions(1, 'tart')).toBe(8);
    expect(portions(10, 'tart')).toBe(10);
    expect(portions(2, 'pot')).toBe(2);
    expect(portions(8, null)).toBe(8);
    // A tin as wide as the widest for one is still for one.
    expect(portions(8, 'tartlet')).toBe(1);
    expect(portions(8, 'little-tart')).toBe(8);
    // Six portions are not eaten out of one pot.
    expect(inVessel({ ...tart, portionsEach: 6 }, 'pot', vessels)).toMatchObject({
      vesselCount: 6,
      portionsEach: 1,
    });
  });
});
