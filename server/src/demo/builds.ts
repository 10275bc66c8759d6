import {
  PLAIN_OVEN_USE,
  PLAIN_SHELL_BAKE,
  type FormulaData,
  type OvenUse,
} from '@hollow-moon/contract';
import { demoId } from './kitchen';
import { FORMULA, listed } from './list';

type Part = FormulaData['parts'][number];

/** An hour in the room, then cold: common practice for what is eaten the same day. */
const RACK_THEN_FRIDGE: OvenUse['out'] = [
  { atMin: 0, place: 'rack' },
  { atMin: 60, place: 'fridge' },
];

type Build = Partial<
  Pick<FormulaData, 'parts' | 'portionsEach' | 'lossShare' | 'bath' | 'ovenUse' | 'shellBake'>
>;

const part = (
  formula: number,
  place: number,
  given: Pick<Part, 'name' | 'kind' | 'place'> & Partial<Part>,
): Part => ({
  id: demoId(60 + formula, place),
  lines: [],
  formulaId: null,
  eachG: null,
  vessels: null,
  bakesAlong: false,
  ...given,
});

const rye = (formula: number): Part =>
  part(formula, 1, {
    name: 'Rye shell',
    kind: 'sweet-dough',
    place: 'shell',
    formulaId: FORMULA.ryeDough,
  });
const flaky = (formula: number): Part =>
  part(formula, 1, {
    name: 'Pie shell',
    kind: 'pie-dough',
    place: 'shell',
    formulaId: FORMULA.flakyDough,
  });

/** What each formula is built of beside its filling, and how it is served. */
export const BUILDS: Readonly<Record<string, Build>> = {
  [FORMULA.bay]: {
    lossShare: 0.02,
    parts: [
      rye(1),
      part(1, 2, {
        name: 'Egg-wash seal',
        kind: 'seal',
        place: 'under',
        lines: listed(1, [['egg-yolk', 12, 'g', 'with a drop of cream']], 101),
        eachG: 8,
      }),
    ],
  },
  [FORMULA.milkPie]: {
    parts: [flaky(2)],
    lossShare: 0.02,
    ovenUse: { ...PLAIN_OVEN_USE, out: RACK_THEN_FRIDGE },
    shellBake: { ...PLAIN_SHELL_BAKE, weights: 'beans', seal: 'egg-wash', keptC: 4 },
  },
  [FORMULA.buckwheat]: {
    portionsEach: 1,
    lossShare: 0.03,
    ovenUse: { ...PLAIN_OVEN_USE, out: RACK_THEN_FRIDGE },
  },
  [FORMULA.bergamot]: {
    parts: [
      rye(4),
      part(4, 2, {
        name: 'Peel glaze',
        kind: 'glaze',
        place: 'over',
        lines: listed(
          4,
          [
            ['apricot-jam', 60, 'g'],
            ['water', 20, 'g'],
          ],
          101,
        ),
        eachG: 40,
      }),
    ],
    portionsEach: 10,
    lossShare: 0.04,
  },
  [FORMULA.malted]: {
    parts: [
      rye(5),
      part(5, 2, {
        name: 'Roasted grapes',
        kind: 'fruit-and-nuts',
        place: 'over',
        lines: listed(
          5,
          [
            ['grapes', 320, 'g', 'roasted, cold'],
            ['honey', 15, 'g'],
          ],
          101,
        ),
      }),
    ],
    lossShare: 0.05,
  },
  [FORMULA.parsnip]: {
    parts: [flaky(6)],
    lossShare: 0.03,
    // A raw shell wants a hot start and heat from below.
    ovenUse: {
      ...PLAIN_OVEN_USE,
      standing: 'hot-tray',
      steps: [{ atMin: 15, to: 170 }],
    },
    shellBake: { ...PLAIN_SHELL_BAKE, raw: true },
  },
  [FORMULA.barley]: {
    parts: [flaky(7)],
    portionsEach: 10,
    lossShare: 0.02,
  },
  [FORMULA.plum]: {
    parts: [
      rye(8),
      part(8, 2, {
        name: 'Plum halves',
        kind: 'fruit-and-nuts',
        place: 'over',
        lines: listed(8, [['plums', 400, 'g', 'halved, cut side up']], 101),
        bakesAlong: true,
      }),
    ],
    lossShare: 0.03,
    shellBake: { ...PLAIN_SHELL_BAKE, raw: true, docked: true },
  },
  [FORMULA.fig]: {
    parts: [rye(9)],
    portionsEach: 10,
    lossShare: 0.03,
    ovenUse: {
      ...PLAIN_OVEN_USE,
      out: [
        { atMin: 0, place: 'oven-shut' },
        { atMin: 60, place: 'rack' },
        { atMin: 120, place: 'fridge' },
      ],
    },
  },
  [FORMULA.gooseberry]: {
    parts: [flaky(17)],
    shellBake: { ...PLAIN_SHELL_BAKE, raw: true },
    portionsEach: 8,
  },
  [FORMULA.greengage]: {
    parts: [
      part(10, 1, {
        name: 'Greengages',
        kind: 'fruit-and-nuts',
        place: 'under',
        lines: listed(10, [['greengages', 450, 'g', 'stoned']], 101),
      }),
    ],
    lossShare: 0.02,
  },
  [FORMULA.seaBuckthorn]: {
    parts: [
      part(11, 1, {
        name: 'Ginger crumbs',
        kind: 'crumb-shell',
        place: 'shell',
        lines: listed(
          11,
          [
            ['ginger-biscuits', 170, 'g', 'ground fine'],
            ['butter', 75, 'g', 'melted'],
          ],
          101,
        ),
      }),
      part(11, 2, {
        name: 'Rosettes',
        kind: 'whipped-cream',
        place: 'over',
        lines: listed(
          11,
          [
            ['cream', 150, 'g'],
            ['icing-sugar', 12, 'g'],
          ],
          201,
        ),
      }),
    ],
    portionsEach: 10,
    lossShare: 0.03,
  },
  [FORMULA.passionFruit]: {
    parts: [
      rye(12),
      part(12, 2, {
        name: 'Cooked meringue',
        kind: 'meringue-italian',
        place: 'over',
        lines: listed(
          12,
          [
            ['egg-white', 4, 'piece'],
            ['sugar', 240, 'g'],
            ['water', 75, 'g'],
          ],
          101,
        ),
        eachG: 55,
      }),
    ],
    portionsEach: 1,
    lossShare: 0.04,
  },
  [FORMULA.toastedRice]: {
    parts: [
      part(13, 1, {
        name: 'Amber caramel',
        kind: 'caramel',
        place: 'under',
        lines: listed(
          13,
          [
            ['sugar', 150, 'g'],
            ['water', 50, 'g'],
          ],
          101,
        ),
        eachG: 15,
      }),
    ],
    // Half-way up nine pots, in the roasting pan.
    bath: { panLengthMm: 380, panBreadthMm: 280, levelMm: 21, waterC: 80 },
    portionsEach: 1,
    lossShare: 0.03,
  },
  [FORMULA.blackTea]: {
    parts: [
      part(14, 1, {
        name: 'Sesame brittle',
        kind: 'praline',
        place: 'apart',
        lines: listed(
          14,
          [
            ['sugar', 70, 'g'],
            ['sesame', 70, 'g', 'toasted'],
          ],
          101,
        ),
        vessels: 3,
      }),
    ],
    portionsEach: 1,
    lossShare: 0.03,
  },
};
