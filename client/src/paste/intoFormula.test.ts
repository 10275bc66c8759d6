import type { FormulaData, VesselData } from '@hollow-moon/contract';
import { languageOf, readRecipe } from '@hollow-moon/core';
import { book, tart } from '../testing/book';
import { foundIn, withText } from './intoFormula';
import { readingOf } from './readings';

const empty: FormulaData = {
  ...tart,
  lines: [],
  parts: [],
  vesselId: null,
  ovenId: null,
  bath: null,
};

const taken = (text: string, data = empty, note?: string, kitchen = book) => {
  const recipe = readRecipe(text, languageOf(text));
  const readings = recipe.lines.map((line) => readingOf(line, {}, 'EU M', book.find));
  const found = foundIn(
    { facts: recipe.facts, steps: recipe.steps, readings, fresh: data.lines.length === 0, note },
    data,
    kitchen,
  );
  return { found, formula: withText(data, readings, found) };
};

const keys = (text: string) => taken(text).found.map(({ key }) => key);

describe('what a text says of the whole', () => {
  it('names the formula, its filling, its oven and bath, and keeps the steps', () => {
    const { formula } = taken(`Orchard pots
Serves 6
500 ml cream
6 egg yolks
80 g sugar
Method
Whisk the yolks with the sugar.
Bake at 300 F in a water bath for 40 min.`);
    expect(formula).toMatchObject({
      name: 'Orchard pots',
      family: 'baked-custard',
      // Nothing in it speaks of a shell.
      shell: 'none',
      // Pots are for one.
      vesselCount: 6,
      portionsEach: 1,
      // 300 °F are 149 °C. Source: NIST SP 811, appendix B.8.
      setC: 148.9,
      steps: ['Whisk the yolks with the sugar.', 'Bake at 300 F in a water bath for 40 min.'],
    });
    expect(formula.bath).not.toBeNull();
    expect(formula.lines).toHaveLength(3);
  });

  it('takes the note of a file after what was noted before, and what could not be weighed after both', () => {
    const before = { ...empty, note: 'Ferry order.' };
    const { found, formula } = taken('200 g flour\n3 xyzzy', before, 'For the first boat.');
    expect(found.map(({ key }) => key)).toContain('note');
    expect(formula.note).toMatch(/^Ferry order\.\nFor the first boat\.\n.*3 xyzzy/);
  });

  it('shares portions among the tins, and takes no large tin for one of many', () => {
    const text = 'Plum tart\nServes 10\nMakes one\n200 g sugar\n24 cm tart tin';
    expect(taken(text, { ...empty, vesselCount: 2 }).formula).toMatchObject({
      vesselCount: 2,
      portionsEach: 5,
    });
    expect(taken('Pear tartlets, makes 8\n9 in tart tin\n200 g sugar').formula.vesselCount).toBe(1);
  });

  it('takes so many tins as the text speaks of, and shares its portions among them', () => {
    const of = (line: string) => {
      const { vesselCount, portionsEach } = taken(`Plum pie\n${line}\n200 g sugar`).formula;
      return [vesselCount, portionsEach];
    };
    expect(of('Makes two 9-inch pies')).toEqual([2, empty.portionsEach]);
    expect(of('Serves 12, for 2 tins')).toEqual([2, 6]);
    expect(taken('Tartaletas de ciruela\nPara 6 moldes\n200 g sugar').formula).toMatchObject({
      vesselCount: 6,
      portionsEach: 1,
    });
  });

  it('takes the shell from its heading, and the main filling from its own', () => {
    const { formula } = taken(`Crumb shell
200 g plain biscuits
100 g melted butter
Almond cream
100 g butter
100 g sugar
2 eggs
100 g ground almonds`);
    expect(formula).toMatchObject({ shell: 'crumb-shell', family: 'nut-cream' });
    expect(formula.lines.map((line) => line.ingredientId)).toEqual([
      'butter',
      'sugar',
      'egg',
      'ground-almonds',
    ]);
    expect(formula.parts).toMatchObject([{ kind: 'crumb-shell', place: 'shell' }]);
  });

  it('knows a crust of biscuits, and one that was bought, by what is in it', () => {
    const crust = (lines: string) =>
      taken(`Pear tart\nCrust\n${lines}\nFilling\n400 ml cream`).formula;
    expect(crust('200 g plain biscuits\n100 g butter')).toMatchObject({
      shell: 'crumb-shell',
      parts: [{ kind: 'crumb-shell', place: 'shell' }],
    });
    expect(crust('1 egg\n300 g shortcrust pastry').parts[0]!.kind).toBe('bought-shell');
    // Flour, fat and sugar is a sweet dough; without sugar it is a pie's.
    expect(crust('200 g flour\n100 g butter\n60 g icing sugar').shell).toBe('sweet-dough');
    expect(crust('200 g flour\n100 g butter\n3 tbsp water').shell).toBe('pie-dough');
  });

  it('takes the tin of the kitchen that is nearest to what is spoken of, of its kind, where one is near', () => {
    const [tin] = book.vessels;
    const named = (name: string, change: Partial<VesselData>) => ({
      ...tin!,
      id: name,
      data: { ...tin!.data, name, ...change },
    });
    const wide = (mm: number) => ({ baseDiameterMm: mm, topDiameterMm: mm });
    const stocked = {
      ...book,
      vessels: [
        named('tin 20', wide(200)),
        named('ring 23', { ...wide(230), kind: 'ring' }),
        named('tin 24', wide(240)),
        named('loose 24', { ...wide(236), looseBase: true }),
        // Its middle is 25 cm wide.
        named('slanting', { baseDiameterMm: 230, topDiameterMm: 270 }),
        named('old 22', { ...wide(220), archived: true }),
        named('plate 26', { ...wide(260), kind: 'pie-plate' }),
      ],
    };
    const tinFor = (line: string) =>
      taken(`Tart\n${line}\n200 g sugar\n2 eggs`, empty, undefined, stocked).formula.vesselId;
    expect(tinFor('24 cm tart tin')).toBe('tin 24');
    expect(tinFor('23.5 cm tart tin')).toBe('loose 24');
    expect(tinFor('24 cm loose-bottomed tin')).toBe('loose 24');
    expect(tinFor('25 cm tart tin')).toBe('slanting');
    expect(tinFor('23 cm tart ring')).toBe('ring 23');
    expect(tinFor('26 cm pie plate')).toBe('plate 26');
    expect(tinFor('32 cm tart tin')).toBeNull();
  });

  it('says nothing of what the text does not', () => {
    expect(keys('200 g sugar\n500 ml milk')).toEqual(['family', 'shell']);
    // What stands on the bench already is not named anew.
    expect(taken('200 g sugar\n500 ml milk', tart).found).toEqual([]);
  });
});

it.each([
  ['Lemon tart\n160 ml lemon juice\n180 g sugar\n3 eggs\n150 g butter', 'curd'],
  ['Pastry cream tart\n500 ml milk\n5 egg yolks\n110 g sugar\n45 g cornflour', 'starch-cream'],
  ['Set milk\n400 ml cream\n200 ml milk\n80 g sugar\n4 sheets leaf gelatine', 'cold-set'],
  ['Orchard pie\n800 g apples\n110 g sugar\n25 g cornflour', 'fruit-filling'],
  ['Quay tart\n300 ml double cream\n300 g dark chocolate\n40 g butter', 'cold-set'],
  ['Harvest pie\n425 g pumpkin\n250 ml cream\n3 eggs\n120 g sugar', 'puree-custard'],
  ['Boat tart\n500 ml cream\n200 ml milk\n8 egg yolks\n100 g sugar', 'baked-custard'],
] as const)('tells the family of %j', (text, family) => {
  expect(taken(text).formula.family).toBe(family);
});
