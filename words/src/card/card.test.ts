/** The bench card: what has to be on it for a cook who has only the card. */
import {
  analyse,
  buildOf,
  findIngredient,
  fitOf,
  forecast,
  judgePart,
  type BuildPart,
  type ForecastPlan,
  type Line,
  type Oven,
} from '@hollow-moon/core';
import { METRIC } from '../quantities';
import { wordsIn, type Words } from '../wordsIn';
import { cardOf } from './card';
import type { Card, CardOf } from './of';

/** A list by ingredient and grams; throws on what the catalogue does not have. */
const listOf = (grams: Readonly<Record<string, number>>): Line[] =>
  Object.entries(grams).map(([ingredientId, amount]) => {
    if (!findIngredient(ingredientId)) throw new RangeError(`no ingredient '${ingredientId}'`);
    return { id: ingredientId, ingredientId, amount, unit: 'g' };
  });

/** A 24 cm custard tart, 25 mm deep, in a hot and steady still oven. */
const TART: ForecastPlan = {
  lines: listOf({ cream: 400, milk: 150, egg: 100, 'egg-yolk': 110, sugar: 80 }),
  eggGrade: 'EU M',
  family: 'baked-custard',
  shell: 'sweet-dough',
  vessel: {
    name: 'Tart tin',
    kind: 'straight-tin',
    baseDiameterMm: 240,
    topDiameterMm: 240,
    heightMm: 30,
    lipMm: 0,
    material: 'bright-tin',
  },
  shellThicknessMm: 3,
  headspaceMm: 2,
  oven: { kind: 'still', offsetK: 0 },
  setC: 150,
  fillingStartC: 20,
  roomC: 22,
  altitudeM: 0,
};

const part = (given: Partial<BuildPart>): BuildPart => ({
  id: 'p',
  name: 'Plums',
  kind: 'fruit-and-nuts',
  place: 'over',
  lines: listOf({ plums: 300 }),
  formulaId: null,
  eachG: null,
  vessels: null,
  bakesAlong: false,
  ...given,
});
const oven: Oven = { name: 'Oven', kind: 'still', offsetK: -4, swingK: 0 };

const base: CardOf['formula'] = {
  name: 'Test tart',
  family: 'baked-custard',
  shell: 'sweet-dough',
  lines: TART.lines,
  parts: [],
  vesselCount: 2,
  shellThicknessMm: 3,
  headspaceMm: 2,
  portionsEach: 8,
  lossShare: 0,
  note: 'Turn once.',
  setC: 150,
  fillingStartC: 20,
  shellBake: {
    raw: false,
    weights: 'beans',
    docked: false,
    restMin: 30,
    stages: [
      { minutes: 20, setC: 190, weighted: true, outOfRing: false },
      { minutes: 12, setC: 180, weighted: false, outOfRing: true },
    ],
    target: 'golden',
    seal: 'egg-wash',
  },
  bath: null,
  ovenUse: { steps: [], topUp: null, out: [{ atMin: 0, place: 'rack' }] },
};

function card(
  change: Partial<CardOf['formula']> = {},
  foreseen = true,
  words: Words = wordsIn(METRIC),
): Card {
  const formula = { ...base, ...change };
  const { vessel } = TART;
  const build = buildOf(formula, { grade: 'EU M', vessel, formulaOf: () => undefined });
  const fit = fitOf(formula, build, vessel);
  const made = forecast({
    ...TART,
    lines: formula.lines,
    family: formula.family,
    setC: formula.setC,
    programme: { steps: formula.ovenUse.steps },
  });
  const printed = cardOf(
    {
      formula,
      build,
      verdict: judgePart(analyse(formula.lines, 'EU M'), formula.family, formula.shell),
      fit: fit.ok ? fit.value : undefined,
      vessel,
      oven,
      forecast: foreseen && made.ok ? made.value : undefined,
      stamp: { kitchen: 'Lantern Row', version: 3, day: '30 Nov 2026' },
    },
    words,
  );
  // Figures and their units do not part at the end of a line; here they are read as if they might.
  return JSON.parse(JSON.stringify(printed).replaceAll('\u00a0', ' ')) as Card;
}
const figure = (of: Card, label: string): string | undefined =>
  of.figures.find((each) => each.label === label)?.value;

describe('a bench card', () => {
  it('weighs the list, and says tin, roll, fill and oven', () => {
    const made = card();
    expect(made.lists[0]!.rows.find(({ name }) => name.includes('ream'))!.amount).toBe('400 g');
    expect(figure(made, 'Tin')).toBe('2 × Tart tin');
    expect(figure(made, 'Oven')).toBe(
      'set 150 °C, still. It runs 4 °C cool, so it is really at 146 °C.',
    );
    expect(figure(made, 'Pour at')).toBe('20 °C');
    expect(figure(made, 'Fill')).toMatch(/g each, 2 mm to the rim$/);
    // By hand: base 24 + two walls of 3 + 2 cm to trim.
    expect(figure(made, 'Roll')).toMatch(/^32 cm at 3 mm/);
    expect(made.signs.join(' ')).toMatch(/Pull at \d+ min .* in the middle still move.*Turn once/);
    for (const label of ['Bath', 'Top up', 'Then', 'Afterwards']) {
      expect(figure(made, label)).toBeUndefined();
    }
  });

  it('has what is done to the oven and the filling, and where it goes after', () => {
    const made = card({
      setC: 170,
      bath: { panLengthMm: 380, panBreadthMm: 280, levelMm: 21, waterC: 80 },
      ovenUse: {
        steps: [
          { atMin: 0, on: 'rim-set', to: 125 },
          { atMin: 45, to: 'off-ajar' },
        ],
        topUp: { share: 0.65, atMin: 10 },
        out: [
          { atMin: 0, place: 'oven-ajar' },
          { atMin: 30, place: 'fridge' },
        ],
      },
    });
    expect(figure(made, 'Bath')).toBe('21 mm up, at 80 °C');
    expect(figure(made, 'Top up')).toBe('65 % first, the rest at 10 min');
    const then = made.figures.filter(({ label }) => label === 'Then').map(({ value }) => value);
    expect(then[0]).toMatch(/^125 °C when the rim has set, about \d+ min$/);
    expect(then[1]).toBe('off, door ajar from 45 min');
    expect(figure(made, 'Afterwards')).toBe('oven off, door ajar, then fridge from 30 min');
  });

  it('says of a component where it goes, and whether into the oven', () => {
    const asideOf = (given: Partial<BuildPart>) => card({ parts: [part(given)] }).lists[1]!.aside;
    expect(asideOf({})).toBe('over the filling, 150 g a tin');
    expect(asideOf({ bakesAlong: true })).toBe(
      'over the filling, in the oven with it, 150 g a tin',
    );
    expect(asideOf({ place: 'under', kind: 'nut-cream', bakesAlong: true })).toMatch(
      /^under the filling, raw/,
    );
  });

  it('has the sign a family goes by beside its forecast, and alone without one', () => {
    const syrup = listOf({ 'barley-syrup': 300, 'brown-sugar': 300, egg: 200, butter: 90 });
    const made = card({ family: 'syrup-nut', lines: syrup, setC: 175 });
    expect(made.signs.join(' ')).toMatch(/Pull at .*Done at 93 to 96 °C/);
    const alone = card({ family: 'syrup-nut', lines: syrup, setC: 175 }, false);
    expect(alone.signs.join(' ')).not.toMatch(/Pull at/);
    expect(alone.signs.join(' ')).toMatch(/Done at 93 to 96 °C/);
  });

  it('carries every caution, allergens first', () => {
    const { cautions } = card();
    expect(cautions[0]).toMatch(/^Contains .*egg/i);
    expect(cautions.at(-1)).toMatch(/57 to 21 °C .* 5 °C .*local food code comes first/);
  });

  it('is in the degrees of the cook, wherever one stands', () => {
    const printed = card({}, true, wordsIn({ ...METRIC, degrees: 'F' }));
    expect(figure(printed, 'Oven')).toMatch(/^set 302 °F, still\. It runs 7 °F cool/);
    expect(figure(printed, 'Pour at')).toBe('68 °F');
    expect(printed.cautions.at(-1)).toMatch(/135 to 70 °F .* 41 °F/);
    expect(JSON.stringify(printed)).not.toMatch(/°C/);
  });

  it('says how the shell is baked, stage by stage, or that it is not', () => {
    expect(card().shell).toEqual([
      { label: 'Rest', value: '30 min' },
      {
        label: 'Bake',
        value:
          '20 min at 190 °C, with dried beans in, then 12 min at 180 °C, empty, out of the ring, until golden. Seal with egg wash, baked on.',
      },
    ]);
    expect(card({ shellBake: { ...base.shellBake, raw: true } }).shell).toEqual([
      { label: 'Bake', value: 'filled raw: it bakes with the filling' },
    ]);
    expect(card({ shell: 'none' }).shell).toEqual([]);
  });

  // A bought shell is not rolled, and pressed dough is pressed.
  it('rolls only what is rolled', () => {
    const labels = (change: Partial<CardOf['formula']>) =>
      card(change).figures.map(({ label }) => label);
    expect(labels({ shell: 'pie-dough' })).toContain('Roll');
    expect(labels({ shell: 'pressed-dough' })).toContain('Press in');
    expect(labels({ shell: 'pressed-dough' })).not.toContain('Roll');
    expect(labels({ shell: 'crumb-shell' })).not.toContain('Roll');
    const bought = part({ kind: 'bought-shell', place: 'shell', lines: [] });
    expect(labels({ parts: [bought] })).not.toContain('Roll');
  });

  it('counts what is counted, and weighs what does not come out even', () => {
    const yolks: Line[] = [{ id: 'y', ingredientId: 'egg-yolk', amount: 6, unit: 'piece' }];
    const rowOf = (lines: Line[]) => card({ lines }).lists[0]!.rows[0]!;
    expect(rowOf(yolks).amount).toBe('6');
    const leaves: Line[] = [{ id: 'l', ingredientId: 'gelatine-leaf', amount: 5.5, unit: 'piece' }];
    expect(rowOf(leaves)).toMatchObject({ amount: '5.5', name: expect.stringMatching(/, 11 g$/) });
    expect(rowOf([{ ...leaves[0]!, amount: 5.3 }]).amount).toBe('11 g');
  });

  it('holds the batch against the tins', () => {
    // Two such tins take 2 × 1.1 kg and more; the list makes 840 g.
    expect(figure(card(), 'Batch')).toMatch(/^\d+ g in each fills \d+ of \d+ mm: \d+ g short/);
  });

  it('measures for who measures, and says whose card it is', () => {
    const made = card({}, true, wordsIn({ degrees: 'gas', lengths: 'in', weights: 'cups' }));
    const cream = made.lists[0]!.rows.find(({ name }) => name.includes('ream'))!;
    expect(cream.amount).toMatch(/^1 [\d/]+ cups/);
    expect(figure(made, 'Roll')).toMatch(/^12 5\/8 in at 1\/8 in/);
    expect(made.stamp).toBe('Lantern Row, version 3, printed 30 Nov 2026');
  });
});
